<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Label } from '../api/types'
import { count } from '../shared/words'
import LabelChoice from './LabelChoice.vue'
import { type Meant, useShelving } from './useShelving'

/** What can be done to the folios that are chosen. */
const props = defineProps<{
  chosen: number[]
  /** Whether all that fit are meant, also those that were not read yet. */
  all: boolean
  total: number
  facets: string[]
  archived: boolean
}>()
const emit = defineEmits<{ all: []; none: [] }>()

const { put, take, archive } = useShelving()
const choosing = ref<'put' | 'take' | null>(null)

const meant = computed<Meant>(() =>
  props.all ? { fitting: props.facets, archived: props.archived } : { folios: [...props.chosen] },
)

async function filed(label: Label) {
  const how = choosing.value === 'put' ? put : take
  choosing.value = null
  await how(meant.value, label)
}

async function toggleArchive() {
  const folios = meant.value
  emit('none')
  await archive(folios, !props.archived)
}
</script>

<template>
  <div class="chosen-bar" role="region" aria-label="Chosen folios">
    <b class="figures" role="status">{{ count(all ? total : chosen.length, 'folio') }} chosen</b>
    <button
      v-if="!all && chosen.length < total"
      class="btn quiet"
      type="button"
      @click="emit('all')"
    >
      All {{ total.toLocaleString('en-GB') }} that fit
    </button>
    <LabelChoice v-if="choosing" @chosen="filed" @done="choosing = null" />
    <template v-else>
      <button class="btn" type="button" @click="choosing = 'put'">File under</button>
      <button class="btn" type="button" @click="choosing = 'take'">Take out of</button>
      <button class="btn" type="button" @click="toggleArchive">
        {{ archived ? 'Back from the archive' : 'Archive' }}
      </button>
    </template>
    <button class="btn quiet last" type="button" @click="emit('none')">None</button>
  </div>
</template>

<style scoped>
.last {
  margin-left: auto;
}
</style>
