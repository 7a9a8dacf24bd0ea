<script setup lang="ts">
import { useRoute } from 'vue-router'
import ErrorNote from '../shared/ErrorNote.vue'
import { Problem } from '../api/problem'
import ReferenceNotePage from '../references/ReferenceNotePage.vue'
import FolioPage from './FolioPage.vue'
import { useFolio } from './useFolio'

/** What stands under a number of the ledger: minutes, or else a reference note. */
const number = Number(useRoute().params.number)
const { data, error, refetch } = useFolio(number)
</script>

<template>
  <FolioPage v-if="data" />
  <ReferenceNotePage
    v-else-if="error instanceof Problem && error.status === 404"
    :number="number"
  />
  <ErrorNote v-else-if="error" :error="error" @retry="refetch()" />
</template>
