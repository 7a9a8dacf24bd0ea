<script setup lang="ts">
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { Findings } from '../api/types'
import { narrowingName, unknownBecause } from './narrowingNames'
import { without, type Narrowing } from './searchWords'

/** What a search is narrowed to: each can be taken away, and one that means nothing here says so. */
const props = defineProps<{ findings: Findings }>()
const route = useRoute()
const router = useRouter()

const unknown = computed(() => props.findings.narrowings.filter((n) => !n.known))

function remove(n: Narrowing) {
  void router.push({
    path: '/lamp',
    query: { q: without(String(route.query.q ?? ''), n.by, n.value) },
  })
}
</script>

<template>
  <ul v-if="findings.narrowings.length" class="narrowings" aria-label="Narrowed to">
    <li v-for="n in findings.narrowings" :key="n.by + n.value">
      <button type="button" :class="{ unknown: !n.known }" @click="remove(n)">
        <i>{{ narrowingName(n.by) }}</i> {{ n.value }} <span aria-hidden="true">×</span
        ><span class="unseen">, take away</span>
      </button>
    </li>
  </ul>
  <p v-for="n in unknown" :key="n.by + n.value" class="small" role="alert">
    {{ unknownBecause(n.by, n.value) }}
  </p>
</template>

<style scoped>
.narrowings {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-bottom: 12px;
}

button {
  min-height: 28px;
  padding: 2px 9px;
  border: 1px solid var(--rule-strong);
  border-radius: 3px;
  background: var(--paper-2);
  color: var(--ink);
  cursor: pointer;
  overflow-wrap: anywhere;
  text-align: left;
}

button:hover {
  border-color: var(--ink-2);
}

i {
  font-style: normal;
  color: var(--pencil);
  margin-right: 3px;
}

span {
  margin-left: 4px;
  color: var(--pencil);
}

.unknown {
  border-color: var(--red);
  color: var(--red);
}
</style>
