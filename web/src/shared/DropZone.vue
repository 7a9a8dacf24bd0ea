<script setup lang="ts">
import { ref } from 'vue'
import { useSession } from '../signin/session'

/** What letting go does, said while files are held over it. */
defineProps<{ says: string }>()
const emit = defineEmits<{ files: [files: File[]] }>()

const { writes } = useSession()
const over = ref(false)
const input = ref<HTMLInputElement>()
let depth = 0

function enter(event: DragEvent) {
  if (!writes.value || !event.dataTransfer?.types.includes('Files')) return
  depth++
  over.value = true
}

function leave() {
  depth = Math.max(0, depth - 1)
  over.value = depth > 0
}

function drop(event: DragEvent) {
  depth = 0
  over.value = false
  take(event.dataTransfer?.files)
}

function chosen() {
  take(input.value?.files)
  if (input.value) input.value.value = ''
}

function take(files: FileList | null | undefined) {
  if (writes.value && files?.length) emit('files', [...files])
}
</script>

<template>
  <div
    class="zone"
    :class="{ over }"
    @dragenter.prevent="enter"
    @dragover.prevent
    @dragleave="leave"
    @drop.prevent="drop"
  >
    <input
      ref="input"
      type="file"
      multiple
      hidden
      data-testid="files"
      aria-label="Files"
      @change="chosen"
    />
    <slot :choose="() => input?.click()" />
    <p v-if="over" class="drop-here" aria-hidden="true">{{ says }}</p>
  </div>
</template>

<style scoped>
.zone {
  position: relative;
}

.drop-here {
  position: absolute;
  inset: 8px;
  display: grid;
  place-items: center;
  font: 600 22px/1 var(--serif);
  background: color-mix(in srgb, var(--paper) 86%, transparent);
  border: 2px dashed var(--green);
  border-radius: 3px;
  pointer-events: none;
}
</style>
