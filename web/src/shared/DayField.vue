<script setup lang="ts">
import DatePicker from 'primevue/datepicker'
import { computed } from 'vue'
import { dateOf, isoDay } from './dates'

defineOptions({ inheritAttrs: false })
defineProps<{ inputId: string }>()
const day = defineModel<string | null>({ required: true })

/** The calendar works on dates, everything else on days. */
const date = computed({
  get: () => (day.value ? dateOf(day.value) : null),
  set: (picked: unknown) => {
    if (picked === null || picked instanceof Date) day.value = picked ? isoDay(picked) : null
  },
})
</script>

<template>
  <DatePicker
    v-model="date"
    :input-id="inputId"
    date-format="D d M yy"
    select-other-months
    placeholder="no date"
    :pt="{ pcInputText: { root: $attrs } }"
  />
</template>
