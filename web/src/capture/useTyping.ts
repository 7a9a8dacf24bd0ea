import type { Ref } from 'vue'
import { nested, type PageLine } from './noteLines'
import type { useNotePage } from './useNotePage'

/**
 * What the keys of a line do to the page.
 *
 * @param mine the lines one may type on, in their order
 * @param item the agenda's item that is talked about now
 * @param focus puts the cursor into a line
 */
export function useTyping(
  page: ReturnType<typeof useNotePage>,
  mine: Readonly<Ref<PageLine[]>>,
  item: Readonly<Ref<number | null>>,
  focus: (name: string | undefined, at?: 'start' | 'end') => Promise<void>,
) {
  /** Goes on behind the last line: on it where it is still empty. */
  function start(): Promise<void> {
    const last = mine.value.at(-1)
    if (last && last.text === '') return focus(last.name)
    return focus(page.add(last?.name ?? null, { agendaItem: item.value }))
  }

  /** Begins the next line with what stood behind the cursor. */
  function enter(line: PageLine, rest: string) {
    const name = page.add(line.name, { text: rest, indent: line.indent, agendaItem: item.value })
    void page.flush()
    void focus(name, 'start')
  }

  /** Takes a line out of its nesting, then away or to the end of the one before. */
  function join(line: PageLine) {
    const index = mine.value.indexOf(line)
    const before = mine.value[index - 1]
    if (line.indent > 0) page.change(line.name, { indent: line.indent - 1 })
    else if (line.text === '') {
      page.remove(line.name)
      void focus((before ?? mine.value[0])?.name)
    } else if (before) {
      page.change(before.name, { text: before.text + line.text })
      page.remove(line.name)
      void focus(before.name)
    }
  }

  function go(line: PageLine, step: 1 | -1) {
    void focus(mine.value[mine.value.indexOf(line) + step]?.name)
  }

  function nest(line: PageLine, step: 1 | -1) {
    page.change(line.name, { indent: nested(mine.value, mine.value.indexOf(line), step) })
  }

  function paste(line: PageLine, text: string) {
    const last = page.paste(line.name, text)
    if (line.text === '') page.remove(line.name)
    void focus(last)
  }

  return { start, enter, join, go, nest, paste }
}
