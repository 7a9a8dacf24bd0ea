<script setup lang="ts">
import { computed, toRef } from 'vue'
import { usePeople } from '../api/queries'
import { provideCitationsAt } from '../citations/useCitations'
import RegisterEntry from './RegisterEntry.vue'
import { type RegisterName } from './registerWords'
import { type Shown, useRegister } from './useRegister'

/** Some entries of a register, on a page about something else. */
const props = defineProps<{ register: RegisterName; shown: Shown }>()

const { entries, hasNextPage, fetchNextPage, isFetchingNextPage } = useRegister(
  toRef(props, 'register'),
  toRef(props, 'shown'),
)
const { data: people } = usePeople()
provideCitationsAt(computed(() => (entries.value ?? []).map((e) => e.lineId)))
</script>

<template>
  <template v-if="entries">
    <ul v-if="entries.length">
      <RegisterEntry v-for="e in entries" :key="e.lineId" :entry="e" :people="people ?? []" />
    </ul>
    <p v-else-if="$slots.default" class="small"><slot /></p>
    <button
      v-if="hasNextPage"
      class="btn"
      type="button"
      :disabled="isFetchingNextPage"
      @click="fetchNextPage()"
    >
      Read on
    </button>
  </template>
</template>

<style scoped>
.small {
  margin: 6px 0;
}

.btn {
  margin-top: 10px;
}
</style>
