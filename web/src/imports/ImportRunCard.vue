<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api } from '../api/client'
import { keys, outdate } from '../api/queries'
import type { ImportRun, ItemState } from '../api/types'
import { arrival } from '../shared/dates'
import { folioAddress } from '../shared/folioNumbers'
import { useNotices } from '../shared/notices'
import { count } from '../shared/words'
import { ITEM_WORDS, progressOf, useImportedFiles } from './useImports'

/** One import: how far it is, and what became of each file. */
const props = defineProps<{ run: ImportRun; open: boolean }>()

const { attempt } = useNotices()
const shown = ref(props.open)
const state = ref<ItemState>()
const { items, hasNextPage, fetchNextPage } = useImportedFiles(props.run.id, state)

const progress = computed(() => progressOf(props.run))
const counts = computed(() => props.run.counts.filter((c) => c.files > 0))

/** Shows the files of which that became, or all again. */
function only(became: ItemState) {
  state.value = state.value === became ? undefined : became
  shown.value = true
}

async function turn(to: 'start' | 'pause') {
  const path = { path: { id: props.run.id } }
  await attempt(
    answer(
      to === 'start'
        ? api.POST('/api/imports/{id}/start', { params: path })
        : api.POST('/api/imports/{id}/pause', { params: path }),
    ),
  )
  await outdate(keys.imports)
}
</script>

<template>
  <section class="run" :aria-label="run.name">
    <div class="head">
      <h2>{{ run.name }}</h2>
      <span class="small">{{ arrival(run.startedAt) }}</span>
      <span class="small figures" role="status">
        {{ progress.done.toLocaleString('en-GB') }} of {{ count(progress.all, 'file') }}
      </span>
      <span class="acts">
        <button v-if="run.state === 'RUNNING'" class="btn" type="button" @click="turn('pause')">
          Pause
        </button>
        <button
          v-else-if="progress.done < progress.all"
          class="btn go"
          type="button"
          @click="turn('start')"
        >
          {{ run.state === 'RECEIVING' ? 'Begin' : 'Go on' }}
        </button>
        <a class="btn" :href="`/api/imports/${run.id}/report`" download>Report</a>
        <button class="btn quiet" type="button" :aria-expanded="shown" @click="shown = !shown">
          {{ shown ? 'Hide files' : 'Show files' }}
        </button>
      </span>
    </div>
    <progress
      :value="progress.done"
      :max="Math.max(1, progress.all)"
      :aria-label="`${run.name}: files done`"
    />
    <div class="counts" role="group" aria-label="Files by what became of them">
      <button
        v-for="c in counts"
        :key="c.state"
        type="button"
        class="small"
        :aria-pressed="state === c.state"
        @click="only(c.state)"
      >
        <b class="figures" :class="{ red: c.state === 'FAILED' }">{{
          c.files.toLocaleString('en-GB')
        }}</b>
        {{ ITEM_WORDS[c.state] }}
      </button>
    </div>
    <table v-if="shown && items.length">
      <thead>
        <tr>
          <th scope="col">File</th>
          <th scope="col">Became</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="i in items" :key="i.id">
          <th scope="row">{{ i.path }}</th>
          <td>
            <RouterLink v-if="i.folio !== null" :to="folioAddress(i.folio)">
              folio {{ i.folio }}
            </RouterLink>
            <RouterLink v-else-if="i.minutesId" :to="`/minutes/${i.minutesId}`">
              a draft
            </RouterLink>
            <span :class="{ red: i.state === 'FAILED' }">
              {{ i.folio === null && !i.minutesId ? ITEM_WORDS[i.state] : '' }}
            </span>
            <span v-if="i.reason" class="small">{{ i.reason }}</span>
            <a
              v-if="i.state === 'FAILED'"
              class="small"
              :href="`/api/import-items/${i.id}/original`"
              download
              >the file</a
            >
          </td>
        </tr>
      </tbody>
    </table>
    <button v-if="shown && hasNextPage" class="btn" type="button" @click="fetchNextPage()">
      Read on
    </button>
  </section>
</template>

<style scoped>
.run {
  padding: 16px 0 20px;
  border-bottom: 1px solid var(--rule-strong);
}

.head,
.counts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: baseline;
}

h2 {
  font: 600 18px/1.3 var(--serif);
  color: var(--ink);
  text-transform: none;
  letter-spacing: 0;
  overflow-wrap: anywhere;
}

.acts {
  display: flex;
  gap: 8px;
  margin-left: auto;
}

progress {
  appearance: none;
  display: block;
  width: 100%;
  height: 6px;
  margin: 10px 0 8px;
  border: 0;
  background: var(--rule);
}

progress::-webkit-progress-bar {
  background: var(--rule);
}

progress::-webkit-progress-value {
  background: var(--green);
}

progress::-moz-progress-bar {
  background: var(--green);
}

.counts button {
  min-height: 26px;
  border: 0;
  background: none;
  padding: 2px 0;
  cursor: pointer;
  border-bottom: 2px solid transparent;
}

.counts button[aria-pressed='true'] {
  border-bottom-color: var(--ink);
}

table {
  width: 100%;
  border-collapse: collapse;
  table-layout: fixed;
  margin: 12px 0;
}

thead th {
  font: 600 12.5px/1.3 var(--sans);
  color: var(--ink-2);
}

th,
td {
  text-align: left;
  vertical-align: baseline;
  padding: 5px 14px 5px 0;
  border-bottom: 1px solid var(--rule);
  overflow-wrap: anywhere;
}

tbody th {
  font: 14.5px/1.4 var(--serif);
}

td > * + * {
  margin-left: 8px;
}
</style>
