import { computed, onBeforeUnmount, type Ref, watch } from 'vue'
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
 * Lights all places where words were found within those passages of a list that are drawn.
 *
 * @param changed whatever redraws passages: their words are looked up anew then
 */
export function useFoundWords(
  list: Ref<HTMLElement | undefined>,
  hits: Ref<Hit[]>,
  changed: () => unknown,
): void {
  let own: Range[] = []
  const byPassage = computed(() => {
    const grouped = new Map<number, Hit[]>()
    for (const hit of hits.value) {
      grouped.set(hit.passage, [...(grouped.get(hit.passage) ?? []), hit])
    }
    return grouped
  })

  function clear() {
    own.forEach((range) => found?.delete(range))
    own = []
  }

  function light() {
    clear()
    if (!found || !list.value || hits.value.length === 0) return
    for (const row of list.value.querySelectorAll<HTMLElement>('[data-passage]')) {
      const within = byPassage.value.get(Number(row.dataset.passage))
      const words = within && row.querySelector('[data-words]')
      if (!words) continue
      const nodes = textNodes(words)
      own.push(...within.map((hit) => rangeOf(nodes, hit)).filter((range) => range !== null))
    }
    own.forEach((range) => found.add(range))
  }

  watch([hits, changed], light, { flush: 'post' })
  onBeforeUnmount(clear)
}
