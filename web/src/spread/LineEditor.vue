<script setup lang="ts">
import { nextTick, onBeforeUnmount, onMounted, ref } from 'vue'
import { splitAt } from './lineFacts'

/** `splits`: whether what is typed can be made two lines of. */
const props = defineProps<{ text: string; label: string; splits?: boolean }>()
const emit = defineEmits<{
  typing: [text: string]
  done: [text: string]
  cancel: []
  split: [text: string, at: number]
}>()

/** A pause this long while typing stores what stands. */
const PAUSE_MS = 600

const words = ref(props.text)
const area = ref<HTMLTextAreaElement>()
let pause: ReturnType<typeof setTimeout> | undefined
let finished = false

onMounted(() => {
  grow()
  area.value?.focus()
  area.value?.setSelectionRange(words.value.length, words.value.length)
})
onBeforeUnmount(() => clearTimeout(pause))

function typed() {
  clearTimeout(pause)
  pause = setTimeout(() => {
    if (words.value.trim()) emit('typing', words.value.trim())
  }, PAUSE_MS)
  void nextTick(grow)
}

/** The field is as high as its words. */
function grow() {
  if (!area.value) return
  area.value.style.height = 'auto'
  area.value.style.height = `${area.value.scrollHeight}px`
}

function done() {
  if (finished) return
  finished = true
  clearTimeout(pause)
  const text = words.value.trim()
  if (text) emit('done', text)
  else emit('cancel')
}

function split() {
  const at = area.value?.selectionStart ?? 0
  if (!props.splits || finished || splitAt(words.value, at) === null) return
  finished = true
  clearTimeout(pause)
  emit('split', words.value, at)
}

function cancel() {
  if (finished) return
  finished = true
  clearTimeout(pause)
  emit('cancel')
}
</script>

<template>
  <div class="editor">
    <textarea
      ref="area"
      v-model="words"
      rows="1"
      maxlength="4000"
      :aria-label="label"
      @input="typed"
      @keydown.enter.exact.prevent.stop="done"
      @keydown.ctrl.enter.prevent.stop="split"
      @keydown.meta.enter.prevent.stop="split"
      @keydown.esc.stop="cancel"
      @blur="done"
    />
    <p class="small">
      <kbd>Enter</kbd> keeps <kbd>Esc</kbd> brings back
      <!-- The field keeps the keyboard: leaving it would end the edit. -->
      <button v-if="splits" type="button" tabindex="-1" @mousedown.prevent="split">
        <kbd>Ctrl+Enter</kbd> splits here
      </button>
    </p>
  </div>
</template>

<style scoped>
textarea {
  display: block;
  width: 100%;
  padding: 2px 6px;
  margin: -3px 0 -3px -7px;
  border: 1px solid var(--field);
  border-radius: 3px;
  background: var(--paper);
  font: 15.5px/1.45 var(--serif);
  resize: none;
  overflow: hidden;
}

p {
  display: flex;
  gap: 4px;
  align-items: baseline;
  margin-top: 5px;
  font-size: 12px;
}

kbd:not(:first-child) {
  margin-left: 8px;
}

button {
  border: 0;
  background: none;
  padding: 0;
  margin-left: 8px;
  cursor: pointer;
}

button:hover {
  color: var(--ink);
}
</style>
