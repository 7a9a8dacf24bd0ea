import type { DayEntry } from '../api/types'

/** The hours that are ruled even on an empty day. */
const USUAL_HOURS = { from: 8, to: 18 }
const UNKNOWN_LENGTH_MIN = 60
const SHORTEST_MIN = 30

/** Where a meeting stands in the ruled column; places are in minutes from the top. */
export interface Placed {
  entry: DayEntry
  top: number
  height: number
  /** Which of `lanes` side by side, from 0. */
  lane: number
  lanes: number
}

export interface DayColumn {
  hours: number[]
  placed: Placed[]
  /** Meetings whose hour nobody knows. */
  unplaced: DayEntry[]
}

function minutesOf(time: string): number {
  const [hours = 0, minutes = 0] = time.split(':').map(Number)
  return hours * 60 + minutes
}

/** Lays a day's meetings out by the hour; meetings at the same time stand side by side. */
export function layOut(entries: DayEntry[]): DayColumn {
  const timed = entries
    .filter((entry) => entry.start !== null)
    .map((entry) => {
      const from = minutesOf(entry.start ?? '')
      const long = Math.max(entry.plannedMinutes ?? UNKNOWN_LENGTH_MIN, SHORTEST_MIN)
      return { entry, from, to: from + long }
    })
    .sort((a, b) => a.from - b.from)
  const first = Math.min(USUAL_HOURS.from, ...timed.map((t) => Math.floor(t.from / 60)))
  const last = Math.max(USUAL_HOURS.to, ...timed.map((t) => Math.ceil(t.to / 60)))

  const placed: Placed[] = []
  let group: Placed[] = []
  let groupEnd = 0
  let laneEnds: number[] = []
  for (const { entry, from, to } of timed) {
    if (from >= groupEnd) {
      group = []
      laneEnds = []
    }
    const free = laneEnds.findIndex((end) => end <= from)
    const lane = free < 0 ? laneEnds.length : free
    laneEnds[lane] = to
    groupEnd = Math.max(groupEnd, to)
    const place = { entry, top: from - first * 60, height: to - from, lane, lanes: 1 }
    group.push(place)
    group.forEach((other) => (other.lanes = laneEnds.length))
    placed.push(place)
  }
  return {
    hours: Array.from({ length: last - first + 1 }, (_, i) => first + i),
    placed,
    unplaced: entries.filter((entry) => entry.start === null),
  }
}

/** Minutes from the top of the column to `now`, or null where the column does not hold it. */
export function nowIn(column: DayColumn, now: Date): number | null {
  const from = (column.hours[0] ?? 0) * 60
  const minutes = now.getHours() * 60 + now.getMinutes() - from
  const height = (column.hours.length - 1) * 60
  return minutes >= 0 && minutes <= height ? minutes : null
}
