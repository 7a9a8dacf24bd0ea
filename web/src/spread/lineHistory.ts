import { computed, shallowRef } from 'vue'

/** What one act of a person changed, and how it is taken back and done again. */
export interface Act {
  label: string
  undo: () => void | Promise<void>
  redo: () => void | Promise<void>
}

/** Acts that can be undone and redone, without limit within the session. */
export function useHistory() {
  const done = shallowRef<Act[]>([])
  const undone = shallowRef<Act[]>([])

  function record(act: Act) {
    done.value = [...done.value, act]
    undone.value = []
  }

  /** Takes the last act back; the answer is what it was called, if there was one. */
  async function undo(): Promise<string | undefined> {
    const act = done.value.at(-1)
    if (!act) return undefined
    done.value = done.value.slice(0, -1)
    undone.value = [...undone.value, act]
    await act.undo()
    return act.label
  }

  async function redo(): Promise<string | undefined> {
    const act = undone.value.at(-1)
    if (!act) return undefined
    undone.value = undone.value.slice(0, -1)
    done.value = [...done.value, act]
    await act.redo()
    return act.label
  }

  return {
    record,
    undo,
    redo,
    canUndo: computed(() => done.value.length > 0),
    canRedo: computed(() => undone.value.length > 0),
  }
}
