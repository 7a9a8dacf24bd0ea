<script setup lang="ts">
import { computed, ref } from 'vue'
import { usePeople } from '../api/queries'
import RegisterEntry from '../registers/RegisterEntry.vue'
import { useRegister, useRegisterCounts } from '../registers/useRegister'
import { addDays, today } from '../shared/dates'

/** What is overdue, and what is due within a week: to be ticked off right here. */
const MOST = 3
const DAYS_AHEAD = 7

const { entries } = useRegister(
  ref('actions'),
  ref({ open: true, overdue: false, owner: undefined }),
)
const { data: counts } = useRegisterCounts()
const { data: people } = usePeople()
const due = computed(() =>
  (entries.value ?? []).filter((e) => e.due !== null && e.due <= addDays(today(), DAYS_AHEAD)),
)
const overdue = computed(() => counts.value?.find((c) => c.kind === 'ACTION')?.overdue ?? 0)
</script>

<template>
  <template v-if="due.length">
    <h2 class="section-head">
      Due within a week
      <RouterLink to="/registers/actions?weeks">
        <b v-if="overdue" class="red">{{ overdue }} overdue</b><template v-else>all</template>
      </RouterLink>
    </h2>
    <ul class="due">
      <RegisterEntry
        v-for="e in due.slice(0, MOST)"
        :key="e.lineId"
        :entry="e"
        :people="people ?? []"
      />
    </ul>
  </template>
</template>

<style scoped>
.section-head {
  margin-top: 22px;
}

.due {
  margin-bottom: 10px;
}
</style>
