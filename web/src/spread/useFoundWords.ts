import { onBeforeUnmount, type Ref, watch } from 'vue'
import type { Hit } from './findWords'

/** What the browser lights without a change of the page: thousands of hits cost nothing to draw or to take away. */
const found = typeof Highlight === 'undefined' ? null : new Highlight()
if (found) CSS.highlights.set('found', found)

/** The text nodes of a passage's words and where each begins; the sign of a note line is none of them. */
function textNodes(words: Element): { node: Text; start: number }[] {
  const nodes: { node: Text; start: number }[] = []
  const walker = document.createTreeWalker(words, NodeFilter.SHOW_TEXT)
  let start = 0
  for (let node = walker.nextNode(); node; node = walker.nextNode()) {
    if (node.parentElement?.classList.contains('sign')) continue
    nodes.push({ node: node as Text, start })
    start += (node as Text).length
  }
  return nodes
}

function rangeOf(nodes: { node: Text; start: number }[], hit: Hit): Range | null {
  const at = (offset: number) => nodes.findLast((n) => n.start <= offset)
  const [from, to] = [at(hit.start), at(hit.end - 1)]
  if (!from || !to || hit.end - to.start > to.node.length) return null
  const range = document.createRange()
  range.setStart(from.node, hit.start - from.start)
  range.setEnd(to.node, hit.end - to.start)
  return range
}

/**
 * Lights all places where words were found within a list of passages.
 *
 * @param changed whatever redraws passages: their words are looked up anew then
 */
export function useFoundWords(
  list: Ref<HTMLElement | undefined>,
  hits: Ref<Hit[]>,
  changed: () => unknown,
): void {
  let own: Range[] = []

  function clear() {
    own.forEach((range) => found?.delete(range))
    own = []
  }

  function light() {
    clear()
    if (!found || !list.value || hits.value.length === 0) return
    const words = new Map(
      [...list.value.querySelectorAll('[data-passage]')].map((row) => [
        Number((row as HTMLElement).dataset.passage),
        row.querySelector('[data-words]'),
      ]),
    )
    let passage = -1
    let nodes: { node: Text; start: number }[] = []
    for (const hit of hits.value) {
      if (hit.passage !== passage) {
        const row = words.get(hit.passage)
        passage = hit.passage
        nodes = row ? textNodes(row) : []
      }
      const range = rangeOf(nodes, hit)
      if (range) own.push(range)
    }
    own.forEach((range) => found.add(range))
  }

  watch([hits, changed], light, { flush: 'post' })
  onBeforeUnmount(clear)
}
