import { computed, onBeforeUnmount, onMounted, ref, shallowRef } from 'vue'
import { answer, api } from '../api/client'
import { messageOf, Problem } from '../api/problem'
import type { NotePage, Pen } from '../api/types'
import { useLive } from '../shared/useLive'
import {
  inOrder,
  NOTHING_UNDERSTOOD,
  type PageLine,
  pasted,
  positionAfter,
  typed,
  unchanged,
} from './noteLines'
import { Outbox } from './outbox'

const WHILE_TYPING_MS = 300
const FIRST_RETRY_MS = 500
const LONGEST_RETRY_MS = 4000
const SIGN_OF_LIFE_MS = 15_000
const AT_ONCE = 200

interface Hand {
  id: string
  name: string
}

/**
 * A meeting's page of notes. Every change is kept in the browser at once and on the server as soon as it can be reached;
 * `unsaved` names the lines that are in the browser alone.
 */
export function useNotePage(
  meetingId: string,
  me: Hand,
  beside: { matters: () => void; remarks: () => void },
) {
  const path = { params: { path: { id: meetingId } } }
  const outbox = new Outbox(localStorage, `ledger-lamp.page.${me.id}.${meetingId}`)

  /** A line that changes is replaced as a whole, so that the others need not be looked at. */
  const all = shallowRef<PageLine[]>([])
  const pen = ref<Pen>({ holder: null, askedBy: null })
  const unsaved = ref(new Set<string>())
  const trouble = ref('')
  const closed = ref(false)
  const opened = ref(false)
  const savedAt = ref<Date | null>(null)

  const lines = computed(() => all.value.filter((l) => !l.removed && !l.beside))
  const below = computed(() => all.value.filter((l) => !l.removed && l.beside))
  const holdsPen = computed(() => pen.value.holder === null || pen.value.holder.id === me.id)

  let timer: ReturnType<typeof setTimeout> | undefined
  let retryIn = FIRST_RETRY_MS
  let sending = false

  function mark() {
    unsaved.value = new Set(outbox.all().map((l) => l.name))
  }

  /** Takes over how a line stands on the server, unless the browser has something newer. */
  function take(line: PageLine) {
    const waiting = outbox.find(line.name)
    const newer = waiting !== undefined && waiting.stamp > line.stamp
    const mine = all.value.find((l) => l.name === line.name)
    const next = newer && mine ? { ...mine, understood: line.understood, by: line.by } : line
    all.value = inOrder([...all.value.filter((l) => l.name !== line.name), next])
  }

  async function load() {
    try {
      const page: NotePage = await answer(api.GET('/api/meetings/{id}/page', path))
      pen.value = page.pen
      const waiting = new Set(outbox.all().map((l) => l.name))
      const shown = new Map(all.value.map((l) => [l.name, l]))
      all.value = inOrder([
        ...page.lines
          .filter((l) => !waiting.has(l.name))
          .map((l) => unchanged(shown.get(l.name), l)),
        ...all.value.filter((l) => waiting.has(l.name)),
      ])
      opened.value = true
      trouble.value = ''
      void flush()
    } catch (thrown) {
      complain(thrown)
    }
  }

  function complain(thrown: unknown) {
    trouble.value = messageOf(thrown)
    const passes = !(thrown instanceof Problem) || thrown.isUnreachable || thrown.status >= 500
    if (!passes) {
      closed.value = thrown.status === 409
      return
    }
    schedule(retryIn)
    retryIn = Math.min(LONGEST_RETRY_MS, retryIn * 2)
  }

  function schedule(ms: number) {
    clearTimeout(timer)
    timer = setTimeout(() => void (opened.value ? flush() : load()), ms)
  }

  async function flush() {
    const batch = outbox.all().slice(0, AT_ONCE)
    if (sending || batch.length === 0) return
    sending = true
    try {
      const kept = await answer(
        api.PUT('/api/meetings/{id}/page', { ...path, body: { lines: batch } }),
      )
      batch.forEach((line) => outbox.settle(line.name, line.stamp))
      kept.forEach(take)
      trouble.value = ''
      savedAt.value = new Date()
      retryIn = FIRST_RETRY_MS
      if (outbox.all().length) schedule(0)
    } catch (thrown) {
      complain(thrown)
    } finally {
      sending = false
      mark()
    }
  }

  function keep(line: PageLine, inMs: number) {
    all.value = inOrder([...all.value.filter((l) => l.name !== line.name), line])
    outbox.put(typed(line))
    mark()
    // While the server cannot be reached the next try is under way already.
    if (!trouble.value || closed.value) schedule(inMs)
  }

  const newer = (line: PageLine) => Math.max(line.stamp + 1, Date.now())

  function change(name: string, to: Partial<Pick<PageLine, 'text' | 'indent' | 'agendaItem'>>) {
    const line = all.value.find((l) => l.name === name)
    if (line) keep({ ...line, ...to, stamp: newer(line) }, WHILE_TYPING_MS)
  }

  function remove(name: string) {
    const line = all.value.find((l) => l.name === name)
    if (line) keep({ ...line, removed: true, stamp: newer(line) }, 0)
  }

  /** Adds a line behind another, or at the end; the answer is its name. */
  function add(
    after: string | null,
    what: { text?: string; indent?: number; agendaItem?: number | null } = {},
  ): string {
    const among = holdsPen.value ? lines.value : below.value
    const index = after === null ? among.length - 1 : among.findIndex((l) => l.name === after)
    const line: PageLine = {
      name: crypto.randomUUID(),
      stamp: Date.now(),
      position: positionAfter(among, index),
      indent: what.indent ?? 0,
      text: what.text ?? '',
      agendaItem: what.agendaItem ?? null,
      typedAt: new Date().toISOString(),
      beside: !holdsPen.value,
      removed: false,
      by: me,
      understood: NOTHING_UNDERSTOOD,
    }
    keep(line, what.text ? 0 : WHILE_TYPING_MS)
    return line.name
  }

  /** Puts many lines behind one; the answer is the name of the last. */
  function paste(after: string, text: string): string {
    const at = all.value.find((l) => l.name === after)
    return pasted(text).reduce(
      (last, line) =>
        add(last, {
          text: line.text,
          indent: (at?.indent ?? 0) + line.indent,
          agendaItem: at?.agendaItem ?? null,
        }),
      after,
    )
  }

  async function withPen(act: () => Promise<Pen>) {
    try {
      pen.value = await act()
    } catch (thrown) {
      trouble.value = messageOf(thrown)
    }
  }
  const askForPen = () => withPen(() => answer(api.POST('/api/meetings/{id}/pen', path)))
  const layDownPen = () => withPen(() => answer(api.DELETE('/api/meetings/{id}/pen', path)))
  const keepPen = () => withPen(() => answer(api.PUT('/api/meetings/{id}/pen', path)))

  useLive(meetingId, {
    connected: () => {
      beside.matters()
      beside.remarks()
      void load()
    },
    matters: beside.matters,
    remarks: beside.remarks,
    lines: (told) => (told as PageLine[]).forEach(take),
    pen: (told) => (pen.value = told as Pen),
  })

  let life: ReturnType<typeof setInterval>
  const online = () => schedule(0)
  onMounted(() => {
    all.value = inOrder(
      outbox.all().map((l) => ({
        ...l,
        beside: false,
        by: me,
        understood: NOTHING_UNDERSTOOD,
      })),
    )
    mark()
    void load()
    window.addEventListener('online', online)
    life = setInterval(() => {
      if (pen.value.holder?.id === me.id) {
        // A sign of life that is lost is followed by the next.
        void answer(api.POST('/api/meetings/{id}/pen/seen', path)).catch(() => undefined)
      }
    }, SIGN_OF_LIFE_MS)
  })
  onBeforeUnmount(() => {
    clearTimeout(timer)
    clearInterval(life)
    window.removeEventListener('online', online)
    void flush()
  })

  return {
    lines,
    below,
    pen,
    holdsPen,
    unsaved,
    trouble,
    closed,
    opened,
    savedAt,
    add,
    change,
    remove,
    paste,
    flush,
    askForPen,
    layDownPen,
    keepPen,
  }
}
