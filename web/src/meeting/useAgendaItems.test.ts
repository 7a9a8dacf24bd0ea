import { flushPromises } from '@vue/test-utils'
import { effectScope, ref } from 'vue'
import { describe, expect, it } from 'vitest'
import { useAgendaItems } from './useAgendaItems'

/** A meeting that keeps an agenda only when it is told to, so that answers come as late as a test wants. */
function meeting(agenda: string[]) {
  const kept = ref(agenda)
  const writing = ref(false)
  const waiting: (() => void)[] = []
  const asked: string[][] = []
  const keep = (wanted: string[]) => {
    asked.push(wanted)
    return new Promise<boolean>((done) => {
      waiting.push(() => {
        kept.value = [...wanted]
        done(true)
      })
    })
  }
  const refusing = async (others: string[]) => {
    kept.value = others
    return Promise.resolve(false)
  }
  let refuse: string[] | null = null
  const editor = effectScope().run(() =>
    useAgendaItems(
      () => kept.value,
      (wanted) => {
        const others = refuse
        refuse = null
        if (!others) return keep(wanted)
        asked.push(wanted)
        return refusing(others)
      },
      () => writing.value,
    ),
  )!
  return {
    ...editor,
    writing,
    asked,
    /** Somebody else changes the agenda. */
    async others(now: string[]) {
      kept.value = now
      await flushPromises()
    },
    /** The next agenda that is to be kept is refused, because somebody else was faster. */
    refusedFor: (now: string[]) => (refuse = now),
    async answered() {
      waiting.shift()!()
      await flushPromises()
    },
    kept,
  }
}

describe('the items of an agenda', () => {
  it('stand as they are written, whatever the answer to an earlier save says', async () => {
    const { items, save, asked, answered, kept } = meeting([])
    items.value = ['Shore supply']
    void save()
    items.value = ['Crew', 'Shore supply']
    void save()
    await answered()

    expect(items.value).toEqual(['Crew', 'Shore supply'])
    await answered()
    expect(asked).toEqual([['Shore supply'], ['Crew', 'Shore supply']])
    expect(kept.value).toEqual(['Crew', 'Shore supply'])
  })

  it('do not come back as they stood in the middle of a word', async () => {
    const { items, save, answered } = meeting([])
    items.value = ['Cre']
    void save()
    items.value = ['Crew']
    void save()
    await answered()
    await answered()

    expect(items.value).toEqual(['Crew'])
  })

  it('that are taken off before they were kept stay off', async () => {
    const { items, save, answered, kept } = meeting([])
    items.value = ['Shore supply']
    void save()
    items.value = []
    void save()
    await answered()
    await answered()

    expect(items.value).toEqual([])
    expect(kept.value).toEqual([])
  })

  it('have what is taken over behind what was written, kept after it', async () => {
    const { items, save, add, asked, answered } = meeting([])
    items.value = ['Crew']
    void save()
    const added = add(['Timetable', 'Crew'])
    await answered()
    await answered()

    expect((await added).fresh).toEqual(['Timetable'])
    expect(asked).toEqual([['Crew'], ['Crew', 'Timetable']])
    expect(items.value).toEqual(['Crew', 'Timetable'])
  })

  it('say that there is nothing to add, and keep nothing', async () => {
    const { add, asked } = meeting(['Crew'])

    expect(await add(['Crew'])).toEqual({ fresh: [], before: ['Crew'], done: false })
    expect(asked).toEqual([])
  })

  it('follow others while nobody writes', async () => {
    const { items, others } = meeting(['Crew'])
    await others(['Plug', 'Crew'])

    expect(items.value).toEqual(['Plug', 'Crew'])
  })

  it('leave a blank row to whoever is about to write in it, and follow others afterwards', async () => {
    const { items, others, writing, save } = meeting(['Crew'])
    writing.value = true
    items.value.push('')
    await others(['Crew', 'Plug'])
    expect(items.value).toEqual(['Crew', ''])

    await save()
    expect(items.value).toEqual(['Crew', 'Plug'])
  })

  it('have what others added meanwhile behind what was written', async () => {
    const { items, others, writing, save, asked, answered } = meeting(['Crew'])
    writing.value = true
    await others(['Crew', 'Plug'])
    items.value[0] = 'Crew and rota'
    void save()
    await answered()

    expect(asked).toEqual([['Crew and rota', 'Plug']])
    expect(items.value).toEqual(['Crew and rota', 'Plug'])
  })

  it('are kept after all where somebody else was faster', async () => {
    const { items, save, asked, answered, refusedFor, state } = meeting(['Crew'])
    refusedFor(['Crew', 'Plug'])
    items.value.push('Timetable')
    void save()
    await flushPromises()
    await answered()

    expect(asked).toEqual([
      ['Crew', 'Timetable'],
      ['Crew', 'Timetable', 'Plug'],
    ])
    expect(state.value).toMatch(/^saved \d\d:\d\d$/)
  })

  it('say that they could not be kept, and stay', async () => {
    const { items, save, refusedFor, state } = meeting(['Crew'])
    refusedFor(['Crew'])
    items.value.push('Timetable')
    await save()

    expect(state.value).toBe('not saved')
    expect(items.value).toEqual(['Crew', 'Timetable'])
  })
})
