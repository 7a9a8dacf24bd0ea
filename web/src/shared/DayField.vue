<script setup lang="ts">
import DatePicker from 'primevue/datepicker'
import { computed } from 'vue'
import { dateOf, isoDay, today, typedDay } from './dates'

defineOptions({ inheritAttrs: false })
/** `near`: the day that a day typed without a year is taken to be near to. */
const props = defineProps<{ inputId: string; near?: string }>()
const day = defineModel<string | null>({ required: true })

/** The day that a typed one took the place of: the calendar, which could not read what was typed, puts it back. */
let replaced: { day: string | null } | null = null

/** The calendar works on dates, everything else on days. */
const date = computed({
  get: () => (day.value ? dateOf(day.value) : null),
  set: (picked: unknown) => {
    if (picked !== null && !(picked instanceof Date)) return
    const chosen = picked ? isoDay(picked) : null
    if (replaced?.day !== chosen) day.value = chosen
  },
})

/** Before the calendar hears of the key: it puts what it knew back into the field. */
function keyed(event: KeyboardEvent) {
  if (event.key === 'Enter' || event.key === 'Tab') take(event)
}

/** The calendar knows one way to write a day; people have several. */
function take(event: Event) {
  const typed = typedDay(
    (event.target as HTMLInputElement).value,
    day.value ?? props.near ?? today(),
  )
  if (typed === null || typed === day.value) return
  replaced = { day: day.value }
  day.value = typed
}

/** Whatever is chosen or typed from now on counts. */
function beginAnew() {
  replaced = null
}
</script>

<template>
  <DatePicker
    v-model="date"
    :input-id="inputId"
    date-format="D d M yy"
    select-other-months
    placeholder="no date"
    :pt="{
      pcInputText: {
        root: {
          ...$attrs,
          onBlurCapture: take,
          onKeydownCapture: keyed,
          onFocus: beginAnew,
          onInput: beginAnew,
        },
      },
    }"
  />
</template>
