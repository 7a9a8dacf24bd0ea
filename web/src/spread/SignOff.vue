<script setup lang="ts">
import Dialog from 'primevue/dialog'
import type { Line } from '../api/types'
import { count, KIND_NAMES } from '../shared/words'

/** What is still in pencil, before minutes are filed. */
const props = defineProps<{ pencil: Line[]; ink: number }>()
const emit = defineEmits<{
  close: []
  goTo: [line: Line]
  inkAndFile: []
  /** What is in pencil is struck first. */
  fileInk: []
}>()

const title = `Still in pencil: ${count(props.pencil.length, 'line')}`
</script>

<template>
  <Dialog visible modal :header="title" class="sign-off" @update:visible="emit('close')">
    <p class="small">
      Nobody has confirmed these yet. Only ink is filed; choose a line to look at it.
    </p>
    <ul>
      <li v-for="line in pencil" :key="line.id">
        <button type="button" @click="emit('goTo', line)">
          <span class="small">{{ KIND_NAMES[line.kind] }}</span>
          <span class="words">{{ line.text }}</span>
        </button>
      </li>
    </ul>
    <div class="acts">
      <button class="btn" type="button" autofocus @click="pencil[0] && emit('goTo', pencil[0])">
        Look at the first
      </button>
      <button v-if="ink" class="btn" type="button" @click="emit('fileInk')">
        File only {{ ink === 1 ? 'the one' : `the ${ink}` }} in ink
      </button>
      <button class="btn go" type="button" @click="emit('inkAndFile')">
        Ink {{ pencil.length === 1 ? 'it' : `all ${pencil.length}` }} and file
      </button>
    </div>
  </Dialog>
</template>

<style scoped>
ul {
  max-height: 46vh;
  overflow-y: auto;
  margin: 10px 0 14px;
  border-top: 1px solid var(--rule);
}

li {
  border-bottom: 1px solid var(--rule);
}

li button {
  display: grid;
  grid-template-columns: 96px 1fr;
  gap: 12px;
  width: 100%;
  padding: 6px 4px;
  border: 0;
  background: none;
  text-align: left;
  cursor: pointer;
  align-items: baseline;
}

li button:hover .words {
  color: var(--ink);
}

.words {
  font: 15px/1.4 var(--serif);
  color: var(--pencil);
  overflow-wrap: anywhere;
}

.acts {
  display: flex;
  justify-content: flex-end;
  gap: 8px;
}
</style>
