<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, api } from '../api/client'
import { keys, outdate, usePeople, useTemplates } from '../api/queries'
import { provideCitations } from '../citations/useCitations'
import type { Minutes } from '../api/types'
import { folioAddress } from '../shared/folioNumbers'
import { useKeyHelp, usePageKeys } from '../shared/keys'
import { useNotices } from '../shared/notices'
import GutterBeam from './GutterBeam.vue'
import type { Lamp } from './lighting'
import MinutesPane from './MinutesPane.vue'
import ReviewBar from './ReviewBar.vue'
import { REVIEW_KEYS, reviewKeys } from './reviewKeys'
import SignOff from './SignOff.vue'
import SourcePane from './SourcePane.vue'
import { useDraft } from './useDraft'
import { useDraftLive } from './useDraftLive'
import { useReview } from './useReview'
import { type View, viewNamed, viewsOf } from './views'

/** The spread of a draft, or of a folio that is amended. */
const props = defineProps<{ opened: Minutes }>()

const route = useRoute()
const router = useRouter()
const { say, attempt } = useNotices()
const draft = useDraft(props.opened)
provideCitations(ref(props.opened.meeting.id))
useDraftLive(draft)
const { data: people } = usePeople()
const { data: templates } = useTemplates()

const lamp = ref<Lamp>({ on: 'nothing' })
const signing = ref(false)
const pages = ref<HTMLElement>()
const source = ref<InstanceType<typeof SourcePane>>()
const pane = ref<InstanceType<typeof MinutesPane>>()

const review = useReview(draft, lamp, {
  focusLine: (id) => void pane.value?.focusLine(id),
  selectedWords: () => source.value?.selection() ?? [],
})

const views = computed(() => viewsOf(draft.minutes.value.sources))
const view = computed<View>({
  get: () => viewNamed(route.query.view, views.value),
  set: (to) => void router.replace({ query: to === 'both' ? {} : { view: to } }),
})

function nextView() {
  view.value = views.value[(views.value.indexOf(view.value) + 1) % views.value.length] ?? 'both'
}

/** What is still in pencil is shown first. */
async function file() {
  const { filing } = draft.minutes.value
  if (filing) await attempt(leave(filing.folio))
  else if (draft.meter.value.pencil > 0) signing.value = true
  else await attempt(fileNow())
}

async function leave(folio: number) {
  await draft.idle()
  await outdate(keys.folio, keys.ledger)
  await router.push(folioAddress(folio))
}

async function fileNow() {
  const { id } = draft.minutes.value
  const folio = await draft.file()
  await router.push(folioAddress(folio))
  say(`Filed as folio ${folio}.`, { undo: () => void attempt(takeBack(folio, id)) })
}

async function takeBack(folio: number, minutesId: string) {
  await answer(api.DELETE('/api/folios/{number}', { params: { path: { number: folio } } }))
  await outdate(keys.day, keys.ledger, keys.minutes)
  await router.push(`/minutes/${minutesId}`)
}

async function inkAndFile() {
  signing.value = false
  review.inkLines(draft.lines.value)
  await attempt(fileNow())
}

/** What nobody confirmed is struck, and can be found there. */
async function fileInk() {
  signing.value = false
  review.strikeLines(draft.pencil.value)
  await attempt(fileNow())
}

async function undo() {
  await attempt(
    draft.history.undo().then((label) => {
      if (label) say(`Undone: ${label}.`)
    }),
  )
}

async function redo() {
  await attempt(
    draft.history.redo().then((label) => {
      if (label) say(`Done again: ${label}.`)
    }),
  )
}

function toggle(what: 'struck' | 'possible') {
  const shown = what === 'struck' ? draft.showStruck : draft.showPossible
  shown.value = !shown.value
}

useKeyHelp('Review', REVIEW_KEYS)
usePageKeys(
  reviewKeys({
    ...review,
    inkAll: () => review.inkLines(draft.lines.value),
    undo: () => void undo(),
    redo: () => void redo(),
    leave: () => (lamp.value = { on: 'nothing' }),
    onLine: (act) => review.selected.value && act(review.selected.value),
    takeTool: (tool) => pane.value?.takeTool(tool),
    callRoll: () => pane.value?.callRoll(),
    findInSource: () => source.value?.find(),
    toggle,
    nextView,
    file: () => void file(),
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
      v-model:view="view"
      :draft="draft"
      :views="views"
      :templates="templates ?? []"
      @ink-all="review.inkLines(draft.lines.value)"
      @toggle="toggle"
      @file="file"
      @add="review.compose"
      @undo="undo"
      @redo="redo"
      @template="(name, detail) => attempt(draft.useTemplate(name, detail))"
    />
    <div ref="pages" class="pages" :class="view">
      <SourcePane
        v-if="view !== 'minutes'"
        ref="source"
        :sources="draft.minutes.value.sources"
        :lines="draft.lines.value"
        :lamp="lamp"
        :notes-only="view === 'notes' || view === 'beside'"
        @light="(sourceId, passage) => (lamp = { on: 'passage', sourceId, passage })"
        @done="review.selected.value && pane?.focusLine(review.selected.value.id)"
      />
      <div v-if="view === 'both' || view === 'beside'" class="gutter" data-gutter />
      <MinutesPane
        v-if="view !== 'source' && view !== 'notes'"
        ref="pane"
        :minutes="draft.minutes.value"
        :sections="draft.sections.value"
        :reading="draft.reading.value"
        :lamp="lamp"
        :people="people ?? []"
        :editing-id="review.editing.value?.id ?? null"
        :composing="review.composing.value"
        :clashes="draft.clashes.value"
        @select="review.select"
        @edit="review.edit"
        @ink="review.ink"
        @strike="review.strike"
        @join="review.join"
        @shift="review.shift"
        @split="review.split"
        @change="draft.change"
        @typing="draft.typing"
        @edited="review.edited"
        @abandoned="review.abandoned"
        @settled="(line) => draft.clashes.value.delete(line.id)"
        @ink-lines="review.inkLines"
        @composed="review.composed"
        @discarded="review.composing.value = null"
        @present="(attendee, present) => attempt(draft.setPresent(attendee, present))"
      />
      <GutterBeam v-if="pages && (view === 'both' || view === 'beside')" :pages="pages" />
    </div>
    <SignOff
      v-if="signing"
      :pencil="draft.pencil.value"
      :ink="draft.meter.value.ink"
      @close="signing = false"
      @go-to="
        (line) => {
          signing = false
          review.goTo(line)
        }
      "
      @ink-and-file="inkAndFile"
      @file-ink="fileInk"
    />
  </div>
</template>

<style src="./spread.css" scoped></style>
