import { computed, ref, type Ref } from 'vue'
import { messageOf } from '../api/problem'
import type { Basis, Line, LineFacts, LineKind } from '../api/types'
import { useNotices } from '../shared/notices'
import type { Lamp } from './lighting'
import { factsOf, joined, moved, nextInSection, sectionOf, splitAt } from './lineFacts'
import type { Draft } from './useDraft'

/** A line being written: below which line, as what, out of which words. */
export interface Composing {
  after: string | null
  kind: LineKind
  text: string
  evidence: Basis[]
}

/** Where the page and the source are, for what a reviewer does. */
interface Places {
  focusLine: (id: string) => void
  selectedWords: () => Basis[]
}

/** What a reviewer does with the lines of a draft. */
export function useReview(draft: Draft, lamp: Ref<Lamp>, places: Places) {
  const { say } = useNotices()
  const editing = ref<{ id: string; before: LineFacts } | null>(null)
  const composing = ref<Composing | null>(null)

  const selected = computed(() => {
    const at = lamp.value
    return at.on === 'line' ? draft.lines.value.find((line) => line.id === at.lineId) : undefined
  })

  function select(line: Line) {
    lamp.value = { on: 'line', lineId: line.id }
  }

  function goTo(line: Line) {
    select(line)
    places.focusLine(line.id)
  }

  /** Moves on from the selected line; from nothing, to the first or the last. */
  function move(by: 1 | -1) {
    const all = draft.reading.value
    const at = all.findIndex((line) => line.id === selected.value?.id)
    const to = at < 0 ? (by > 0 ? 0 : all.length - 1) : at + by
    const line = all[Math.min(Math.max(to, 0), all.length - 1)]
    if (line) goTo(line)
  }

  function ink(line: Line) {
    if (line.state === 'PENCIL') draft.ink([line])
    else if (line.state === 'POSSIBLE') draft.change(line, 'taking', { state: 'INK' })
    move(1)
  }

  function inkSection(line: Line) {
    const section = sectionOf(line, draft.sections.value)
    inkLines(section?.groups.flatMap((g) => g.lines) ?? [])
  }

  function inkLines(lines: Line[]) {
    const pencil = lines.filter((line) => line.state === 'PENCIL')
    if (pencil.length) draft.ink(pencil)
  }

  function strikeLines(lines: Line[]) {
    draft.changeAll(
      `striking ${lines.length} lines`,
      lines.map((line) => [line, { state: 'STRUCK' }]),
    )
  }

  function strike(line: Line) {
    const restored = line.state === 'STRUCK'
    const next = draft.reading.value[draft.reading.value.indexOf(line) + 1]
    const act = restored ? 'restoring' : line.state === 'POSSIBLE' ? 'dismissing' : 'striking'
    draft.change(line, act, { state: restored ? 'INK' : 'STRUCK' })
    if (!restored && !draft.showStruck.value && next) goTo(next)
  }

  function edit(line: Line) {
    select(line)
    draft.hold(line.id)
    editing.value = { id: line.id, before: factsOf(line) }
  }

  /** Ends the edit under way; the line as it stood before it. */
  function endEdit(line: Line): LineFacts | undefined {
    const before = editing.value?.before
    editing.value = null
    places.focusLine(line.id)
    return before
  }

  function edited(line: Line, text: string) {
    const before = endEdit(line)
    if (!before) return
    if (text !== line.text) draft.typing(line, text)
    draft.typed(line.id, before)
    draft.release()
  }

  /** Escape brings back what stood before, also where a pause has stored something else. */
  function abandoned(line: Line) {
    const before = endEdit(line)
    if (before && line.text !== before.text) draft.change(line, 'editing', before)
    draft.release()
  }

  async function split(line: Line, text: string, at: number) {
    const parts = splitAt(text, at)
    if (!parts) return
    const before = endEdit(line) ?? factsOf(line)
    try {
      goTo(await draft.split(line, before, parts))
    } catch (thrown) {
      // What was typed is kept as one line.
      draft.typing(line, text)
      say(`Not split. ${messageOf(thrown)}`, { failed: true })
    }
    draft.release()
  }

  function join(line: Line) {
    const next = nextInSection(line, draft.sections.value)
    if (!next || next.state === 'STRUCK' || line.kind !== next.kind) {
      say('There is no line below it in this section to join.')
      return
    }
    draft.changeAll('joining two lines', [
      [line, joined(line, next)],
      [next, { state: 'STRUCK' }],
    ])
    places.focusLine(line.id)
  }

  function shift(line: Line, by: 1 | -1) {
    const patch = moved(line, by, draft.sections.value)
    if (patch) draft.change(line, 'moving a line', { state: line.state, ...patch })
    places.focusLine(line.id)
  }

  function compose() {
    const evidence = places.selectedWords()
    const kind = selected.value && selected.value.kind !== 'SUMMARY' ? selected.value.kind : 'POINT'
    composing.value = {
      after: selected.value?.id ?? null,
      kind,
      text: evidence[0]?.quote ?? '',
      evidence,
    }
  }

  async function composed(text: string) {
    if (!composing.value) return
    const { kind, after, evidence } = composing.value
    composing.value = null
    const from = lamp.value
    try {
      const line = await draft.add(kind, text, after, evidence)
      // Whoever went on meanwhile is not called back.
      if (lamp.value === from) goTo(line)
    } catch (thrown) {
      // What was typed comes back into its field, to be tried again.
      composing.value = { kind, after, evidence, text }
      say(messageOf(thrown), { failed: true })
    }
  }

  return {
    editing,
    composing,
    selected,
    select,
    goTo,
    move,
    ink,
    inkSection,
    inkLines,
    strike,
    strikeLines,
    edit,
    edited,
    abandoned,
    split,
    join,
    shift,
    compose,
    composed,
  }
}
