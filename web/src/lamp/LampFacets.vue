<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { Findings } from '../api/types'
import DayField from '../shared/DayField.vue'
import FacetChoice from '../shared/FacetChoice.vue'
import { narrowingName, valueName } from './narrowingNames'
import { narrowed, without, type By } from './searchWords'

/** By what a search can be narrowed: what is chosen here is typed into the field. */
const props = defineProps<{ findings: Findings }>()
const route = useRoute()
const router = useRouter()
/** What is looked for by now, which what was found may not be for yet. */
const query = computed(() => String(route.query.q ?? ''))

const GROUPS: By[] = ['KIND', 'PERSON', 'SERIES', 'COLLECTION', 'PROJECT', 'TAG']
const PERIODS = ['this month', 'this quarter', 'last quarter', 'this year']

const groups = computed(() =>
  GROUPS.map((by) => ({ by, values: props.findings.facets.filter((f) => f.by === by) })).filter(
    (g) => g.values.length,
  ),
)

function isOn(by: By, value: string) {
  const wanted = value.toLowerCase()
  return props.findings.narrowings.some((n) => n.by === by && n.value.toLowerCase() === wanted)
}

function toggle(by: By, value: string) {
  look(isOn(by, value) ? without(query.value, by, value) : narrowed(query.value, by, value))
}

function look(q: string) {
  void router.push({ path: '/lamp', query: { q } })
}

const from = ref<string | null>(null)
const to = ref<string | null>(null)
const interval = computed(() => props.findings.narrowings.find((n) => n.by === 'WHEN')?.value ?? '')
watch(
  interval,
  (when) => {
    const [, first, last] = /^(\d{4}-\d\d-\d\d)\/(\d{4}-\d\d-\d\d)$/.exec(when) ?? []
    from.value = first ?? null
    to.value = last ?? null
  },
  { immediate: true },
)
watch([from, to], ([first, last]) => {
  const days = `${first}/${last}`
  if (first && last && first <= last && days !== interval.value) {
    look(narrowed(query.value, 'WHEN', days))
  }
})
</script>

<template>
  <aside class="facets" aria-label="Narrow what was found">
    <section v-for="g in groups" :key="g.by" :aria-label="narrowingName(g.by)">
      <h2>{{ narrowingName(g.by) }}</h2>
      <ul>
        <li v-for="v in g.values" :key="v.value">
          <FacetChoice
            :name="valueName(g.by, v.value)"
            :on="isOn(g.by, v.value)"
            :counted="{ many: v.count, of: ['KIND', 'PERSON'].includes(g.by) ? 'place' : 'folio' }"
            @toggle="toggle(g.by, v.value)"
          />
        </li>
      </ul>
    </section>
    <section aria-label="When">
      <h2>When</h2>
      <ul>
        <li v-for="p in PERIODS" :key="p">
          <FacetChoice
            :name="p[0]?.toUpperCase() + p.slice(1)"
            :on="isOn('WHEN', p)"
            @toggle="toggle('WHEN', p)"
          />
        </li>
      </ul>
      <div class="days">
        <label for="search-from">From</label>
        <DayField v-model="from" class="field" input-id="search-from" />
        <label for="search-to">To</label>
        <DayField v-model="to" class="field" input-id="search-to" :near="from ?? undefined" />
      </div>
    </section>
    <section aria-label="Archived">
      <h2>Archived</h2>
      <ul>
        <li>
          <FacetChoice
            name="Archived folios too"
            :on="isOn('ARCHIVED', 'yes')"
            @toggle="toggle('ARCHIVED', 'yes')"
          />
        </li>
      </ul>
    </section>
  </aside>
</template>

<style scoped>
section + section {
  margin-top: 20px;
}

ul {
  margin-top: 4px;
}

.days {
  display: grid;
  grid-template-columns: 44px 1fr;
  gap: 6px;
  align-items: center;
  margin-top: 8px;
}

.days .field {
  max-width: 150px;
}
</style>
