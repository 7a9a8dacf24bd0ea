<script setup lang="ts">
import { computed, nextTick, ref } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api } from '../api/client'
import { messageOf } from '../api/problem'
import { keys, outdate, usePeople, useRemarks } from '../api/queries'
import type { Meeting, Session } from '../api/types'
import MarginNote from '../meeting/MarginNote.vue'
import MattersList from '../meeting/MattersList.vue'
import PromptList from '../meeting/PromptList.vue'
import { clockTime, longDay } from '../shared/dates'
import { drafted } from '../shared/drafting'
import { isModified, isTyping, useKeyHelp, usePageKeys } from '../shared/keys'
import FindingsSoFar from '../recorder/FindingsSoFar.vue'
import RecorderStrip from '../recorder/RecorderStrip.vue'
import { useSession } from '../signin/session'
import AgendaRail from './AgendaRail.vue'
import NoteRow from './NoteRow.vue'
import type { PageLine } from './noteLines'
import PenBar from './PenBar.vue'
import RemarkList from './RemarkList.vue'
import { useNotePage } from './useNotePage'
import { useTyping } from './useTyping'

const props = defineProps<{ meeting: Meeting; me: NonNullable<Session['member']> }>()

const router = useRouter()
const { writes } = useSession()
const { data: people } = usePeople()
const { data: remarks } = useRemarks(props.meeting.id)
const remarked = computed(() => new Set(remarks.value?.map((r) => r.line)))
const page = useNotePage(props.meeting.id, props.me, {
  matters: () => void outdate(keys.matters, keys.day),
  remarks: () => void outdate(keys.remarks, keys.day),
})
const { lines, below, pen, holdsPen, unsaved, trouble, closed, opened, savedAt } = page
const item = ref<number | null>(props.meeting.agenda.length ? 0 : null)
const rows = ref<InstanceType<typeof NoteRow>[]>([])
const busy = ref('')
const refused = ref('')

/** The lines one may type on: the page with the pen, one's own below the rule without. */
const mine = computed(() =>
  holdsPen.value ? lines.value : below.value.filter((l) => l.by.id === props.me.id),
)
const mineByName = computed(() => new Set(mine.value.map((l) => l.name)))
const editable = (line: PageLine) => !closed.value && mineByName.value.has(line.name)
const shown = computed(() => [...lines.value, ...below.value])
const counts = computed(() =>
  props.meeting.agenda.map((_, i) => lines.value.filter((l) => l.agendaItem === i).length),
)

/** The agenda's item whose first line this is. */
function heading(i: number): string | null {
  const line = lines.value[i]
  const before = lines.value[i - 1]
  if (!line || line.agendaItem === null || line.agendaItem === before?.agendaItem) return null
  return props.meeting.agenda[line.agendaItem] ?? null
}

async function focus(name: string | undefined, at: 'start' | 'end' = 'end') {
  await nextTick()
  const index = shown.value.findIndex((l) => l.name === name)
  rows.value.find((r) => r.$props.line.name === shown.value[index]?.name)?.focus(at)
}

const { start, enter, join, go, nest, paste } = useTyping(page, mine, item, focus)

/** The line one stands on belongs to the item that is talked about now. */
function choose(next: number | null) {
  item.value = next
  const here = mine.value.find((l) => l.name === focused.value)
  if (here) page.change(here.name, { agendaItem: next })
}
const focused = ref<string | null>(null)
const remarking = ref<string | null>(null)

function turn(step: 1 | -1) {
  const last = props.meeting.agenda.length - 1
  if (last >= 0) choose(Math.max(0, Math.min(last, (item.value ?? -1) + step)))
}

async function draft() {
  refused.value = ''
  busy.value = 'Saving …'
  try {
    await page.flush()
    if (unsaved.value.size) throw new Error('Some lines are not saved yet; draft once they are.')
    const begun = await answer(
      api.POST('/api/meetings/{id}/minutes', {
        params: { path: { id: props.meeting.id } },
        body: { template: null },
      }),
    )
    const minutesId = await drafted(begun, (howFar) => (busy.value = howFar))
    await outdate(keys.day, keys.meetings, keys.minutes, keys.tray)
    await router.push(`/minutes/${minutesId}`)
  } catch (thrown) {
    refused.value = messageOf(thrown)
  } finally {
    busy.value = ''
  }
}

useKeyHelp('Notes', [
  { keys: 'Enter', does: 'the next line' },
  { keys: 'Tab  Shift Tab', does: 'nest the line, take it out again' },
  { keys: '↑ ↓', does: 'the line above, the line below' },
  { keys: '→', does: 'at a line’s end: complete the name' },
  { keys: 'Alt ↑  Alt ↓', does: 'the agenda’s item before, the next one' },
  { keys: 'Esc', does: 'leave the lines, so that Tab moves on' },
  { keys: 'N', does: 'outside the lines: go on writing' },
])
usePageKeys((event) => {
  if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
    event.preventDefault()
    turn(event.key === 'ArrowUp' ? -1 : 1)
  } else if (
    event.key.toLowerCase() === 'n' &&
    writes.value &&
    !isModified(event) &&
    !isTyping(event)
  ) {
    event.preventDefault()
    void start()
  }
})
</script>

<template>
  <div class="capture">
    <header>
      <div>
        <h1>
          <RouterLink :to="`/meeting/${meeting.id}`">{{ meeting.title }}</RouterLink>
        </h1>
        <p class="small">
          {{ longDay(meeting.date) }}
          <template v-if="meeting.start">
            · {{ clockTime(meeting.start) }} {{ meeting.zone }}</template
          >
          <template v-if="meeting.location"> · {{ meeting.location }}</template>
        </p>
      </div>
      <p v-if="refused" class="red small" role="alert">{{ refused }}</p>
      <p v-else-if="busy" class="small" role="status">{{ busy }}</p>
      <button
        data-writes
        class="btn go"
        type="button"
        :disabled="busy !== '' || closed"
        @click="draft"
      >
        {{ meeting.hasMinutes ? 'Draft again' : 'Draft the minutes' }}
      </button>
    </header>
    <div class="columns">
      <aside class="rail">
        <AgendaRail
          :agenda="meeting.agenda"
          :counts="counts"
          :model-value="item"
          @update:model-value="choose"
        />
        <MattersList :meeting-id="meeting.id" brief />
      </aside>
      <section class="notes" aria-label="Notes">
        <PenBar
          v-if="!closed"
          data-writes
          :pen="pen"
          :me="me.id"
          :unsaved="unsaved.size"
          :trouble="trouble"
          :saved-at="savedAt"
          @ask="page.askForPen"
          @give="page.layDownPen"
          @keep="page.keepPen"
        />
        <p v-else class="small">{{ trouble }}</p>
        <ol>
          <!-- A page of hundreds of lines draws, at a key, the one that is typed in. -->
          <!-- eslint-disable vue/no-useless-template-attributes -->
          <template
            v-for="(line, i) in shown"
            :key="line.name"
            v-memo="[
              line,
              heading(i),
              i === lines.length,
              editable(line),
              unsaved.has(line.name),
              people,
              remarking === line.name,
              remarked.has(line.name),
            ]"
          >
            <li v-if="heading(i)" class="item">{{ heading(i) }}</li>
            <li v-if="i === lines.length" class="rule">added by others</li>
            <NoteRow
              ref="rows"
              :line="line"
              :editable="editable(line)"
              :unsaved="unsaved.has(line.name)"
              :people="people ?? []"
              :zone="meeting.zone"
              @text="page.change(line.name, { text: $event })"
              @enter="enter(line, $event)"
              @nest="nest(line, $event)"
              @join="join(line)"
              @go="go(line, $event)"
              @paste="paste(line, $event)"
              @focus="focused = line.name"
            >
              <template #default="{ saved }">
                <span v-if="line.beside">{{ line.by.name }}</span>
                <button
                  v-if="line.text && saved"
                  data-writes
                  class="remark"
                  type="button"
                  :aria-expanded="remarking === line.name"
                  :aria-label="`Remark on: ${line.text}`"
                  @click="remarking = remarking === line.name ? null : line.name"
                >
                  Remark
                </button>
              </template>
            </NoteRow>
            <RemarkList
              v-if="remarked.has(line.name) || remarking === line.name"
              :meeting-id="meeting.id"
              :line="line.name"
              :writing="remarking === line.name"
              @done="remarking = null"
            />
          </template>
        </ol>
        <button v-if="opened && !closed" data-writes class="go-on" type="button" @click="start">
          <template v-if="!holdsPen">Add a line below the rule</template>
          <template v-else-if="shown.length">Go on writing</template>
          <template v-else
            >Write the first line: fragments will do. A: makes it an action.</template
          >
          {{ ' ' }}<kbd>N</kbd>
        </button>
      </section>
      <aside class="beside">
        <RecorderStrip data-writes :meeting-id="meeting.id" :closed="meeting.hasFolio" />
        <FindingsSoFar :meeting-id="meeting.id" />
        <PromptList :meeting="meeting" />
        <MarginNote :meeting-id="meeting.id" />
      </aside>
    </div>
  </div>
</template>

<style scoped>
.capture {
  display: flex;
  flex-direction: column;
  min-height: 726px;
}

header {
  display: flex;
  align-items: center;
  gap: 18px;
  padding: 12px 20px;
  border-bottom: 1px solid var(--rule-strong);
}

header > div {
  flex: 1;
  min-width: 0;
}

h1 {
  font-size: 20px;
}

h1 a {
  color: inherit;
  text-decoration: none;
}

h1 a:hover {
  text-decoration: underline;
}

.columns {
  display: grid;
  grid-template-columns: 260px minmax(0, 1fr) 270px;
  flex: 1;
}

.rail,
.beside {
  padding: 16px 18px 30px;
}

.rail {
  display: grid;
  gap: 22px;
  align-content: start;
  border-right: 1px solid var(--rule);
}

.beside {
  display: grid;
  gap: 22px;
  align-content: start;
  border-left: 1px solid var(--rule);
}

.notes {
  padding: 8px 22px 60px 12px;
  min-width: 0;
}

.item {
  font: 600 14px/1.3 var(--sans);
  color: var(--ink-2);
  padding: 14px 0 3px 116px;
}

.rule {
  margin: 20px 0 6px;
  padding: 6px 0 0 116px;
  border-top: 3px double var(--rule-strong);
  font: 600 12.5px/1.3 var(--sans);
  color: var(--ink-2);
}

.remark {
  border: 0;
  background: none;
  padding: 0;
  color: var(--ink-2);
  text-decoration: underline;
  cursor: pointer;
  opacity: 0;
}

.row:hover .remark,
.row:focus-within .remark,
.remark:focus-visible,
.remark[aria-expanded='true'] {
  opacity: 1;
}

.go-on {
  display: block;
  width: 100%;
  margin-top: 4px;
  padding: 8px 2px 8px 116px;
  border: 0;
  background: none;
  text-align: left;
  font: italic 15px/1.5 var(--serif);
  color: var(--pencil);
  cursor: text;
}

@media (max-width: 1000px) {
  .columns {
    grid-template-columns: 1fr;
  }

  .rail {
    border-right: 0;
    border-bottom: 1px solid var(--rule);
  }

  .beside {
    border-left: 0;
    border-top: 1px solid var(--rule);
  }

  .item,
  .rule,
  .go-on {
    padding-left: 66px;
  }
}
</style>
