import { ref } from 'vue'

/** A short word about what just happened, with one thing that can be done about it. */
export interface Notice {
  id: number
  text: string
  failed: boolean
  undo?: () => void
}

const SHOWN_FOR_MS = 8000
const notices = ref<Notice[]>([])
let next = 0

export function useNotices() {
  function dismiss(id: number) {
    notices.value = notices.value.filter((n) => n.id !== id)
  }
  function say(text: string, options: { failed?: boolean; undo?: () => void } = {}) {
    const id = next++
    notices.value.push({ id, text, failed: options.failed ?? false, undo: options.undo })
    // What failed stays until it is read.
    if (!options.failed) setTimeout(() => dismiss(id), SHOWN_FOR_MS)
  }
  return { notices, say, dismiss }
}
