import { describe, expect, it } from 'vitest'
import { useHistory } from './lineHistory'

function desk() {
  const page = new Map<string, string>()
  const history = useHistory()
  const write = (id: string, before: string, after: string) => {
    page.set(id, after)
    history.record({
      label: after,
      undo: () => void page.set(id, before),
      redo: () => void page.set(id, after),
    })
  }
  return { page, history, write }
}

describe('the history of a review', () => {
  it('goes back and forth through twenty acts', async () => {
    const { page, history, write } = desk()
    for (let i = 0; i < 20; i++) write('a', `${i}`, `${i + 1}`)
    for (let i = 19; i >= 0; i--) {
      expect(await history.undo()).toBe(`${i + 1}`)
      expect(page.get('a')).toBe(`${i}`)
    }
    expect(history.canUndo.value).toBe(false)
    for (let i = 0; i < 20; i++) await history.redo()
    expect(page.get('a')).toBe('20')
    expect(history.canRedo.value).toBe(false)
  })

  it('waits for an act that takes its time to be undone', async () => {
    const history = useHistory()
    const done: string[] = []
    history.record({
      label: 'slow',
      undo: () => new Promise((resolve) => setTimeout(() => resolve(void done.push('undone')))),
      redo: () => {},
    })
    await history.undo()
    expect(done).toEqual(['undone'])
  })

  it('forgets what was undone once something else is done', async () => {
    const { history, write } = desk()
    write('a', 'one', 'two')
    await history.undo()
    write('a', 'one', 'three')
    expect(await history.redo()).toBeUndefined()
  })

  it('has nothing to undo where nothing was done', async () => {
    expect(await desk().history.undo()).toBeUndefined()
  })
})
