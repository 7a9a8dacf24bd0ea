import { computed, ref, shallowRef } from 'vue'
import { answer, api, onVersion } from '../api/client'
import { messageOf } from '../api/problem'
import { keys, outdate } from '../api/queries'
import type { Attendee, Basis, Detail, Line, LineFacts, LineKind, Minutes } from '../api/types'
import { drafted } from '../shared/drafting'
import { counts } from '../shared/lineStates'
import { useNotices } from '../shared/notices'
import { inReadingOrder, sectionsOf } from '../shared/sections'
import { agrees, factsOf, isSameLine, type Patch, placeBelow } from './lineFacts'
import { useHistory } from './lineHistory'
import { type Clash, useLineSaver } from './lineSaver'

/** One line before and after a change, as far as it changed. */
interface Step {
  line: Line
  before: Patch
  after: Patch
}

/** Minutes under review: their lines, every change to them, and how far each change is saved. */
export function useDraft(opened: Minutes) {
  const { say } = useNotices()
  const minutes = shallowRef(opened)
  // Never changed in place, so that thousands of them need no watching one by one.
  const lines = shallowRef<Line[]>(opened.lines)
  const clashes = ref(new Map<string, Clash>())
  const showStruck = ref(false)
  const showPossible = ref(false)
  const redrafting = ref('')
  const filing = ref(false)
  /** The line somebody types in, and what others did to it meanwhile. */
  let held: { id: string; meanwhile: Line | null } | null = null

  const saver = useLineSaver({
    send: (id, version, body) =>
      answer(
        api.PUT('/api/lines/{id}', {
          params: { path: { id }, header: onVersion(version) },
          body,
        }),
      ),
    stored: put,
    clashed: (clash) => clashes.value.set(clash.theirs.id, clash),
    refused: (id, facts, problem) => {
      say(`Not saved: “${facts.text}”. ${messageOf(problem)}`, { failed: true })
      void refresh(id)
    },
  })
  opened.lines.forEach(saver.know)
  const history = useHistory()

  const shown = computed(() =>
    lines.value.filter(
      (line) =>
        (showStruck.value || line.state !== 'STRUCK') &&
        (showPossible.value || line.state !== 'POSSIBLE'),
    ),
  )
  const sections = computed(() => sectionsOf(minutes.value, shown.value))
  const reading = computed(() => inReadingOrder(sections.value))
  const meter = computed(() => {
    const counted = lines.value.filter(counts)
    const ink = counted.filter((line) => line.state === 'INK').length
    return { ink, pencil: counted.length - ink, all: counted.length }
  })
  const struck = computed(() => lines.value.filter((line) => line.state === 'STRUCK').length)
  const possible = computed(() => lines.value.filter((line) => line.state === 'POSSIBLE').length)
  /** What is still in pencil, in the order of the page. */
  const pencil = computed(() => reading.value.filter((line) => line.state === 'PENCIL'))

  function find(id: string) {
    return lines.value.find((line) => line.id === id)
  }

  function put(...changed: Line[]) {
    const ids = new Set(changed.map((line) => line.id))
    const others = lines.value.filter((line) => !ids.has(line.id))
    lines.value = [...others, ...changed].sort((a, b) => a.position - b.position)
  }

  /** Fetches what stands on the server; what is being sent or typed here stays as it is here. */
  async function refresh(resetId?: string) {
    const path = { id: minutes.value.id }
    const now = await answer(api.GET('/api/minutes/{id}', { params: { path } }))
    minutes.value = now
    const kept = new Set(now.lines.map((line) => line.id))
    lines.value = lines.value.filter((line) => kept.has(line.id))
    const reset = now.lines.filter((line) => line.id === resetId)
    reset.forEach(saver.know)
    put(...reset, ...now.lines.filter((line) => line.id !== resetId && takesIn(line)))
  }

  /** Somebody changed a line. Where it is being changed here too, the two meet when ours is sent. */
  function hear(line: Line) {
    if (takesIn(line)) put(line)
  }

  function takesIn(line: Line): boolean {
    if (saver.isWaitingFor(line.id) || line.version < saver.versionOf(line.id)) return false
    if (held?.id === line.id) {
      held.meanwhile = line
      return false
    }
    saver.know(line)
    const clash = clashes.value.get(line.id)
    if (clash) clashes.value.set(line.id, { ...clash, theirs: line })
    return true
  }

  /** From now on a line's words are typed here: what others do to it is not taken in until `release`. */
  function hold(id: string) {
    held = { id, meanwhile: null }
  }

  function release() {
    const meanwhile = held?.meanwhile
    held = null
    if (meanwhile) hear(meanwhile)
  }

  function apply(lineId: string, patch: Patch) {
    const line = find(lineId)
    if (!line) return
    const changed = { ...line, ...patch } as Line
    put(changed)
    saver.save(lineId, factsOf(changed))
  }

  function step(line: Line, after: Patch): Step {
    const before = Object.fromEntries(
      Object.keys(after).map((key) => [key, factsOf(line)[key as keyof LineFacts]]),
    )
    return { line, before, after }
  }

  /** Turns a line from one standing to another; where somebody else changed it since, both versions are shown. */
  function turn(line: Line, from: Patch, to: Patch) {
    const now = find(line.id) ?? lines.value.find((l) => isSameLine(l, line))
    if (!now) return
    if (agrees(now, from)) apply(now.id, to)
    else clashes.value.set(now.id, { mine: { ...factsOf(now), ...to }, theirs: now })
  }

  function record(label: string, steps: Step[]) {
    if (steps.length === 0) return
    history.record({
      label,
      undo: () => steps.forEach((s) => turn(s.line, s.after, s.before)),
      redo: () => steps.forEach((s) => turn(s.line, s.before, s.after)),
    })
  }

  /** Changes lines in one act; whoever corrects a line has confirmed it, so it is in ink from then on. */
  function changeAll(label: string, changes: [Line, Patch][]) {
    const steps = changes.map(([line, patch]) => step(line, { state: 'INK', ...patch }))
    for (const made of steps) {
      clashes.value.delete(made.line.id)
      apply(made.line.id, made.after)
    }
    record(label, steps)
  }

  function change(line: Line, label: string, patch: Patch) {
    changeAll(label, [[line, patch]])
  }

  /** Stores words as they are being typed, without an act of their own in the history. */
  function typing(line: Line, text: string) {
    apply(line.id, { text, state: 'INK' })
  }

  /** One act in the history for all that was typed since `before`. */
  function typed(lineId: string, before: LineFacts) {
    const line = find(lineId)
    if (!line || agrees(line, before)) return
    const { text, state } = before
    const after = { text: line.text, state: line.state }
    record('editing', [{ line, before: { text, state }, after }])
  }

  async function write(facts: LineFacts, after: string | null): Promise<Line> {
    const line = await answer(
      api.POST('/api/minutes/{id}/lines', {
        params: { path: { id: minutes.value.id } },
        body: { facts, after, evidence: facts.evidence ?? [] },
      }),
    )
    saver.know(line)
    put(line)
    return line
  }

  /** A new line is undone by striking it. */
  const added = (line: Line): Step => ({
    line,
    before: { state: 'STRUCK' },
    after: { state: 'INK' },
  })

  async function add(kind: LineKind, text: string, after: string | null, evidence: Basis[]) {
    const place = { position: null, topic: null }
    const facts: LineFacts = {
      kind,
      text,
      ownerId: null,
      due: null,
      state: 'INK',
      evidence,
      ...place,
    }
    const line = await write(facts, after)
    record('adding a line', [added(line)])
    return line
  }

  /** Makes two lines of one; both rest on what the one rested on. */
  async function split(line: Line, before: LineFacts, [first, second]: [string, string]) {
    const position = placeBelow(line, lines.value)
    const now = factsOf(line)
    const other = await write({ ...now, text: second, state: 'INK', position }, line.id)
    apply(line.id, { text: first, state: 'INK' })
    const { text, state } = before
    const shorter = { line, before: { text, state }, after: { text: first, state: 'INK' as const } }
    record('splitting a line', [shorter, added(other)])
    return other
  }

  function ink(pencilled: Line[]) {
    const n = pencilled.length
    changeAll(
      n === 1 ? 'inking' : `inking ${n} lines`,
      pencilled.map((line) => [line, {}]),
    )
  }

  function putAttendee(changed: Attendee) {
    const attendance = minutes.value.attendance.map((a) =>
      a.id === changed.id && a.version <= changed.version ? changed : a,
    )
    minutes.value = { ...minutes.value, attendance }
  }

  async function mark(attendeeId: string, present: boolean | null) {
    const now = minutes.value.attendance.find((a) => a.id === attendeeId)
    if (!now) return
    const changed = await answer(
      api.PUT('/api/attendance/{id}', {
        params: { path: { id: attendeeId }, header: onVersion(now.version) },
        body: { present },
      }),
    )
    putAttendee(changed)
  }

  async function setPresent(attendee: Attendee, present: boolean) {
    await mark(attendee.id, present)
    history.record({
      label: `setting ${attendee.name} ${present ? 'present' : 'absent'}`,
      undo: () => mark(attendee.id, attendee.present),
      redo: () => mark(attendee.id, present),
    })
  }

  /** What nobody has touched is drafted anew, in the background. */
  async function redraft(template: string, detail: Detail | null) {
    if (redrafting.value) return
    redrafting.value = 'Drafting …'
    try {
      await saver.idle()
      const path = { id: minutes.value.id }
      const begun = await answer(
        api.PUT('/api/minutes/{id}/template', {
          params: { path, header: onVersion(minutes.value.version) },
          body: { template, detail },
        }),
      )
      await drafted(begun, (howFar) => (redrafting.value = howFar))
      await saver.idle()
      await refresh()
    } finally {
      redrafting.value = ''
    }
  }

  /** Another form or another share of the talk. */
  async function useTemplate(template: string, detail: Detail | null) {
    const { name, detail: before } = minutes.value.template
    await redraft(template, detail)
    const after = minutes.value.template.detail
    history.record({
      label: template === name ? 'changing the detail' : 'changing the template',
      undo: () => redraft(name, before),
      redo: () => redraft(template, after),
    })
  }

  /** Files the draft; the number of the folio it became. */
  async function file(): Promise<number> {
    filing.value = true
    try {
      await saver.idle()
      const path = { id: minutes.value.id }
      const filed = await answer(api.POST('/api/minutes/{id}/folio', { params: { path } }))
      await outdate(keys.day, keys.ledger, keys.minutes, keys.folio)
      return filed.filing?.folio ?? 0
    } finally {
      filing.value = false
    }
  }

  return {
    minutes,
    lines,
    sections,
    reading,
    meter,
    pencil,
    struck,
    showStruck,
    possible,
    showPossible,
    clashes,
    saving: saver.state,
    savedAt: saver.savedAt,
    isWaiting: saver.isWaiting,
    idle: saver.idle,
    history,
    hold,
    release,
    hear,
    hearAttendee: putAttendee,
    refresh,
    change,
    changeAll,
    typing,
    typed,
    add,
    split,
    ink,
    setPresent,
    useTemplate,
    redrafting,
    filing,
    file,
  }
}

export type Draft = ReturnType<typeof useDraft>
