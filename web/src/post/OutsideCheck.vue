<script setup lang="ts">
import type { Recipient } from '../api/types'
import { listed } from '../shared/words'

/** Asks before a letter goes to people outside the team's own domains. */
defineProps<{ outside: Recipient[]; domains: string[] }>()
const meant = defineModel<boolean>({ required: true })
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
