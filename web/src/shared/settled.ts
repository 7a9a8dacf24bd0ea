import { onScopeDispose, ref, type Ref, watch } from 'vue'

const AFTER_A_KEY_MS = 250

/** What a value is once it has stayed the same for a moment: for what is asked of the server at every key otherwise. */
export function settled<T>(value: () => T, afterMs = AFTER_A_KEY_MS): Readonly<Ref<T>> {
  const calm = ref(value()) as Ref<T>
  let waiting: ReturnType<typeof setTimeout> | undefined
  watch(value, (now) => {
    clearTimeout(waiting)
    waiting = setTimeout(() => (calm.value = now), afterMs)
  })
  onScopeDispose(() => clearTimeout(waiting))
  return calm
}
