import type { Line } from '../api/types'
import { isModified, isTyping, type KeyHelp } from '../shared/keys'

/** What a line can be changed with beside its words. */
export type LineTool = 'kind' | 'owner' | 'due' | 'why' | 'quote'

/** What the keys of a review do. */
export interface ReviewActs {
  move: (by: 1 | -1) => void
  undo: () => void
  redo: () => void
  compose: () => void
  leave: () => void
  onLine: (act: (line: Line) => void) => void
  ink: (line: Line) => void
  inkSection: (line: Line) => void
  inkAll: () => void
  edit: (line: Line) => void
  strike: (line: Line) => void
  join: (line: Line) => void
  /** Moves a line up or down. */
  shift: (line: Line, by: 1 | -1) => void
  /** Takes a tool of the selected line into the hand. */
  takeTool: (tool: LineTool) => void
  /** Gives the keyboard to the list of those present and absent. */
  callRoll: () => void
  findInSource: () => void
  toggle: (what: 'struck' | 'possible') => void
  nextView: () => void
  file: () => void
}

export const REVIEW_KEYS: KeyHelp[] = [
  { keys: '↓ ↑', does: 'next line, line before' },
  { keys: 'Enter', does: 'ink the line, or take what is possible, and go on' },
  { keys: 'Shift+Enter', does: 'ink its section' },
  { keys: 'A', does: 'ink all' },
  { keys: 'E', does: 'edit its wording; Enter keeps, Esc brings back, Ctrl+Enter splits' },
  { keys: 'Q', does: 'quote the source, or put a quotation in own words' },
  { keys: 'X', does: 'strike it, restore it, or dismiss what is possible' },
  { keys: 'K', does: 'change its kind' },
  { keys: 'O', does: 'change an action’s owner' },
  { keys: 'D', does: 'change an action’s date' },
  { keys: 'J', does: 'join the line below to it' },
  { keys: 'Alt+↓ Alt+↑', does: 'move it down or up' },
  { keys: 'W', does: 'why it was drafted' },
  { keys: 'N', does: 'a new line below; of the selected words, if any' },
  { keys: 'P', does: 'show or hide what is possible' },
  { keys: 'S', does: 'show or hide what was struck' },
  { keys: 'R', does: 'the roll: then one key per person' },
  { keys: 'F', does: 'find words in the source' },
  { keys: 'V', does: 'another view: both pages, one alone, the notes beside' },
  { keys: 'Ctrl+Enter', does: 'file' },
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
    q: () => acts.takeTool('quote'),
    j: () => acts.onLine(acts.join),
    a: acts.inkAll,
    n: acts.compose,
    p: () => acts.toggle('possible'),
    s: () => acts.toggle('struck'),
    r: acts.callRoll,
    f: acts.findInSource,
    v: acts.nextView,
    escape: acts.leave,
  }
  return (event) => {
    if (isTyping(event)) return
    const key = event.key.toLowerCase()
    if ((event.ctrlKey || event.metaKey) && !event.altKey) {
      if (key === 'z' && !event.shiftKey) take(event, acts.undo)
      else if (key === 'y' || (key === 'z' && event.shiftKey)) take(event, acts.redo)
      else if (key === 'enter') take(event, acts.file)
    } else if (event.altKey && (key === 'arrowdown' || key === 'arrowup')) {
      const by = key === 'arrowdown' ? 1 : -1
      take(event, () => acts.onLine((line) => acts.shift(line, by)))
    } else if (!isModified(event)) {
      // On any other button Enter presses that button.
      const onText =
        (event.target as HTMLElement).matches?.('.text, body, [data-passage] *') ?? false
      const ink = event.shiftKey ? acts.inkSection : acts.ink
      if (key === 'enter' && onText) take(event, () => acts.onLine(ink))
      else if (plain[key]) take(event, plain[key])
    }
  }
}

function take(event: KeyboardEvent, act: () => void) {
  event.preventDefault()
  act()
}
