<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { Findings } from '../api/types'
import DayField from '../shared/DayField.vue'
import { count } from '../shared/words'
import { narrowingName, valueName } from './narrowingNames'
import { narrowed, without, type By } from './searchWords'

/** By what a search can be narrowed: what is chosen here is typed into the field. */
const props = defineProps<{ findings: Findings }>()
const router = useRouter()

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
  const q = props.findings.query
  look(isOn(by, value) ? without(q, by, value) : narrowed(q, by, value))
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
    look(narrowed(props.findings.query, 'WHEN', days))
  }
})
</script>

<template>
  <aside class="facets" aria-label="Narrow what was found">
    <section v-for="g in groups" :key="g.by" :aria-label="narrowingName(g.by)">
      <h2>{{ narrowingName(g.by) }}</h2>
      <ul>
        <li v-for="v in g.values" :key="v.value">
          <button
            type="button"
            :class="{ on: isOn(g.by, v.value) }"
            :aria-pressed="isOn(g.by, v.value)"
            :aria-label="`${valueName(g.by, v.value)}, ${count(v.count, ['KIND', 'PERSON'].includes(g.by) ? 'place' : 'folio')}`"
            @click="toggle(g.by, v.value)"
          >
            <span>{{ valueName(g.by, v.value) }}</span>
            <i class="figures">{{ v.count.toLocaleString('en-GB') }}</i>
          </button>
        </li>
      </ul>
    </section>
    <section aria-label="When">
      <h2>When</h2>
      <ul>
        <li v-for="p in PERIODS" :key="p">
          <button
            type="button"
            :class="{ on: isOn('WHEN', p) }"
            :aria-pressed="isOn('WHEN', p)"
            @click="toggle('WHEN', p)"
          >
            <span>{{ p[0]?.toUpperCase() + p.slice(1) }}</span>
          </button>
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
          <button
            type="button"
            :class="{ on: isOn('ARCHIVED', 'yes') }"
            :aria-pressed="isOn('ARCHIVED', 'yes')"
            @click="toggle('ARCHIVED', 'yes')"
          >
            <span>Archived folios too</span>
          </button>
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

button {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  width: calc(100% + 8px);
  min-height: 26px;
  border: 0;
  border-radius: 3px;
  background: none;
  color: inherit;
  padding: 3px 8px;
  margin-left: -8px;
  text-align: left;
  cursor: pointer;
}

button:hover {
  background: var(--paper);
}

button.on {
  background: var(--ink);
  color: var(--paper);
}

button span {
  overflow-wrap: anywhere;
}

i {
  font-style: normal;
  color: var(--pencil);
}

.on i {
  color: inherit;
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
