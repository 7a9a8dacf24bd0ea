<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { QuestionReading, Scope } from '../api/types'
import { usePeople } from '../api/queries'
import { useLedgerFacets } from '../ledger/useLedger'
import DayField from '../shared/DayField.vue'
import { writtenPart } from './where'

/** How a question was read, part by part; changing one asks again. */
const props = defineProps<{ reading: QuestionReading; where: Scope | null }>()
const emit = defineEmits<{ read: [as: QuestionReading]; askIn: [part: string, notes: boolean] }>()

const AIMS: Record<QuestionReading['aim'], string> = {
  ANYTHING: 'anything',
  DECISION: 'decisions',
  REASON: 'reasons',
  OBJECTION: 'objections',
  ACTION: 'actions',
  STATUS: 'what became of it',
  QUESTION: 'open questions',
  RISK: 'risks',
  FIGURE: 'a figure',
  DAY: 'a day',
  CHANGE: 'how it changed',
  SPEAKER: 'who said it',
  SAYING: 'what was said',
  ATTENDANCE: 'who was there',
  MEETING: 'meetings',
}

const FORMS: Record<QuestionReading['form'], string> = {
  SENTENCE: 'in a few words',
  YES_NO: 'yes or no',
  LIST: 'a list',
  TABLE: 'a table',
  COUNT: 'how many',
}

const { data: people } = usePeople()
const { data: ledger } = useLedgerFacets(ref({ facets: [], archived: false }))
/** The parts of the ledger that can be asked, the one that is asked among them. */
const parts = computed(() => [
  { label: 'Series', kind: 'series', names: names('SERIES', props.where?.series) },
  { label: 'Collections', kind: 'collection', names: names('COLLECTION', props.where?.collection) },
])
const part = computed(() => writtenPart(props.where))

function names(facet: string, asked?: string | null): string[] {
  const known = ledger.value?.values.filter((v) => v.facet === facet).map((v) => v.name) ?? []
  return asked && !known.includes(asked) ? [asked, ...known] : known
}

/** Who it is about, with a place for one more where there is somebody already. */
const who = computed(() => (props.reading.people.length ? [...props.reading.people, ''] : ['']))

function setPerson(i: number, name: string) {
  const named = [...props.reading.people]
  named[i] = name
  change({ people: named.filter(Boolean) })
}

const about = ref('')
const also = ref('')
const from = ref<string | null>(null)
const to = ref<string | null>(null)

watch(
  () => props.reading,
  (reading) => {
    about.value = reading.about
    also.value = reading.also ?? ''
    from.value = reading.from
    to.value = reading.to
  },
  { immediate: true },
)

function change(part: Partial<QuestionReading>) {
  emit('read', { ...props.reading, ...part })
}

/** A period has two ends, or none. */
function setPeriod() {
  const whole = from.value !== null && to.value !== null && from.value <= to.value
  const none = from.value === null && to.value === null
  if (whole || none) change({ from: from.value, to: to.value })
}
</script>

<template>
  <form class="reading" aria-label="How the question was read" @submit.prevent>
    <span class="small">Read as</span>
    <label>
      kind
      <select
        class="field"
        :value="reading.aim"
        @change="
          change({ aim: ($event.target as HTMLSelectElement).value as QuestionReading['aim'] })
        "
      >
        <option v-for="(name, aim) in AIMS" :key="aim" :value="aim">{{ name }}</option>
      </select>
    </label>
    <label>
      as
      <select
        class="field"
        :value="reading.form"
        @change="
          change({ form: ($event.target as HTMLSelectElement).value as QuestionReading['form'] })
        "
      >
        <option v-for="(name, form) in FORMS" :key="form" :value="form">{{ name }}</option>
      </select>
    </label>
    <label>
      about
      <input
        v-model="about"
        class="field about"
        maxlength="200"
        placeholder="any subject"
        @change="change({ about: about.trim() })"
      />
    </label>
    <label v-for="(name, i) in who" :key="i">
      {{ i ? 'and' : 'who' }}
      <select
        class="field"
        :value="name"
        @change="setPerson(i, ($event.target as HTMLSelectElement).value)"
      >
        <option value="">{{ i ? 'nobody else' : 'anybody' }}</option>
        <option v-for="p in people" :key="p.id" :value="p.name">{{ p.name }}</option>
      </select>
    </label>
    <span class="when">
      <label for="lamp-from">from</label>
      <DayField v-model="from" class="field" input-id="lamp-from" @update:model-value="setPeriod" />
      <label for="lamp-to">to</label>
      <DayField v-model="to" class="field" input-id="lamp-to" @update:model-value="setPeriod" />
    </span>
    <label>
      where
      <select
        class="field"
        :value="part"
        @change="emit('askIn', ($event.target as HTMLSelectElement).value, where?.notes === true)"
      >
        <option value="">whole ledger</option>
        <option v-if="where?.folio" :value="part">folio {{ where.folio }}</option>
        <option v-if="where?.draft" :value="part">this draft</option>
        <optgroup v-for="p in parts" :key="p.kind" :label="p.label">
          <option v-for="n in p.names" :key="n" :value="`${p.kind}:${n}`">{{ n }}</option>
        </optgroup>
      </select>
    </label>
    <label v-if="!where?.folio && !where?.draft" class="only">
      <input
        type="checkbox"
        :checked="where?.notes === true"
        @change="emit('askIn', part, ($event.target as HTMLInputElement).checked)"
      />
      reference notes too
    </label>
    <label v-if="reading.also !== null">
      and then
      <input
        v-model="also"
        class="field also"
        maxlength="300"
        placeholder="nothing else"
        @change="change({ also: also.trim() || null })"
      />
    </label>
    <label v-if="reading.aim === 'ACTION'" class="only">
      <input
        type="checkbox"
        :checked="reading.onlyOpen"
        @change="change({ onlyOpen: ($event.target as HTMLInputElement).checked })"
      />
      only open
    </label>
    <label v-if="reading.aim === 'ACTION'" class="only">
      <input
        type="checkbox"
        :checked="reading.onlyOverdue"
        @change="change({ onlyOverdue: ($event.target as HTMLInputElement).checked })"
      />
      only overdue
    </label>
  </form>
</template>

<style scoped>
.reading {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
}

label,
.when {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  max-width: 100%;
  font-size: 12.5px;
  color: var(--ink-2);
  white-space: nowrap;
}

.field {
  height: 28px;
  min-height: 28px;
  padding: 0 8px;
  font-size: 13px;
  font-weight: 600;
}

.about {
  width: 150px;
}

.also {
  width: 340px;
  min-width: 0;
}

.when :deep(input) {
  height: 28px;
  min-height: 28px;
  width: 122px;
  padding: 0 8px;
}
</style>
