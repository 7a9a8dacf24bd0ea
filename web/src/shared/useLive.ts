import { onBeforeUnmount, onMounted } from 'vue'

/** The server sends a sign of life every ten seconds; after so long without one the line is dead. */
const SILENCE_MS = 25_000

type Heard = Record<string, (told: unknown) => void>

/**
 * One stream for the whole window: a browser opens only a handful to one server, for all its windows together. It tells
 * what concerns the member and the team, and the meeting that is looked at.
 */
const listeners = new Map<Heard, string | null>()
const named = new Set<string>()
let meeting: string | null = null
let stream: EventSource | undefined
let watch: ReturnType<typeof setTimeout> | undefined
let settling = false

function alive() {
  clearTimeout(watch)
  watch = setTimeout(connect, SILENCE_MS)
}

function hear(what: string) {
  if (named.has(what)) return
  named.add(what)
  stream?.addEventListener(what, (event) => {
    alive()
    const told: unknown = JSON.parse((event as MessageEvent<string>).data)
    for (const heard of listeners.keys()) heard[what]?.(told)
  })
}

function connect() {
  stream?.close()
  named.clear()
  stream = new EventSource(meeting === null ? '/api/live' : `/api/live?meeting=${meeting}`)
  stream.onopen = () => {
    alive()
    for (const heard of listeners.keys()) heard.connected?.({})
  }
  hear('hello')
  hear('alive')
  for (const heard of listeners.keys()) Object.keys(heard).forEach(hear)
  alive()
}

/** Once those who come and go have done so: one stream for what is wanted now, or none. */
function settle() {
  if (settling) return
  settling = true
  setTimeout(() => {
    settling = false
    const wanted = [...listeners.values()].findLast((m) => m !== null) ?? null
    if (listeners.size === 0) {
      clearTimeout(watch)
      stream?.close()
      stream = undefined
    } else if (stream === undefined || wanted !== meeting) {
      meeting = wanted
      connect()
    }
  })
}

/**
 * Hears what changes while the component is shown: about the team, the member and, where one is given, the meeting.
 * `connected` is called whenever a connection stands, also again after one was lost: whatever happened meanwhile is to
 * be fetched.
 */
export function useLive(meetingId: string | null, heard: Heard): void {
  onMounted(() => {
    listeners.set(heard, meetingId)
    if (stream !== undefined) {
      Object.keys(heard).forEach(hear)
      const tells = meetingId === null || meetingId === meeting
      if (tells && stream.readyState === EventSource.OPEN) heard.connected?.({})
    }
    settle()
  })
  onBeforeUnmount(() => {
    listeners.delete(heard)
    settle()
  })
}
