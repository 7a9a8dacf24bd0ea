<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api } from '../api/client'
import { keys } from '../api/queries'
import DispatchRow from '../post/DispatchRow.vue'

/** How minutes were circulated, and whether they arrived. */
const props = defineProps<{ meetingId: string }>()

const { data } = useQuery({
  queryKey: [keys.post, props.meetingId],
  queryFn: () => answer(api.GET('/api/post', { params: { query: { meeting: props.meetingId } } })),
})
const minutes = computed(() => (data.value ?? []).filter((d) => d.kind === 'MINUTES'))
</script>

<template>
  <section v-if="minutes.length" class="no-print" aria-label="Circulated">
    <h2 class="section-head">Circulated</h2>
    <ul>
      <DispatchRow v-for="dispatch in minutes" :key="dispatch.id" :dispatch="dispatch" />
    </ul>
  </section>
</template>

<style scoped>
section {
  margin-top: 34px;
}
</style>
