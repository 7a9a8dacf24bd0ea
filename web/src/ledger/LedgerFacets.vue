<script setup lang="ts">
import { computed, ref } from 'vue'
import type { FacetValue } from '../api/types'
import FacetChoice from '../shared/FacetChoice.vue'
import { FACETS, sortedValues, valueName } from './ledgerWords'
import { facetOf } from './useLedger'

/** By what the folios can be narrowed; each value with how many would be left. */
const props = defineProps<{ values: FacetValue[]; chosen: string[] }>()
const emit = defineEmits<{ toggle: [facet: string] }>()

/** So many values of a facet are shown until more are asked for. */
const FEW = 8
const whole = ref(new Set<string>())

const facets = computed(() =>
  FACETS.map(([facet, heading]) => {
    const values = sortedValues(facet, props.values)
    const shown = whole.value.has(facet)
      ? values
      : values.filter((v, i) => i < FEW || props.chosen.includes(facetOf(facet, v.value)))
    return { facet, heading, shown, more: values.length - shown.length }
  }).filter((f) => f.shown.length > 0),
)
</script>

<template>
  <section v-for="f in facets" :key="f.facet" class="facet" :aria-label="f.heading">
    <h2>{{ f.heading }}</h2>
    <ul>
      <li v-for="v in f.shown" :key="v.value">
        <FacetChoice
          :name="valueName(v)"
          :on="chosen.includes(facetOf(f.facet, v.value))"
          :within="v.within !== null"
          :counted="{ many: v.folios, of: 'folio' }"
          @toggle="emit('toggle', facetOf(f.facet, v.value))"
        />
      </li>
    </ul>
    <button v-if="f.more" type="button" class="more small" @click="whole.add(f.facet)">
      {{ f.more }} more
    </button>
  </section>
</template>

<style scoped>
.facet + .facet {
  margin-top: 22px;
}

ul {
  margin-top: 5px;
}

.more {
  margin-left: -8px;
  padding: 3px 8px;
  border: 0;
  border-radius: 3px;
  background: none;
  color: var(--green);
  cursor: pointer;
}

.more:hover {
  background: var(--paper);
}
</style>
