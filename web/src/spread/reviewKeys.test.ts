import { describe, expect, it, vi } from 'vitest'
import { type ReviewActs, reviewKeys } from './reviewKeys'
import { line } from './testLines'

function desk() {
  const selected = line('a')
  const acts = {
    move: vi.fn(),
    undo: vi.fn(),
    redo: vi.fn(),
    compose: vi.fn(),
    leave: vi.fn(),
    onLine: (act: (l: typeof selected) => void) => act(selected),
    ink: vi.fn(),
    inkSection: vi.fn(),
    inkAll: vi.fn(),
    join: vi.fn(),
    shift: vi.fn(),
    callRoll: vi.fn(),
    findInSource: vi.fn(),
    toggle: vi.fn(),
    nextView: vi.fn(),
    file: vi.fn(),
    edit: vi.fn(),
    strike: vi.fn(),
    takeTool: vi.fn(),
  } satisfies ReviewActs
  const listener = reviewKeys(acts)
  function press(key: string, init: KeyboardEventInit = {}, html = '<p>page</p>') {
    document.body.innerHTML = html
    const target = document.body.firstElementChild as HTMLElement
    const event = new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...init })
    target.addEventListener('keydown', listener as EventListener, { once: true })
    target.dispatchEvent(event)
    return event
  }
  return { acts, press, selected }
}

const LINE = '<button class="text">line</button>'

describe('the keys of a review', () => {
  it('move, ink, edit and strike', () => {
    const { acts, press, selected } = desk()
    press('ArrowDown')
    press('ArrowUp')
    expect(acts.move.mock.calls).toEqual([[1], [-1]])
    press('Enter', {}, LINE)
    press('e')
    press('X')
    expect(acts.ink).toHaveBeenCalledWith(selected)
    expect(acts.edit).toHaveBeenCalledWith(selected)
    expect(acts.strike).toHaveBeenCalledWith(selected)
  })

  it('reach the tools of the line', () => {
    const { acts, press } = desk()
    for (const key of ['k', 'o', 'd', 'w']) press(key)
    expect(acts.takeTool.mock.calls.flat()).toEqual(['kind', 'owner', 'due', 'why'])
  })

  it('ink a section or all, join, move and file', () => {
    const { acts, press, selected } = desk()
    press('Enter', { shiftKey: true }, LINE)
    press('a')
    press('j')
    press('ArrowDown', { altKey: true })
    press('ArrowUp', { altKey: true })
    press('Enter', { ctrlKey: true })
    expect(acts.inkSection).toHaveBeenCalledWith(selected)
    expect(acts.ink).not.toHaveBeenCalled()
    expect(acts.inkAll).toHaveBeenCalledOnce()
    expect(acts.join).toHaveBeenCalledWith(selected)
    expect(acts.shift.mock.calls).toEqual([
      [selected, 1],
      [selected, -1],
    ])
    expect(acts.move).not.toHaveBeenCalled()
    expect(acts.file).toHaveBeenCalledOnce()
  })

  it('reach the roll, the source, the views and what is left out', () => {
    const { acts, press } = desk()
    for (const key of ['r', 'f', 'v', 'p', 's']) press(key)
    expect(acts.callRoll).toHaveBeenCalledOnce()
    expect(acts.findInSource).toHaveBeenCalledOnce()
    expect(acts.nextView).toHaveBeenCalledOnce()
    expect(acts.toggle.mock.calls).toEqual([['possible'], ['struck']])
  })

  it('undo and do again with Control or Command', () => {
    const { acts, press } = desk()
    press('z', { ctrlKey: true })
    press('z', { metaKey: true })
    press('y', { ctrlKey: true })
    press('Z', { metaKey: true, shiftKey: true })
    expect(acts.undo).toHaveBeenCalledTimes(2)
    expect(acts.redo).toHaveBeenCalledTimes(2)
  })

  it('are words while somebody types', () => {
    const { acts, press } = desk()
    for (const html of ['<textarea></textarea>', '<input>', '<select></select>']) {
      expect(press('e', {}, html).defaultPrevented).toBe(false)
      press('ArrowDown', {}, html)
    }
    expect(acts.edit).not.toHaveBeenCalled()
    expect(acts.move).not.toHaveBeenCalled()
  })

  it('leave Enter to any other button, and combinations to the browser', () => {
    const { acts, press } = desk()
    press('Enter', {}, '<button class="btn">File</button>')
    press('e', { altKey: true })
    press('k', { ctrlKey: true })
    expect(acts.ink).not.toHaveBeenCalled()
    expect(acts.edit).not.toHaveBeenCalled()
  })
})
