<script setup lang="ts">
import { useWindowVirtualizer } from '@tanstack/vue-virtual'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { LedgerOrder, LedgerRow } from '../api/types'
import { longDay } from '../shared/dates'
import { folioAddress } from '../shared/folioNumbers'
import { ledgerItems } from './ledgerItems'
import type { LedgerShown } from './useLedger'

const props = defineProps<{
  rows: LedgerRow[]
  /** How many fit in all; those that were not read yet come as they are scrolled to. */
  total: number
  shown: LedgerShown
  chosen: ReadonlySet<number>
}>()
const emit = defineEmits<{
  choose: [folios: number[], on: boolean]
  sort: [by: LedgerOrder]
  further: []
}>()

/** Every row is one line high, so that ten thousand of them need no measuring. */
const ROW_PX = 38
/** Further rows are fetched while so many are still to be scrolled through. */
const AHEAD = 120

const router = useRouter()
const body = ref<HTMLElement>()
const items = computed(() => ledgerItems(props.rows, props.shown.groups))
const sight = useWindowVirtualizer(
  computed(() => ({
    count: items.value.length,
    estimateSize: () => ROW_PX,
    overscan: 20,
    scrollMargin: body.value?.offsetTop ?? 0,
  })),
)
const visible = computed(() =>
  sight.value.getVirtualItems().flatMap((item) => {
    const one = items.value[item.index]
    return one ? [{ item: one, index: item.index }] : []
  }),
)
const last = computed(() => visible.value[visible.value.length - 1]?.index ?? -1)
const above = computed(() => (visible.value[0]?.index ?? 0) * ROW_PX)
/** As high as all that fit, so that the scroll bar says how far one is. */
const below = computed(() => {
  const unread = Math.max(0, props.total - props.rows.length)
  return (items.value.length - 1 - last.value + unread) * ROW_PX
})

watch([last, () => props.rows.length], () => {
  if (last.value > items.value.length - AHEAD && props.rows.length < props.total) emit('further')
})

const allChosen = computed(
  () => props.rows.length > 0 && props.rows.every((r) => props.chosen.has(r.folio)),
)

const COLUMNS: { by: LedgerOrder; name: string }[] = [
  { by: 'FOLIO', name: 'Folio' },
  { by: 'DATE', name: 'Date' },
  { by: 'TITLE', name: 'Meeting' },
]
const NUMBERS: { by: LedgerOrder; name: string }[] = [
  { by: 'DECISIONS', name: 'Decisions' },
  { by: 'ACTIONS', name: 'Actions' },
  { by: 'PRESENT', name: 'Present' },
]

function sorting(by: LedgerOrder): 'ascending' | 'descending' | 'none' {
  if (props.shown.by !== by) return 'none'
  return props.shown.descending ? 'descending' : 'ascending'
}
</script>

<template>
  <table :aria-rowcount="total + 1">
    <colgroup>
      <col class="box" />
      <col class="no" />
      <col class="date" />
      <col />
      <col class="series" />
      <col class="n" />
      <col class="n" />
      <col class="n" />
    </colgroup>
    <thead>
      <tr>
        <th scope="col">
          <input
            data-writes
            type="checkbox"
            :checked="allChosen"
            aria-label="Choose all that are listed so far"
            @change="
              emit(
                'choose',
                props.rows.map((r) => r.folio),
                ($event.target as HTMLInputElement).checked,
              )
            "
          />
        </th>
        <th v-for="c in COLUMNS" :key="c.by" scope="col" :aria-sort="sorting(c.by)">
          <button type="button" @click="emit('sort', c.by)">{{ c.name }}</button>
        </th>
        <th scope="col">Series</th>
        <th v-for="c in NUMBERS" :key="c.by" scope="col" class="num" :aria-sort="sorting(c.by)">
          <button type="button" @click="emit('sort', c.by)">{{ c.name }}</button>
        </th>
      </tr>
    </thead>
    <tbody ref="body">
      <tr v-if="above > 0" class="gap" aria-hidden="true">
        <td colspan="8" :style="{ height: `${above}px` }" />
      </tr>
      <template v-for="{ item, index } in visible" :key="index">
        <tr v-if="'heading' in item" class="group" :aria-rowindex="index + 2">
          <th colspan="8" scope="colgroup">{{ item.heading }}</th>
        </tr>
        <tr
          v-else
          :aria-rowindex="index + 2"
          :class="{ chosen: chosen.has(item.row.folio) }"
          @click="router.push(folioAddress(item.row.folio))"
        >
          <td @click.stop>
            <input
              data-writes
              type="checkbox"
              :checked="chosen.has(item.row.folio)"
              :aria-label="`Choose ${item.row.folio}, ${item.row.title}`"
              @change="
                emit('choose', [item.row.folio], ($event.target as HTMLInputElement).checked)
              "
            />
          </td>
          <td>
            <span class="folio-no">{{ item.row.folio }}</span>
          </td>
          <td class="figures">{{ longDay(item.row.date) }}</td>
          <th scope="row">
            <RouterLink :to="folioAddress(item.row.folio)" :title="item.row.title" @click.stop>
              {{ item.row.title }}
            </RouterLink>
          </th>
          <td :title="item.row.series ?? ''" :class="{ note: item.row.sort === 'NOTE' }">
            {{ item.row.sort === 'NOTE' ? 'reference note' : item.row.series }}
          </td>
          <td class="num figures">{{ item.row.decisions || '' }}</td>
          <td class="num figures">{{ item.row.actions || '' }}</td>
          <td class="num figures">{{ item.row.present || '' }}</td>
        </tr>
      </template>
      <tr v-if="below > 0" class="gap" aria-hidden="true">
        <td colspan="8" :style="{ height: `${below}px` }" />
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  width: 100%;
  border-collapse: collapse;
  table-layout: fixed;
}

.box {
  width: 28px;
}

.no {
  width: 60px;
}

.date {
  width: 138px;
}

.series {
  width: 20%;
}

.n {
  width: 74px;
}

thead th {
  position: sticky;
  top: 0;
  background: var(--paper);
  box-shadow: inset 0 -1px var(--rule-strong);
  font: 600 12.5px/1.3 var(--sans);
  color: var(--ink-2);
  z-index: 1;
}

thead button {
  border: 0;
  background: none;
  padding: 4px 0;
  font: inherit;
  color: inherit;
  cursor: pointer;
}

thead button:hover {
  text-decoration: underline;
}

[aria-sort='ascending'] button::after {
  content: ' ▴';
}

[aria-sort='descending'] button::after {
  content: ' ▾';
}

th,
td {
  text-align: left;
  padding: 0 12px 0 0;
  height: 38px;
  border-bottom: 1px solid var(--rule);
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}

input {
  width: 15px;
  height: 15px;
  margin: 0;
  vertical-align: middle;
  accent-color: var(--green);
}

tbody tr {
  cursor: pointer;
}

tbody tr:not(.gap, .group):hover,
.chosen {
  background: var(--paper-2);
}

tbody th {
  font: 500 16px/1.3 var(--serif);
}

.group {
  cursor: default;
}

.group th {
  font: 600 13px/1.3 var(--sans);
  color: var(--ink-2);
  vertical-align: bottom;
  padding-bottom: 5px;
  border-bottom-color: var(--rule-strong);
}

.note {
  font-style: italic;
  color: var(--ink-2);
}

th a {
  color: inherit;
  text-decoration: none;
}

th a:hover {
  text-decoration: underline;
}

th.num,
.num {
  text-align: right;
}

.gap td {
  border: 0;
  padding: 0;
}

@media (max-width: 620px) {
  .series,
  .n {
    width: 0;
  }

  .date {
    width: 120px;
  }
}
</style>
