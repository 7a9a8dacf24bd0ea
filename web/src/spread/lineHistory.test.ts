import { describe, expect, it } from 'vitest'
import type { LineFacts } from '../api/types'
import { useHistory } from './lineHistory'

const words = (text: string): LineFacts => ({
  kind: 'POINT',
  text,
  ownerId: null,
  due: null,
  state: 'INK',
})

function desk() {
  const page = new Map<string, string>()
  const history = useHistory((id, facts) => page.set(id, facts.text))
  const write = (id: string, before: string, after: string) => {
    page.set(id, after)
    history.record({
      label: after,
      steps: [{ lineId: id, before: words(before), after: words(after) }],
    })
  }
  return { page, history, write }
}

describe('the history of a review', () => {
  it('goes back and forth through twenty acts', () => {
    const { page, history, write } = desk()
    for (let i = 0; i < 20; i++) write('a', `${i}`, `${i + 1}`)
    for (let i = 19; i >= 0; i--) {
      expect(history.undo()?.label).toBe(`${i + 1}`)
      expect(page.get('a')).toBe(`${i}`)
    }
    expect(history.canUndo.value).toBe(false)
    for (let i = 0; i < 20; i++) history.redo()
    expect(page.get('a')).toBe('20')
    expect(history.canRedo.value).toBe(false)
  })

  it('undoes all lines of one act together', () => {
    const { page, history } = desk()
    history.record({
      label: 'inking 2 lines',
      steps: ['a', 'b'].map((lineId) => ({ lineId, before: words('p'), after: words('i') })),
    })
    history.undo()
    expect([...page]).toEqual([
      ['a', 'p'],
      ['b', 'p'],
    ])
  })

  it('forgets what was undone once something else is done', () => {
    const { history, write } = desk()
    write('a', 'one', 'two')
    history.undo()
    write('a', 'one', 'three')
    expect(history.redo()).toBeUndefined()
  })

  it('has nothing to say about an act that changed nothing', () => {
    const { history } = desk()
    history.record({ label: 'nothing', steps: [] })
    expect(history.undo()).toBeUndefined()
  })
})
