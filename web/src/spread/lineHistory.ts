import { computed, shallowRef } from 'vue'
import type { LineFacts } from '../api/types'

/** One line before and after a change. */
export interface Step {
  lineId: string
  before: LineFacts
  after: LineFacts
}

/** What one act of a person changed. */
export interface Act {
  label: string
  steps: Step[]
}

/** Acts that can be undone and redone, without limit within the session. */
export function useHistory(apply: (lineId: string, facts: LineFacts) => void) {
  const done = shallowRef<Act[]>([])
  const undone = shallowRef<Act[]>([])

  function record(act: Act) {
    if (act.steps.length === 0) return
    done.value = [...done.value, act]
    undone.value = []
  }

  function undo(): Act | undefined {
    const act = done.value[done.value.length - 1]
    if (!act) return undefined
    done.value = done.value.slice(0, -1)
    undone.value = [...undone.value, act]
    act.steps.forEach((step) => apply(step.lineId, step.before))
    return act
  }

  function redo(): Act | undefined {
    const act = undone.value[undone.value.length - 1]
    if (!act) return undefined
    undone.value = undone.value.slice(0, -1)
    done.value = [...done.value, act]
    act.steps.forEach((step) => apply(step.lineId, step.after))
    return act
  }

  return {
    record,
    undo,
    redo,
    canUndo: computed(() => done.value.length > 0),
    canRedo: computed(() => undone.value.length > 0),
  }
}
