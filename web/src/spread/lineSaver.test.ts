import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { Problem } from '../api/problem'
import type { Line, LineFacts } from '../api/types'
import { type Clash, useLineSaver } from './lineSaver'
import { facts as anyFacts, line } from './testLines'

const facts = (text: string) => anyFacts({ text })

function desk(send: (id: string, version: number, facts: LineFacts) => Promise<Line>) {
  const stored: Line[] = []
  const clashes: Clash[] = []
  const refused: string[] = []
  const sent = vi.fn(send)
  const saver = useLineSaver({
    send: sent,
    stored: (l) => stored.push(l),
    clashed: (clash) => clashes.push(clash),
    refused: (_, f) => refused.push(f.text),
  })
  saver.know(line('a'))
  return { saver, sent, stored, clashes, refused }
}

const accept = (id: string, version: number, f: LineFacts) =>
  Promise.resolve(line(id, { ...(f as Partial<Line>), version: version + 1 }))

beforeEach(() => void vi.useFakeTimers())
afterEach(() => void vi.useRealTimers())

describe('saving lines', () => {
  it('sends each change on the version that the one before it made', async () => {
    const { saver, sent } = desk(accept)
    saver.save('a', facts('one'))
    await saver.idle()
    saver.save('a', facts('two'))
    await saver.idle()
    expect(sent.mock.calls.map(([, version, f]) => [version, f.text])).toEqual([
      [0, 'one'],
      [1, 'two'],
    ])
    expect(saver.state.value).toBe('saved')
  })

  it('sends only the newest of what was typed meanwhile', async () => {
    const { saver, sent, stored } = desk(accept)
    saver.save('a', facts('o'))
    saver.save('a', facts('on'))
    saver.save('a', facts('one'))
    await saver.idle()
    expect(sent.mock.calls.map(([, , f]) => f.text)).toEqual(['o', 'one'])
    expect(stored.at(-1)?.text).toBe('one')
  })

  it('keeps trying while the server is not reached, and says so', async () => {
    let reached = false
    const { saver, sent, stored } = desk((id, version, f) =>
      reached ? accept(id, version, f) : Promise.reject(Problem.unreachable('cut')),
    )
    saver.save('a', facts('one'))
    await vi.advanceTimersByTimeAsync(5000)
    expect(saver.state.value).toBe('unreachable')
    expect(sent.mock.calls.length).toBeGreaterThan(1)
    reached = true
    await vi.advanceTimersByTimeAsync(3000)
    expect(saver.state.value).toBe('saved')
    expect(stored.at(-1)?.text).toBe('one')
  })

  it('loses neither version where somebody else was first, and goes on from theirs', async () => {
    const theirs = line('a', { version: 7, text: 'theirs' })
    const { saver, sent, stored, clashes } = desk((id, version, f) =>
      version === 7 ? accept(id, version, f) : Promise.reject(Problem.of(412, { current: theirs })),
    )
    saver.save('a', facts('mine'))
    await saver.idle()
    expect(clashes).toEqual([{ mine: facts('mine'), theirs }])
    expect(stored).toEqual([theirs])
    saver.save('a', facts('mine after all'))
    await saver.idle()
    expect(sent.mock.calls.at(-1)?.[1]).toBe(7)
    expect(stored.at(-1)?.text).toBe('mine after all')
  })

  it('hands back what is refused for any other reason', async () => {
    const { saver, refused } = desk(() => Promise.reject(Problem.of(409, { detail: 'filed' })))
    saver.save('a', facts('too late'))
    await saver.idle()
    expect(refused).toEqual(['too late'])
    expect(saver.isWaiting.value).toBe(false)
  })
})
