<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { useRoute, useRouter } from 'vue-router'
import { watch } from 'vue'
import { answer, api } from '../api/client'
import { keys } from '../api/queries'
import ErrorNote from '../shared/ErrorNote.vue'
import { folioAddress } from '../shared/folioNumbers'
import ReviewDesk from './ReviewDesk.vue'

const route = useRoute()
const router = useRouter()
const id = String(route.params.id)

const { data, error, refetch } = useQuery({
  queryKey: [keys.minutes, id],
  queryFn: () => answer(api.GET('/api/minutes/{id}', { params: { path: { id } } })),
  // A review works on its own copy: what others change meanwhile shows when a write meets it.
  refetchOnWindowFocus: false,
  gcTime: 0,
})

watch(data, (minutes) => {
  if (minutes?.filing) void router.replace(folioAddress(minutes.filing.folio))
})
</script>

<template>
  <ErrorNote v-if="error" :error="error" @retry="refetch()" />
  <ReviewDesk v-else-if="data && !data.filing" :opened="data" />
</template>
