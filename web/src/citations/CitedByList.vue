<script setup lang="ts">
import { computed } from 'vue'
import type { CitedBy } from '../api/types'
import { cited, folioAddress } from '../shared/folioNumbers'
import { useCitations } from './useCitations'

/** Who cites a line. */
const props = defineProps<{ line: string }>()

const citations = useCitations()
const by = computed(() => citations.of(props.line))

function where(c: CitedBy) {
  if (c.folio !== null) return folioAddress(c.folio, c.number ?? undefined)
  return c.meetingId === null ? '/' : `/meeting/${c.meetingId}`
}

function what(c: CitedBy): string {
  if (c.folio !== null) return cited(c.folio, c.number ?? 0)
  return c.place === 'MARGIN' ? 'your margin' : 'a remark'
}
</script>

<template>
  <p v-if="by.length" class="small no-print">
    cited by
    <template v-for="(c, i) in by" :key="i">
      <template v-if="i">, </template>
      <RouterLink class="figures" :to="where(c)" :title="`${c.title}: ${c.text}`">{{
        what(c)
      }}</RouterLink>
    </template>
  </p>
</template>

<style scoped>
p.small {
  font: 12.5px/1.4 var(--sans);
  color: var(--ink-2);
}
</style>
