<script setup lang="ts">
import { computed } from 'vue'
import type { Cites } from '../api/types'
import { cited, folioAddress } from '../shared/folioNumbers'

/** A cited line by the number it has now, whatever it had when it was cited. */
const props = defineProps<{ cites: Cites }>()

const number = computed(() =>
  props.cites.folio === null ? null : cited(props.cites.folio, props.cites.number ?? 0),
)
const title = computed(() => {
  const { written, title, text } = props.cites
  if (number.value === null) return `No longer of record: ${text}`
  const moved = number.value === written ? '' : `, written as ${written}`
  return `${title}${moved}: ${text}`
})
</script>

<template>
  <RouterLink
    v-if="cites.folio !== null"
    class="citation figures"
    :to="folioAddress(cites.folio, cites.number ?? undefined)"
    :title="title"
    @click.stop
    >{{ number }}</RouterLink><span v-else class="citation gone figures" :title="title">{{
    cites.written
  }}</span>
</template>

<style scoped>
.citation {
  color: var(--green);
  text-underline-offset: 3px;
}

.gone {
  text-decoration: line-through;
  color: var(--pencil);
}
</style>
