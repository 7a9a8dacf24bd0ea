<script setup lang="ts">
import { computed, watch } from 'vue'
import type { Recipient } from '../api/types'
import { listed } from '../shared/words'
import { outsideOf } from './outside'

/** Asks before a letter goes to people outside the team's own domains. */
const props = defineProps<{ to: Recipient[]; domains: string[] }>()
const meant = defineModel<boolean>({ required: true })
const outside = computed(() => outsideOf(props.to, props.domains))

// What was confirmed for some does not hold for others.
watch(
  () => outside.value.map((r) => r.address).join(' '),
  () => (meant.value = false),
)
</script>

<template>
  <label v-if="outside.length" class="check outside">
    <input v-model="meant" type="checkbox" />
    <span>
      Send it outside {{ listed(domains, 3) }} too: to
      {{
        listed(
          outside.map((r) => `${r.name} (${r.address})`),
          5,
        )
      }}
    </span>
  </label>
</template>

<style scoped>
.outside {
  padding: 8px 12px;
  border-left: 2px solid var(--lamp-edge);
}
</style>
