import { describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import { NOTHING_UNDERSTOOD, type PageLine } from './noteLines'
import type { useNotePage } from './useNotePage'
import { useTyping } from './useTyping'

const line = (name: string, text: string, indent = 0): PageLine => ({
  name,
  stamp: 1,
  position: 1,
  indent,
  text,
  agendaItem: null,
  typedAt: '2026-03-03T09:31:00Z',
  beside: false,
  removed: false,
  by: { id: 'm', name: 'Mira Voss' },
  understood: NOTHING_UNDERSTOOD,
})

function typing(...lines: PageLine[]) {
  const page = {
    add: vi.fn(() => 'new'),
    change: vi.fn(),
    remove: vi.fn(),
    flush: vi.fn(),
    paste: vi.fn(() => 'last'),
  }
  const focus = vi.fn(async () => {})
  const does = useTyping(
    page as unknown as ReturnType<typeof useNotePage>,
    ref(lines),
    ref(2),
    focus,
  )
  return { page, focus, does }
}

describe('typing on a page', () => {
  it('goes on behind the last line, or on it while it is empty', () => {
    const full = typing(line('a', 'one'))
    void full.does.start()
    expect(full.page.add).toHaveBeenCalledWith('a', { agendaItem: 2 })
    expect(full.focus).toHaveBeenCalledWith('new')

    const empty = typing(line('a', 'one'), line('b', ''))
    void empty.does.start()
    expect(empty.page.add).not.toHaveBeenCalled()
    expect(empty.focus).toHaveBeenCalledWith('b')

    const none = typing()
    void none.does.start()
    expect(none.page.add).toHaveBeenCalledWith(null, { agendaItem: 2 })
  })

  it('breaks a line, nested as it is, and sends it at once', () => {
    const a = line('a', 'one', 1)
    const { page, focus, does } = typing(a)
    does.enter(a, 'two')

    expect(page.add).toHaveBeenCalledWith('a', { text: 'two', indent: 1, agendaItem: 2 })
    expect(page.flush).toHaveBeenCalled()
    expect(focus).toHaveBeenCalledWith('new', 'start')
  })

  it('takes a line out of its nesting first, then to the end of the one before', () => {
    const a = line('a', 'one')
    const nestedLine = line('b', 'two', 1)
    const first = typing(a, nestedLine)
    first.does.join(nestedLine)
    expect(first.page.change).toHaveBeenCalledWith('b', { indent: 0 })
    expect(first.page.remove).not.toHaveBeenCalled()

    const b = line('b', ' two')
    const second = typing(a, b)
    second.does.join(b)
    expect(second.page.change).toHaveBeenCalledWith('a', { text: 'one two' })
    expect(second.page.remove).toHaveBeenCalledWith('b')
    expect(second.focus).toHaveBeenCalledWith('a')
  })

  it('takes an empty line away, and leaves the first one that has words', () => {
    const a = line('a', 'one')
    const b = line('b', '')
    const { page, focus, does } = typing(a, b)
    does.join(b)
    expect(page.remove).toHaveBeenCalledWith('b')
    expect(focus).toHaveBeenCalledWith('a')

    const only = typing(a)
    only.does.join(a)
    expect(only.page.change).not.toHaveBeenCalled()
    expect(only.page.remove).not.toHaveBeenCalled()
  })

  it('goes up and down, and puts a pasted page in place of an empty line', () => {
    const a = line('a', 'one')
    const b = line('b', '')
    const { page, focus, does } = typing(a, b)
    does.go(a, 1)
    does.go(b, -1)
    expect(focus.mock.calls).toEqual([['b'], ['a']])

    does.paste(b, 'x\ny')
    expect(page.paste).toHaveBeenCalledWith('b', 'x\ny')
    expect(page.remove).toHaveBeenCalledWith('b')
    expect(focus).toHaveBeenLastCalledWith('last')
  })
})
