<script setup lang="ts">
import { useWindowVirtualizer } from '@tanstack/vue-virtual'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { LedgerRow } from '../api/types'
import { longDay } from '../shared/dates'
import { folioAddress } from '../shared/folioNumbers'

const props = defineProps<{ rows: LedgerRow[] }>()

/** Every row is one line high, so that ten thousand of them need no measuring. */
const ROW_PX = 38

const router = useRouter()
const body = ref<HTMLElement>()
const rows = useWindowVirtualizer(
  computed(() => ({
    count: props.rows.length,
    estimateSize: () => ROW_PX,
    overscan: 20,
    scrollMargin: body.value?.offsetTop ?? 0,
  })),
)
const shown = computed(() =>
  rows.value.getVirtualItems().flatMap((item) => {
    const row = props.rows[item.index]
    return row ? [{ row, index: item.index }] : []
  }),
)
const above = computed(() => (shown.value[0]?.index ?? 0) * ROW_PX)
const below = computed(
  () => (props.rows.length - 1 - (shown.value[shown.value.length - 1]?.index ?? -1)) * ROW_PX,
)
</script>

<template>
  <table :aria-rowcount="rows.options.count + 1">
    <colgroup>
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
        <th scope="col">Folio</th>
        <th scope="col">Date</th>
        <th scope="col">Meeting</th>
        <th scope="col">Series</th>
        <th scope="col" class="num">Decisions</th>
        <th scope="col" class="num">Actions</th>
        <th scope="col" class="num">Present</th>
      </tr>
    </thead>
    <tbody ref="body">
      <tr v-if="above > 0" class="gap" aria-hidden="true">
        <td colspan="7" :style="{ height: `${above}px` }" />
      </tr>
      <tr
        v-for="{ row, index } in shown"
        :key="row.folio"
        :aria-rowindex="index + 2"
        @click="router.push(folioAddress(row.folio))"
      >
        <td>
          <span class="folio-no">{{ row.folio }}</span>
        </td>
        <td class="figures">{{ longDay(row.date) }}</td>
        <th scope="row">
          <RouterLink :to="folioAddress(row.folio)" :title="row.title" @click.stop>
            {{ row.title }}
          </RouterLink>
        </th>
        <td :title="row.series ?? ''">{{ row.series }}</td>
        <td class="num figures">{{ row.decisions || '' }}</td>
        <td class="num figures">{{ row.actions || '' }}</td>
        <td class="num figures">{{ row.present || '' }}</td>
      </tr>
      <tr v-if="below > 0" class="gap" aria-hidden="true">
        <td colspan="7" :style="{ height: `${below}px` }" />
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

.no {
  width: 64px;
}

.date {
  width: 138px;
}

.series {
  width: 22%;
}

.n {
  width: 76px;
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

tbody tr {
  cursor: pointer;
}

tbody tr:not(.gap):hover {
  background: var(--paper-2);
}

tbody th {
  font: 500 16px/1.3 var(--serif);
}

th a {
  color: inherit;
  text-decoration: none;
}

th a:hover {
  text-decoration: underline;
}

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
