import type { Line } from '../api/types'
import { isModified, isTyping, type KeyHelp } from '../shared/keys'

/** What a line can be changed with beside its words. */
export type LineTool = 'kind' | 'owner' | 'due' | 'why'

/** What the keys of a review do. */
export interface ReviewActs {
  move: (by: 1 | -1) => void
  undo: () => void
  redo: () => void
  compose: () => void
  leave: () => void
  onLine: (act: (line: Line) => void) => void
  ink: (line: Line) => void
  edit: (line: Line) => void
  strike: (line: Line) => void
  /** Takes a tool of the selected line into the hand. */
  takeTool: (tool: LineTool) => void
}

export const REVIEW_KEYS: KeyHelp[] = [
  { keys: '↓ ↑', does: 'next line, line before' },
  { keys: 'Enter', does: 'ink the line and go on' },
  { keys: 'E', does: 'edit its wording; Enter keeps, Esc brings back' },
  { keys: 'X', does: 'strike it, or restore it' },
  { keys: 'K', does: 'change its kind' },
  { keys: 'O', does: 'change an action’s owner' },
  { keys: 'D', does: 'change an action’s date' },
  { keys: 'W', does: 'why it was drafted' },
  { keys: 'N', does: 'a new line below; of the selected words, if any' },
  { keys: 'Ctrl+Z', does: 'undo' },
  { keys: 'Ctrl+Y', does: 'do again' },
  { keys: 'Esc', does: 'put the lamp out' },
]

/** The listener for the keys of a review. */
export function reviewKeys(acts: ReviewActs): (event: KeyboardEvent) => void {
  const plain: Record<string, () => void> = {
    arrowdown: () => acts.move(1),
    arrowup: () => acts.move(-1),
    e: () => acts.onLine(acts.edit),
    x: () => acts.onLine(acts.strike),
    k: () => acts.takeTool('kind'),
    o: () => acts.takeTool('owner'),
    d: () => acts.takeTool('due'),
    w: () => acts.takeTool('why'),
    n: acts.compose,
    escape: acts.leave,
  }
  return (event) => {
    if (isTyping(event)) return
    const key = event.key.toLowerCase()
    if ((event.ctrlKey || event.metaKey) && !event.altKey) {
      if (key === 'z' && !event.shiftKey) take(event, acts.undo)
      else if (key === 'y' || (key === 'z' && event.shiftKey)) take(event, acts.redo)
    } else if (!isModified(event)) {
      // On any other button Enter presses that button.
      const onText =
        (event.target as HTMLElement).matches?.('.text, body, [data-passage] *') ?? false
      if (key === 'enter' && onText) take(event, () => acts.onLine(acts.ink))
      else if (plain[key]) take(event, plain[key])
    }
  }
}

function take(event: KeyboardEvent, act: () => void) {
  event.preventDefault()
  act()
}
