import { ref } from 'vue'
import { messageOf } from '../api/problem'

/** A short word about what just happened, with one thing that can be done about it. */
export interface Notice {
  id: number
  text: string
  failed: boolean
  undo?: () => void
  /** Where it leads, and what that is called. */
  to?: { path: string; label: string }
}

const SHOWN_FOR_MS = 8000
const notices = ref<Notice[]>([])
let next = 0

export function useNotices() {
  function dismiss(id: number) {
    notices.value = notices.value.filter((n) => n.id !== id)
  }
  function say(text: string, options: Partial<Pick<Notice, 'failed' | 'undo' | 'to'>> = {}) {
    const id = next++
    notices.value.push({ id, text, ...options, failed: options.failed ?? false })
    // What failed, or leads somewhere, stays until it is read.
    if (!options.failed && !options.to) setTimeout(() => dismiss(id), SHOWN_FOR_MS)
  }
  /** Waits for a deed; where it fails, that is said. The answer is whether it was done. */
  async function attempt(deed: Promise<unknown>): Promise<boolean> {
    try {
      await deed
      return true
    } catch (thrown) {
      say(messageOf(thrown), { failed: true })
      return false
    }
  }
  return { notices, say, attempt, dismiss }
}
