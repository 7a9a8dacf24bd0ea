<script setup lang="ts">
import { computed } from 'vue'
import { useConnections } from '../api/queries'
import { arrival } from '../shared/dates'

/** How the day sheet stands with the calendars it follows. */
const { data } = useConnections()

const failed = computed(() => data.value?.find((c) => c.problem !== null))
const oldest = computed(
  () =>
    data.value
      ?.map((c) => c.reachedAt)
      .filter((at) => at !== null)
      .sort()[0],
)
const says = computed(() => {
  if (failed.value) return `${failed.value.name} does not answer`
  if (data.value?.some((c) => c.asking)) return 'asking the calendar …'
  return oldest.value ? `calendar as of ${arrival(oldest.value)}` : ''
})
</script>

<template>
  <RouterLink v-if="data?.length" class="small" :class="{ red: failed }" to="/calendars">
    {{ says }}
  </RouterLink>
  <RouterLink v-else-if="data" class="small" to="/calendars">Connect a calendar</RouterLink>
</template>
