import { ref } from 'vue'
import { messageOf } from '../api/problem'

/** One thing that a form does: whether it is under way, and why it was refused the last time. */
export function useDeed() {
  const busy = ref(false)
  const refused = ref('')

  /** Does it. The answer is whether it was done. */
  async function run(deed: () => Promise<unknown>): Promise<boolean> {
    busy.value = true
    refused.value = ''
    try {
      await deed()
      return true
    } catch (thrown) {
      refused.value = messageOf(thrown)
      return false
    } finally {
      busy.value = false
    }
  }

  return { busy, refused, run }
}
