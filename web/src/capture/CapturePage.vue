<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api } from '../api/client'
import { keys } from '../api/queries'
import { provideCitations } from '../citations/useCitations'
import ErrorNote from '../shared/ErrorNote.vue'
import { useSession } from '../signin/session'
import NotePad from './NotePad.vue'

const route = useRoute()
const id = String(route.params.id)
const { member } = useSession()
provideCitations(ref(id))
const me = computed(() => member.value)

const { data, error, refetch } = useQuery({
  queryKey: [keys.meetings, id],
  queryFn: () => answer(api.GET('/api/meetings/{id}', { params: { path: { id } } })),
})
</script>

<template>
  <ErrorNote v-if="error" :error="error" @retry="refetch()" />
  <NotePad v-else-if="data && me" :key="id" :meeting="data" :me="me" />
</template>
