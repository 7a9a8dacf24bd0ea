<script setup lang="ts">
import { computed } from 'vue'
import type { Hit } from '../api/types'
import { KIND_NAMES } from '../shared/words'
import { hitAddress, hitName } from './hitAddress'

const props = defineProps<{ hit: Hit; folio: number }>()

const isLine = computed(() => props.hit.line !== null)
const address = computed(() => hitAddress(props.hit, props.folio))
const place = computed(() => hitName(props.hit, props.folio))
</script>

<template>
  <li :class="{ line: isLine }">
    <RouterLink :to="address">
      <span class="place small figures">
        {{ place }}
        <i v-if="hit.kind">{{ KIND_NAMES[hit.kind] }}</i>
        <i v-if="hit.alike" class="alike">alike</i>
      </span>
      <span class="text">
        <b v-if="hit.speaker">{{ hit.speaker }}</b>
        <template v-for="(part, i) in hit.text" :key="i"
          ><mark v-if="part.lit" class="lit">{{ part.text }}</mark
          ><template v-else>{{ part.text }}</template></template
        >
      </span>
    </RouterLink>
  </li>
</template>

<style scoped>
a {
  display: grid;
  grid-template-columns: 92px 1fr;
  gap: 12px;
  padding: 7px 6px;
  color: inherit;
  text-decoration: none;
  border-bottom: 1px solid var(--rule);
}

a:hover {
  background: var(--paper-2);
}

.place {
  text-align: right;
}

.alike {
  color: var(--pencil);
}

.place i {
  display: block;
  font-style: normal;
}

.text {
  font: 15.5px/1.5 var(--serif);
  color: var(--ink-2);
  overflow-wrap: anywhere;
}

.line .text {
  color: var(--ink);
}

b {
  font: 650 12px/1 var(--sans);
  margin-right: 7px;
}
</style>
