import { afterEach, describe, expect, it, vi } from 'vitest'
import type { Line, LineFacts, Minutes } from '../api/types'
import { testServer } from '../shared/testServer'
import { basis, facts, line } from './testLines'
import { factsOf } from './lineFacts'
import { useDraft } from './useDraft'

function minutes(lines: Line[]): Minutes {
  return {
    id: 'm',
    version: 4,
    meeting: { title: 'Weekly' },
    template: {
      name: 'Weekly status',
      sections: [
        { heading: 'Decisions', content: 'DECISIONS', grouping: 'NONE' },
        { heading: 'Discussed', content: 'TOPICS', grouping: 'BY_TOPIC' },
      ],
    },
    sources: [],
    attendance: [{ id: 'p', version: 0, name: 'Tom', present: true }],
    topics: [],
    mattersArising: [],
    lines,
    filing: null,
  } as unknown as Minutes
}

function drafting(state: 'WAITING' | 'DONE') {
  return {
    id: 'd',
    state,
    done: 1,
    all: 2,
    minutesId: state === 'DONE' ? 'm' : null,
    problem: null,
  }
}

function open(...lines: Line[]) {
  const server = testServer({
    ...Object.fromEntries(
      lines.map((l) => [
        `PUT /api/lines/${l.id}`,
        ({ body, headers }) => ({
          body: {
            ...l,
            ...(body as LineFacts),
            version: Number(headers.get('If-Match')?.slice(1, -1)) + 1,
          },
        }),
      ]),
    ),
    'POST /api/minutes/m/lines': ({ body }) => {
      const { facts: f, evidence } = body as { facts: LineFacts; evidence: Line['evidence'] }
      const place = { position: f.position ?? 1.5, topic: f.topic ?? 0 }
      return { body: line('new', { ...f, ...place, evidence, drafted: false } as Partial<Line>) }
    },
    'PUT /api/lines/new': ({ body }) => ({
      body: line('new', { ...(body as Partial<Line>), version: 1 }),
    }),
    'PUT /api/attendance/p': () => ({ body: { id: 'p', version: 1, name: 'Tom', present: false } }),
    'PUT /api/minutes/m/template': () => ({ status: 202, body: drafting('WAITING') }),
    'GET /api/draftings/d': () => ({ body: drafting('DONE') }),
    'GET /api/minutes/m': () => ({
      body: {
        ...minutes([line('ink', { state: 'INK' }), line('anew')]),
        version: 5,
        template: { name: 'Steering group', detail: 'FULL', sections: [] },
      },
    }),
    'POST /api/minutes/m/folio': () => ({ body: { filing: { folio: 27 } } }),
  })
  return { server, draft: useDraft(minutes(lines)) }
}

const written = (draft: ReturnType<typeof useDraft>, id: string) =>
  draft.lines.value.find((l) => l.id === id)

afterEach(() => vi.unstubAllGlobals())

describe('a draft under review', () => {
  it('counts what is in ink and in pencil, and leaves struck lines out', () => {
    const { draft } = open(line('a'), line('b', { state: 'INK' }), line('c', { state: 'STRUCK' }))
    expect(draft.meter.value).toEqual({ ink: 1, pencil: 1, all: 2 })
    expect(draft.struck.value).toBe(1)
    expect(draft.reading.value.map((l) => l.id)).toEqual(['a', 'b'])
    draft.showStruck.value = true
    expect(draft.reading.value).toHaveLength(3)
  })

  it('leaves what the query handed out as it was', async () => {
    const given = Object.freeze([line('a')]) as unknown as Line[]
    const { draft } = open(...given)
    draft.change(given[0] as Line, 'inking', { state: 'INK' })
    expect(written(draft, 'a')?.state).toBe('INK')
    expect(given[0]?.state).toBe('PENCIL')
  })

  it('shows a change at once, inks the line by it, and stores all of its facts', async () => {
    const { server, draft } = open(line('a', { version: 2 }))
    draft.change(written(draft, 'a') as Line, 'changing the kind', { kind: 'RISK' })
    expect(written(draft, 'a')).toMatchObject({ kind: 'RISK', state: 'INK' })
    await vi.waitFor(() => expect(draft.saving.value).toBe('saved'))
    expect(server.of('PUT')[0]?.headers.get('If-Match')).toBe('"2"')
    expect(server.of('PUT')[0]?.body).toEqual(facts({ kind: 'RISK', text: 'line a' }))
    expect(written(draft, 'a')?.version).toBe(3)
  })

  it('takes all that was typed for one act', async () => {
    const { draft } = open(line('a'))
    const before = facts({ text: 'line a', state: 'PENCIL' })
    draft.typing(written(draft, 'a') as Line, 'w')
    draft.typing(written(draft, 'a') as Line, 'wo')
    draft.typing(written(draft, 'a') as Line, 'words')
    draft.typed('a', before)
    await draft.history.undo()
    expect(written(draft, 'a')).toMatchObject({ text: 'line a', state: 'PENCIL' })
    expect(draft.history.canUndo.value).toBe(false)
  })

  it('does not count an edit that changed nothing', () => {
    const { draft } = open(line('a'))
    draft.typed('a', facts({ text: 'line a', state: 'PENCIL' }))
    expect(draft.history.canUndo.value).toBe(false)
  })

  it('adds a line in ink where it belongs; undoing strikes it', async () => {
    const { server, draft } = open(line('a', { position: 1 }), line('b', { position: 2 }))
    await draft.add('POINT', 'new words', 'a', [basis(3, 0, 4)])
    expect(draft.lines.value.map((l) => l.id)).toEqual(['a', 'new', 'b'])
    expect(server.of('POST')[0]?.body).toMatchObject({ after: 'a', evidence: [{ passage: 3 }] })
    await draft.history.undo()
    expect(written(draft, 'new')?.state).toBe('STRUCK')
    await draft.history.redo()
    expect(written(draft, 'new')?.state).toBe('INK')
  })

  it('inks all that is in pencil as one act, and nothing that is struck', async () => {
    const { draft } = open(line('a'), line('b'), line('c', { state: 'STRUCK' }))
    draft.ink(draft.pencil.value)
    expect(draft.meter.value).toEqual({ ink: 2, pencil: 0, all: 2 })
    expect(written(draft, 'c')?.state).toBe('STRUCK')
    expect(await draft.history.undo()).toBe('inking 2 lines')
    expect(draft.meter.value.pencil).toBe(2)
  })

  it('files only after everything is stored', async () => {
    const { server, draft } = open(line('a'))
    draft.ink(draft.pencil.value)
    expect(await draft.file()).toBe(27)
    expect(server.sent.map((s) => s.path)).toEqual(['/api/lines/a', '/api/minutes/m/folio'])
  })

  it('corrects attendance and template on the version they stand at', async () => {
    const { server, draft } = open(line('a'))
    await draft.setPresent(
      draft.minutes.value.attendance[0] as Minutes['attendance'][number],
      false,
    )
    expect(draft.minutes.value.attendance[0]?.present).toBe(false)
    await draft.useTemplate('Steering group', 'FULL')
    expect(draft.minutes.value.template.name).toBe('Steering group')
    expect(draft.lines.value.map((l) => l.id)).toEqual(['ink', 'anew'])
    expect(server.of('PUT').map((s) => s.headers.get('If-Match'))).toEqual(['"0"', '"4"'])
  })

  it('counts what is merely possible apart, and shows it on request', async () => {
    const { draft } = open(line('a'), line('b', { state: 'POSSIBLE' }))
    expect(draft.meter.value.all).toBe(1)
    expect(draft.possible.value).toBe(1)
    expect(draft.reading.value.map((l) => l.id)).toEqual(['a'])
    draft.showPossible.value = true
    expect(draft.reading.value.map((l) => l.id)).toEqual(['a', 'b'])
    draft.change(draft.lines.value[1] as Line, 'taking', { state: 'INK' })
    expect(draft.meter.value.all).toBe(2)
    await draft.history.undo()
    expect(written(draft, 'b')?.state).toBe('POSSIBLE')
  })

  it('splits a line into two that rest on the same words; undoing makes one of them again', async () => {
    const evidence = [basis(3, 0, 4)]
    const { server, draft } = open(line('a', { text: 'one two', evidence, topic: 2 }))
    const before = factsOf(written(draft, 'a') as Line)
    await draft.split(written(draft, 'a') as Line, before, ['one', 'two'])
    expect(draft.lines.value.map((l) => [l.text, l.state])).toEqual([
      ['one', 'INK'],
      ['two', 'INK'],
    ])
    expect(server.of('POST')[0]?.body).toMatchObject({ evidence, facts: { topic: 2, position: 1 } })
    await draft.history.undo()
    expect(written(draft, 'a')).toMatchObject({ text: 'one two', state: 'PENCIL' })
    expect(written(draft, 'new')?.state).toBe('STRUCK')
    await draft.history.redo()
    expect(draft.meter.value).toEqual({ ink: 2, pencil: 0, all: 2 })
  })

  it('takes back and does again a correction of attendance and another template', async () => {
    const { server, draft } = open(line('a'))
    const tom = draft.minutes.value.attendance[0] as Minutes['attendance'][number]
    await draft.setPresent(tom, false)
    await draft.useTemplate('Steering group', 'FULL')
    expect(await draft.history.undo()).toBe('changing the template')
    expect(await draft.history.undo()).toBe('setting Tom absent')
    expect(server.of('PUT').map((s) => s.body)).toEqual([
      { present: false },
      { template: 'Steering group', detail: 'FULL' },
      { template: 'Weekly status' },
      { present: true },
    ])
  })

  it('shows what somebody else changed, without undoing it', () => {
    const { draft } = open(line('a'))
    draft.hear(line('a', { version: 1, text: 'theirs', state: 'INK' }))
    draft.hear(line('b', { version: 0 }))
    expect(written(draft, 'a')?.text).toBe('theirs')
    expect(written(draft, 'b')).toBeDefined()
    draft.hear(line('a', { version: 0, text: 'old news' }))
    expect(written(draft, 'a')?.text).toBe('theirs')
  })

  it('does not touch a line while it is typed in, and lets it be known afterwards', () => {
    const { draft } = open(line('a'))
    draft.hold('a')
    draft.hear(line('a', { version: 1, text: 'theirs' }))
    expect(written(draft, 'a')?.text).toBe('line a')
    draft.release()
    expect(written(draft, 'a')?.text).toBe('theirs')
  })

  it('overwrites nobody by an undo: where the line was changed since, both versions are shown', async () => {
    const { draft } = open(line('a'))
    draft.change(written(draft, 'a') as Line, 'editing', { text: 'mine' })
    await vi.waitFor(() => expect(draft.saving.value).toBe('saved'))
    draft.hear(line('a', { version: 5, text: 'theirs', state: 'INK' }))
    await draft.history.undo()
    expect(written(draft, 'a')?.text).toBe('theirs')
    expect(draft.clashes.value.get('a')).toMatchObject({
      mine: { text: 'line a', state: 'PENCIL' },
      theirs: { text: 'theirs' },
    })
  })

  it('undoes what was done to a line that was drafted anew since', async () => {
    const evidence = [basis(3, 0, 4)]
    const { draft } = open(line('a', { evidence }), line('anew', { evidence: [basis(4, 0, 1)] }))
    draft.change(written(draft, 'a') as Line, 'inking', { state: 'INK' })
    draft.lines.value = [line('other', { evidence, state: 'INK' })]
    await draft.history.undo()
    expect(written(draft, 'other')?.state).toBe('PENCIL')
  })
})
