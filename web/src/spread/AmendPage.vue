<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { useRoute } from 'vue-router'
import { answer, api } from '../api/client'
import ErrorNote from '../shared/ErrorNote.vue'
import ReviewDesk from './ReviewDesk.vue'

/** A folio on the spread: what is changed in it becomes a revision. */
const number = Number(useRoute().params.number)

const { data, error, refetch } = useQuery({
  queryKey: ['amending', number],
  queryFn: () => answer(api.GET('/api/folios/{number}', { params: { path: { number } } })),
  // An amendment works on its own copy; what others change meanwhile is told live.
  refetchOnWindowFocus: false,
  gcTime: 0,
})
</script>

<template>
  <ErrorNote v-if="error" :error="error" @retry="refetch()" />
  <ReviewDesk v-else-if="data" :opened="data" />
</template>
