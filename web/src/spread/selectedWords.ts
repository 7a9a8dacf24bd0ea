/** Words of one passage that are selected on the page, as characters of its text. */
export interface SelectedWords {
  passage: number
  start: number
  end: number
}

/** The selection within `pane`, cut to the passage it begins in; null where nothing is selected there. */
export function selectedWords(pane: HTMLElement): SelectedWords | null {
  const selection = globalThis.getSelection()
  if (!selection || selection.isCollapsed || selection.rangeCount === 0) return null
  const range = selection.getRangeAt(0)
  const words = elementOf(range.startContainer)?.closest<HTMLElement>('[data-words]')
  if (!words || !pane.contains(words)) return null
  const passage = Number(words.closest<HTMLElement>('[data-passage]')?.dataset.passage)

  const text = textOf(words)
  const before = document.createRange()
  before.selectNodeContents(words)
  before.setEnd(range.startContainer, range.startOffset)
  const within = range.cloneRange()
  if (!words.contains(range.endContainer)) within.setEndAfter(words.lastChild ?? words)
  const skipped = signLength(words)
  const start = Math.max(0, before.toString().length - skipped)
  const end = Math.min(text.length, start + within.toString().length)
  const trimmed = text.slice(start, end)
  const lead = trimmed.length - trimmed.trimStart().length
  const tail = trimmed.length - trimmed.trimEnd().length
  return end - tail > start + lead ? { passage, start: start + lead, end: end - tail } : null
}

function elementOf(node: Node): Element | null {
  return node instanceof Element ? node : node.parentElement
}

/** The sign of a note line stands before its text and is not part of it. */
function signLength(words: HTMLElement): number {
  return words.querySelector('.sign')?.textContent?.length ?? 0
}

function textOf(words: HTMLElement): string {
  return (words.textContent ?? '').slice(signLength(words))
}
