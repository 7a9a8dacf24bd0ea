import { computed, ref, shallowRef } from 'vue'
import { answer, api, onVersion } from '../api/client'
import { messageOf } from '../api/problem'
import { keys, outdate } from '../api/queries'
import type { Attendee, Basis, Detail, Line, LineFacts, LineKind, Minutes } from '../api/types'
import { drafted } from '../shared/drafting'
import { counts } from '../shared/lineStates'
import { useNotices } from '../shared/notices'
import { inReadingOrder, sectionsOf } from '../shared/sections'
import { type Step, useHistory } from './lineHistory'
import { type Clash, useLineSaver } from './lineSaver'

/** All of a line that a person may set. */
export function factsOf(line: Line): LineFacts {
  const { kind, text, ownerId, due, state } = line
  return { kind, text, ownerId, due, state }
}

/** A draft under review: its lines, every change to them, and how far each change is saved. */
export function useDraft(opened: Minutes) {
  const { say } = useNotices()
  const minutes = shallowRef(opened)
  // A list of our own: what the query hands out cannot be written to.
  const lines = ref<Line[]>([...opened.lines])
  const clashes = ref(new Map<string, Clash>())
  const showStruck = ref(false)
  const showPossible = ref(false)
  const redrafting = ref('')

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
      void reload(id)
    },
  })
  opened.lines.forEach(saver.know)
  const history = useHistory((id, facts) => apply(id, facts))

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

  function put(line: Line) {
    const at = lines.value.findIndex((l) => l.id === line.id)
    if (at >= 0) lines.value.splice(at, 1, line)
  }

  async function reload(lineId: string) {
    const now = await answer(
      api.GET('/api/minutes/{id}', { params: { path: { id: minutes.value.id } } }),
    )
    const line = now.lines.find((l) => l.id === lineId)
    if (line) {
      saver.know(line)
      put(line)
    }
  }

  function apply(lineId: string, facts: LineFacts) {
    const line = lines.value.find((l) => l.id === lineId)
    if (!line) return
    put({ ...line, ...facts })
    saver.save(lineId, facts)
  }

  function step(line: Line, patch: Partial<LineFacts>): Step {
    const before = factsOf(line)
    return { lineId: line.id, before, after: { ...before, ...patch } }
  }

  /** Changes a line; whoever corrects a line has confirmed it, so it is in ink from then on. */
  function change(line: Line, label: string, patch: Partial<LineFacts>) {
    const made = step(line, { state: 'INK', ...patch })
    clashes.value.delete(line.id)
    apply(line.id, made.after)
    history.record({ label, steps: [made] })
  }

  /** Stores words as they are being typed, without an act of their own in the history. */
  function typing(line: Line, text: string) {
    apply(line.id, { ...factsOf(line), text, state: 'INK' })
  }

  /** One act in the history for all that was typed since `before`. */
  function typed(lineId: string, before: LineFacts) {
    const line = lines.value.find((l) => l.id === lineId)
    if (!line) return
    const after = factsOf(line)
    if (JSON.stringify(after) !== JSON.stringify(before)) {
      history.record({ label: 'editing', steps: [{ lineId, before, after }] })
    }
  }

  async function add(kind: LineKind, text: string, after: string | null, evidence: Basis[]) {
    const facts: LineFacts = { kind, text, ownerId: null, due: null, state: 'INK' }
    const line = await answer(
      api.POST('/api/minutes/{id}/lines', {
        params: { path: { id: minutes.value.id } },
        body: { facts, after, evidence },
      }),
    )
    saver.know(line)
    lines.value = [...lines.value, line].sort((a, b) => a.position - b.position)
    history.record({
      label: 'adding a line',
      steps: [{ lineId: line.id, before: { ...facts, state: 'STRUCK' }, after: facts }],
    })
    return line
  }

  function inkAll() {
    const pencil = lines.value.filter((line) => line.state === 'PENCIL')
    const steps = pencil.map((line) => step(line, { state: 'INK' }))
    steps.forEach((s) => apply(s.lineId, s.after))
    history.record({ label: `inking ${pencil.length} lines`, steps })
  }

  async function setPresent(attendee: Attendee, present: boolean) {
    const changed = await answer(
      api.PUT('/api/attendance/{id}', {
        params: { path: { id: attendee.id }, header: onVersion(attendee.version) },
        body: { present },
      }),
    )
    minutes.value = {
      ...minutes.value,
      attendance: minutes.value.attendance.map((a) => (a.id === changed.id ? changed : a)),
    }
  }

  /** Another form or another share of the talk: what nobody has touched is drafted anew, in the background. */
  async function useTemplate(template: string, detail: Detail | null) {
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
      const changed = await answer(api.GET('/api/minutes/{id}', { params: { path } }))
      minutes.value = changed
      lines.value = [...changed.lines]
      changed.lines.forEach(saver.know)
    } finally {
      redrafting.value = ''
    }
  }

  /** Files the draft; the number of the folio it became. */
  async function file(): Promise<number> {
    await saver.idle()
    const filed = await answer(
      api.POST('/api/minutes/{id}/folio', { params: { path: { id: minutes.value.id } } }),
    )
    await outdate(keys.day, keys.ledger, keys.minutes)
    return filed.filing?.folio ?? 0
  }

  return {
    minutes,
    lines,
    sections,
    reading,
    meter,
    struck,
    showStruck,
    possible,
    showPossible,
    clashes,
    saving: saver.state,
    savedAt: saver.savedAt,
    isWaiting: saver.isWaiting,
    history,
    change,
    typing,
    typed,
    add,
    inkAll,
    setPresent,
    useTemplate,
    redrafting,
    file,
  }
}

export type Draft = ReturnType<typeof useDraft>
