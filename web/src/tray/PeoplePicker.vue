<script setup lang="ts">
import AutoComplete, { type AutoCompleteCompleteEvent } from 'primevue/autocomplete'
import { computed, ref } from 'vue'
import { answer, api } from '../api/client'
import { keys, outdate, usePeople } from '../api/queries'
import type { Person } from '../api/types'
import { useDeed } from '../shared/useDeed'

const props = defineProps<{ unknown: string[] }>()
const chosen = defineModel<string[]>({ required: true })

const { data: everybody } = usePeople()
const offered = ref<Person[]>([])
const { refused, run } = useDeed()
const added = ref<string[]>([])
const fresh = ref('')

const people = computed({
  get: () =>
    chosen.value
      .map((id) => everybody.value?.find((p) => p.id === id))
      .filter((p): p is Person => p !== undefined),
  set: (list: Person[]) => (chosen.value = list.map((p) => p.id)),
})
const stillUnknown = computed(() => props.unknown.filter((name) => !added.value.includes(name)))

function offer(event: AutoCompleteCompleteEvent) {
  const typed = event.query.trim().toLowerCase()
  offered.value = (everybody.value ?? []).filter(
    (p) =>
      !chosen.value.includes(p.id) &&
      [p.name, p.role ?? '', ...p.aliases].some((text) => text.toLowerCase().includes(typed)),
  )
  fresh.value = event.query.trim()
}

const addToRoster = (name: string) =>
  run(async () => {
    const person = await answer(
      api.POST('/api/people', { body: { name, role: null, email: null, aliases: [] } }),
    )
    await outdate(keys.people)
    chosen.value = [...chosen.value, person.id]
    added.value.push(name)
  })
</script>

<template>
  <label class="label" for="people">People</label>
  <AutoComplete
    v-model="people"
    input-id="people"
    multiple
    :suggestions="offered"
    option-label="name"
    data-key="id"
    auto-option-focus
    complete-on-focus
    :delay="0"
    placeholder="Name or role"
    @complete="offer"
  >
    <template #option="{ option }">
      {{ option.name }} <span class="small">{{ option.role }}</span>
    </template>
    <template #empty>
      <span v-if="fresh">Nobody of that name is left on the roster.</span>
      <span v-else>Everybody is chosen.</span>
    </template>
    <template #footer>
      <button
        v-if="fresh && !offered.length"
        class="btn quiet"
        type="button"
        @click="addToRoster(fresh)"
      >
        Put {{ fresh }} on the roster
      </button>
    </template>
  </AutoComplete>
  <p v-if="stillUnknown.length" class="unknown small">
    The roster does not know, or knows several of:
    <button
      v-for="name in stillUnknown"
      :key="name"
      class="btn quiet"
      type="button"
      @click="addToRoster(name)"
    >
      {{ name }} · add
    </button>
  </p>
  <p v-if="refused" class="red small" role="alert">{{ refused }}</p>
</template>

<style scoped>
.unknown {
  margin-top: 6px;
}
</style>
