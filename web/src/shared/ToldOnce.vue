<script setup lang="ts">
import { useNotices } from './notices'

/** Words that are told this once, with what to do with them; they can be copied. */
const props = defineProps<{ words: string }>()
const { say, attempt } = useNotices()

async function copy() {
  if (await attempt(navigator.clipboard.writeText(props.words))) say('Copied.')
}
</script>

<template>
  <div class="told" role="alert">
    <p><slot /></p>
    <code>{{ words }}</code>
    <button class="btn" type="button" @click="copy">Copy</button>
  </div>
</template>

<style scoped>
.told {
  margin-top: 8px;
  padding: 10px 14px;
  border: 1px solid var(--lamp-edge);
  background: var(--lamp);
  color: #1c2830;
}

code {
  display: block;
  margin: 4px 0 8px;
  font:
    13px/1.5 ui-monospace,
    monospace;
  overflow-wrap: anywhere;
}
</style>
