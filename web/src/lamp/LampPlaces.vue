<script setup lang="ts">
import { computed } from 'vue'
import type { Findings } from '../api/types'
import { longDay } from '../shared/dates'
import { folioAddress } from '../shared/folioNumbers'
import { count } from '../shared/words'
import LampHit from './LampHit.vue'

/** The places a search found, by folio. */
const props = defineProps<{ findings: Findings }>()

/** Those given beyond the words: they are alike in what they mean. */
const shown = computed(() => props.findings.folios.flatMap((f) => f.hits))
const alike = computed(() => shown.value.filter((h) => h.alike).length)

/** Those that have the words, as far as they are given: of many only the best are. */
const given = computed(
  () =>
    shown.value.length - alike.value + props.findings.folios.reduce((sum, f) => sum + f.more, 0),
)

const told = computed(() => {
  const { total, folios, words } = props.findings
  const inFolios = `in ${count(folios.length, 'folio')}`
  const best = total > given.value ? `, the best ${given.value} of them here` : ''
  if (!alike.value) return `${count(total, 'place')}${best ? `${best},` : ''} ${inFolios}`
  const named = total ? `${count(total, 'place')} with ${words}${best}` : `nothing has ${words}`
  return `${named}, and ${alike.value} alike in meaning, ${inFolios}`
})

const reach = computed(() => {
  if (!props.findings.total) return ''
  if (props.findings.reach === 'LIKE') return 'nothing has these words, these are written nearly so'
  if (props.findings.reach === 'SOME')
    return 'nothing has all the words, so these have some of them'
  return ''
})
</script>

<template>
  <p class="small" role="status">
    {{ told }}<template v-if="reach"> · {{ reach }}</template>
  </p>
  <section v-for="found in findings.folios" :key="found.folio" :aria-label="found.title">
    <h2 class="of">
      <RouterLink :to="folioAddress(found.folio)">{{ found.title }}</RouterLink>
      <span class="small figures">{{ longDay(found.date) }}</span>
      <span class="folio-no">folio {{ found.folio }}</span>
    </h2>
    <ol>
      <LampHit
        v-for="hit in found.hits"
        :key="hit.line ?? `${hit.sourceId}/${hit.passage}`"
        :hit="hit"
        :folio="found.folio"
      />
    </ol>
    <p v-if="found.more" class="small more">and {{ found.more }} more in this folio</p>
  </section>
</template>

<style scoped>
section {
  margin-top: 22px;
}

.of {
  display: flex;
  align-items: baseline;
  gap: 12px;
  border-bottom: 1px solid var(--rule-strong);
  padding-bottom: 6px;
}

h2.of a {
  font: 600 17px/1.3 var(--serif);
  color: var(--ink);
  text-decoration: none;
  overflow-wrap: anywhere;
}

h2.of a:hover {
  text-decoration: underline;
}

h2.of .small {
  white-space: nowrap;
}

h2.of .folio-no {
  flex: none;
  margin-left: auto;
}

.more {
  padding: 6px 0 0 104px;
}
</style>
