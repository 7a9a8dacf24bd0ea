import { describe, expect, it } from 'vitest'
import { messageOf, Problem } from './problem'

describe('a problem', () => {
  it('says what the server said', () => {
    const problem = Problem.of(412, {
      title: 'Changed meanwhile',
      detail: 'Nothing was overwritten.',
      current: { text: 'x' },
    })
    expect(problem.isStale).toBe(true)
    expect(problem.title).toBe('Changed meanwhile')
    expect(messageOf(problem)).toBe('Nothing was overwritten.')
    expect(problem.current).toEqual({ text: 'x' })
  })

  it.each([[undefined], ['<html>'], [{ title: 3 }]])('makes the best of %s', (body) => {
    expect(messageOf(Problem.of(502, body))).toBe('The server answered with 502.')
  })

  it('knows an unreachable server from a refusing one', () => {
    expect(Problem.unreachable('cut').isUnreachable).toBe(true)
    expect(Problem.of(500, {}).isUnreachable).toBe(false)
    expect(messageOf(new Error('odd'))).toBe('odd')
  })
})
