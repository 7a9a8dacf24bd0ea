import { computed, ref } from 'vue'
import { Problem } from '../api/problem'
import type { Line, LineFacts } from '../api/types'

/** How saving stands. */
export type SavingState = 'saved' | 'saving' | 'unreachable'

/** Two people changed a line: what one of them wanted, and what stands. */
export interface Clash {
  mine: LineFacts
  theirs: Line
}

interface Ways {
  /** Sends a line's facts, made on a version; the line as it then stands. */
  send: (lineId: string, version: number, facts: LineFacts) => Promise<Line>
  /** Told the line as it stands on the server. */
  stored: (line: Line) => void
  clashed: (clash: Clash) => void
  refused: (lineId: string, facts: LineFacts, problem: unknown) => void
}

const RETRY_MS = 2000

/**
 * Sends changes of lines one after the other, the newest of each line only, and keeps trying while the server cannot be
 * reached. What is waiting is never dropped.
 */
export function useLineSaver(ways: Ways) {
  const waiting = new Map<string, LineFacts>()
  const versions = new Map<string, number>()
  const state = ref<SavingState>('saved')
  const savedAt = ref<Date | null>(null)
  let running = false
  let whenIdle: (() => void)[] = []

  function know(line: Line) {
    versions.set(line.id, Math.max(line.version, versions.get(line.id) ?? 0))
  }

  function save(lineId: string, facts: LineFacts) {
    waiting.set(lineId, facts)
    if (!running) void run()
  }

  async function run() {
    running = true
    for (let next = first(); next; next = first()) {
      const [lineId, facts] = next
      if (state.value === 'saved') state.value = 'saving'
      try {
        const line = await ways.send(lineId, versions.get(lineId) ?? 0, facts)
        know(line)
        done(lineId, facts)
        if (!waiting.has(lineId)) ways.stored(line)
        state.value = 'saving'
      } catch (thrown) {
        if (thrown instanceof Problem && thrown.isUnreachable) {
          state.value = 'unreachable'
          await new Promise((again) => setTimeout(again, RETRY_MS))
          continue
        }
        const latest = waiting.get(lineId) ?? facts
        waiting.delete(lineId)
        if (thrown instanceof Problem && thrown.isStale && thrown.current) {
          const theirs = thrown.current as Line
          versions.set(lineId, theirs.version)
          ways.stored(theirs)
          ways.clashed({ mine: latest, theirs })
        } else {
          ways.refused(lineId, latest, thrown)
        }
      }
    }
    state.value = 'saved'
    savedAt.value = new Date()
    running = false
    whenIdle.forEach((go) => go())
    whenIdle = []
  }

  /** Waits until nothing is waiting to be sent. */
  function idle(): Promise<void> {
    return running ? new Promise((go) => whenIdle.push(go)) : Promise.resolve()
  }

  function first() {
    return waiting.entries().next().value
  }

  /** Forgets what was sent, unless it was changed again meanwhile. */
  function done(lineId: string, sent: LineFacts) {
    if (waiting.get(lineId) === sent) waiting.delete(lineId)
  }

  return {
    know,
    save,
    idle,
    state,
    savedAt,
    isWaiting: computed(() => state.value !== 'saved'),
    isWaitingFor: (lineId: string) => waiting.has(lineId),
    versionOf: (lineId: string) => versions.get(lineId) ?? -1,
  }
}
