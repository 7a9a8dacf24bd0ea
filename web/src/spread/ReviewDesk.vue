<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { messageOf } from '../api/problem'
import { usePeople, useTemplates } from '../api/queries'
import type { Basis, Line, LineFacts, LineKind, Minutes } from '../api/types'
import { folioAddress } from '../shared/folioNumbers'
import { useKeyHelp, usePageKeys } from '../shared/keys'
import { useNotices } from '../shared/notices'
import GutterBeam from './GutterBeam.vue'
import type { Lamp } from './lighting'
import MinutesPane from './MinutesPane.vue'
import ReviewBar from './ReviewBar.vue'
import { REVIEW_KEYS, reviewKeys } from './reviewKeys'
import SourcePane from './SourcePane.vue'
import { factsOf, useDraft } from './useDraft'

const props = defineProps<{ opened: Minutes }>()

const router = useRouter()
const { say } = useNotices()
const draft = useDraft(props.opened)
const { data: people } = usePeople()
const { data: templates } = useTemplates()

const lamp = ref<Lamp>({ on: 'nothing' })
const editing = ref<{ id: string; before: LineFacts } | null>(null)
const composing = ref<{
  after: string | null
  kind: LineKind
  text: string
  evidence: Basis[]
} | null>(null)
const filing = ref(false)
const pages = ref<HTMLElement>()
const source = ref<InstanceType<typeof SourcePane>>()
const pane = ref<InstanceType<typeof MinutesPane>>()

const selected = computed(() => {
  const at = lamp.value
  return at.on === 'line' ? draft.lines.value.find((line) => line.id === at.lineId) : undefined
})

function select(line: Line) {
  lamp.value = { on: 'line', lineId: line.id }
}

/** Moves on from the selected line; from nothing, to the first or the last. */
function move(by: 1 | -1) {
  const all = draft.reading.value
  const at = all.findIndex((line) => line.id === selected.value?.id)
  const to = at < 0 ? (by > 0 ? 0 : all.length - 1) : at + by
  const line = all[Math.min(Math.max(to, 0), all.length - 1)]
  if (!line) return
  select(line)
  void pane.value?.focusLine(line.id)
}

function ink(line: Line) {
  if (line.state === 'PENCIL') draft.change(line, 'inking', { state: 'INK' })
  else if (line.state === 'POSSIBLE') draft.change(line, 'taking', { state: 'INK' })
  move(1)
}

function strike(line: Line) {
  const restored = line.state === 'STRUCK'
  const next = draft.reading.value[draft.reading.value.indexOf(line) + 1]
  const act = restored ? 'restoring' : line.state === 'POSSIBLE' ? 'dismissing' : 'striking'
  draft.change(line, act, { state: restored ? 'INK' : 'STRUCK' })
  if (!restored && !draft.showStruck.value && next) {
    select(next)
    void pane.value?.focusLine(next.id)
  }
}

function edit(line: Line) {
  select(line)
  editing.value = { id: line.id, before: factsOf(line) }
}

function edited(line: Line, text: string) {
  if (!editing.value) return
  const { before } = editing.value
  editing.value = null
  if (text !== line.text) draft.typing(line, text)
  draft.typed(line.id, before)
  void pane.value?.focusLine(line.id)
}

/** Escape brings back what stood before, also where a pause has stored something else. */
function abandoned(line: Line) {
  if (!editing.value) return
  const { before } = editing.value
  editing.value = null
  if (line.text !== before.text) draft.change(line, 'editing', before)
  void pane.value?.focusLine(line.id)
}

function compose() {
  const evidence = source.value?.selection() ?? []
  const kind = selected.value && selected.value.kind !== 'SUMMARY' ? selected.value.kind : 'POINT'
  composing.value = {
    after: selected.value?.id ?? null,
    kind,
    text: evidence[0]?.quote ?? '',
    evidence,
  }
}

async function composed(text: string) {
  const { kind, after, evidence } = composing.value ?? { kind: 'POINT', after: null, evidence: [] }
  composing.value = null
  try {
    const line = await draft.add(kind, text, after, evidence)
    select(line)
    await pane.value?.focusLine(line.id)
  } catch (thrown) {
    // What was typed comes back into its field, to be tried again.
    composing.value = { kind, after, evidence, text }
    say(messageOf(thrown), { failed: true })
  }
}

async function attempt(act: () => Promise<unknown>) {
  try {
    await act()
  } catch (thrown) {
    say(messageOf(thrown), { failed: true })
  }
}

async function file() {
  const pencil = draft.reading.value.find((line) => line.state === 'PENCIL')
  if (pencil) {
    select(pencil)
    void pane.value?.focusLine(pencil.id)
    say('Lines are still in pencil: ink or strike them, then file. The first one is selected.')
    return
  }
  filing.value = true
  await attempt(async () => {
    const folio = await draft.file()
    await router.push(folioAddress(folio))
  })
  filing.value = false
}

function undo() {
  const act = draft.history.undo()
  if (act) say(`Undone: ${act.label}.`)
}

function redo() {
  const act = draft.history.redo()
  if (act) say(`Done again: ${act.label}.`)
}

useKeyHelp('Review', REVIEW_KEYS)
usePageKeys(
  reviewKeys({
    move,
    undo,
    redo,
    compose,
    leave: () => (lamp.value = { on: 'nothing' }),
    onLine: (act) => selected.value && act(selected.value),
    ink,
    edit,
    strike,
    takeTool: (tool) => pane.value?.takeTool(tool),
  }),
)

function warn(event: BeforeUnloadEvent) {
  if (draft.isWaiting.value) event.preventDefault()
}
onMounted(() => addEventListener('beforeunload', warn))
onBeforeUnmount(() => removeEventListener('beforeunload', warn))
</script>

<template>
  <div class="spread">
    <ReviewBar
      :draft="draft"
      :templates="templates ?? []"
      :filing="filing"
      @ink-all="draft.inkAll()"
      @struck="draft.showStruck.value = !draft.showStruck.value"
      @file="file"
      @add="compose"
      @undo="undo"
      @redo="redo"
      @possible="draft.showPossible.value = !draft.showPossible.value"
      @template="(name, detail) => attempt(() => draft.useTemplate(name, detail))"
    />
    <div ref="pages" class="pages">
      <SourcePane
        ref="source"
        :sources="draft.minutes.value.sources"
        :lines="draft.lines.value"
        :lamp="lamp"
        @light="(sourceId, passage) => (lamp = { on: 'passage', sourceId, passage })"
      />
      <div class="gutter" data-gutter />
      <MinutesPane
        ref="pane"
        :minutes="draft.minutes.value"
        :sections="draft.sections.value"
        :reading="draft.reading.value"
        :lamp="lamp"
        :people="people ?? []"
        :editing-id="editing?.id ?? null"
        :composing="composing"
        :clashes="draft.clashes.value"
        @select="select"
        @edit="edit"
        @ink="ink"
        @strike="strike"
        @change="draft.change"
        @typing="draft.typing"
        @edited="edited"
        @abandoned="abandoned"
        @settled="(line) => draft.clashes.value.delete(line.id)"
        @composed="composed"
        @discarded="composing = null"
        @present="(attendee, present) => attempt(() => draft.setPresent(attendee, present))"
      />
      <GutterBeam v-if="pages" :lamp="lamp" :pages="pages" />
    </div>
  </div>
</template>

<style src="./spread.css" scoped></style>
