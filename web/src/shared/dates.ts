const DAYS = ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat']
const LONG_DAYS = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday']
const MONTHS = 'Jan Feb Mar Apr May Jun Jul Aug Sep Oct Nov Dec'.split(' ')
const LONG_MONTHS =
  'January February March April May June July August September October November December'.split(' ')

/** A day without time and zone: `2026-03-06`. */
export type IsoDay = string

/** Noon keeps clear of every change of the clocks. */
export function dateOf(day: IsoDay): Date {
  return new Date(`${day}T12:00:00`)
}

export function isoDay(date: Date): IsoDay {
  const two = (n: number) => String(n).padStart(2, '0')
  return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`
}

export function today(): IsoDay {
  return isoDay(new Date())
}

export function isDay(text: string): boolean {
  return /^\d{4}-\d{2}-\d{2}$/.test(text) && !Number.isNaN(dateOf(text).getTime())
}

export function addDays(day: IsoDay, days: number): IsoDay {
  const date = dateOf(day)
  date.setDate(date.getDate() + days)
  return isoDay(date)
}

/** The seven days of the week that `day` lies in, from Monday. */
export function weekOf(day: IsoDay): IsoDay[] {
  const sinceMonday = (dateOf(day).getDay() + 6) % 7
  return Array.from({ length: 7 }, (_, i) => addDays(day, i - sinceMonday))
}

/** `Fri 6 Mar 2026` */
export function longDay(day: IsoDay): string {
  return `${shortDay(day)} ${dateOf(day).getFullYear()}`
}

/** `Fri 6 Mar` */
export function shortDay(day: IsoDay): string {
  const date = dateOf(day)
  return `${DAYS[date.getDay()]} ${date.getDate()} ${MONTHS[date.getMonth()]}`
}

/** `Friday 6 March` */
export function spokenDay(day: IsoDay): string {
  const date = dateOf(day)
  return `${LONG_DAYS[date.getDay()]} ${date.getDate()} ${LONG_MONTHS[date.getMonth()]}`
}

/**
 * A day as people type it: `2026-03-06`, `6 Mar`, `6 March 2026`, `Fri 6 Mar`, `6.3.`. Without a year it is the one that
 * brings it nearest to `near`. Null for anything else, and for days that no calendar has.
 */
export function typedDay(text: string, near: IsoDay): IsoDay | null {
  const words = text.trim().toLowerCase()
  if (isDay(words)) return words
  const named = /^(?:[a-z]{2,9}\.?,?\s+)?(\d{1,2})\.?\s+([a-z]{3,9})\.?(?:\s+(\d{4}))?$/.exec(words)
  const figures = /^(\d{1,2})\.\s?(\d{1,2})\.\s?(\d{4})?$/.exec(words)
  const [, day, month, year] = named ?? figures ?? []
  if (!day || !month) return null
  const at = named
    ? LONG_MONTHS.findIndex((name) => name.toLowerCase().startsWith(month))
    : Number(month) - 1
  const years = year ? [Number(year)] : [-1, 0, 1].map((by) => Number(near.slice(0, 4)) + by)
  const distance = (d: Date) => Math.abs(d.getTime() - dateOf(near).getTime())
  const [nearest] = years
    .map((y) => new Date(y, at, Number(day), 12))
    .filter((d) => at >= 0 && d.getMonth() === at && d.getDate() === Number(day))
    .sort((a, b) => distance(a) - distance(b))
  return nearest ? isoDay(nearest) : null
}

/** `Fri` */
export function weekday(day: IsoDay): string {
  return DAYS[dateOf(day).getDay()] ?? ''
}

/** `9:30` or `09:30:00` as `09:30` */
export function clockTime(time: string): string {
  return time.slice(0, 5).padStart(5, '0')
}

/** Milliseconds from the start of a recording as `12:09` or `1:02:09`. */
export function offset(ms: number): string {
  const seconds = Math.floor(ms / 1000)
  const two = (n: number) => String(n).padStart(2, '0')
  const hours = Math.floor(seconds / 3600)
  const minutes = Math.floor(seconds / 60) % 60
  return hours > 0
    ? `${hours}:${two(minutes)}:${two(seconds % 60)}`
    : `${minutes}:${two(seconds % 60)}`
}

/** Seconds as `41 min`; under a minute `40 s`. */
export function length(seconds: number): string {
  return seconds < 60 ? `${seconds} s` : `${Math.round(seconds / 60)} min`
}

/** An instant as `10:42`, or with its day where that is not today. */
export function arrival(instant: string): string {
  const date = new Date(instant)
  const time = `${String(date.getHours()).padStart(2, '0')}:${String(date.getMinutes()).padStart(2, '0')}`
  return isoDay(date) === today() ? time : `${shortDay(isoDay(date))}, ${time}`
}

/** The zone of the clock on the wall. */
export const HERE = Intl.DateTimeFormat().resolvedOptions().timeZone

/** An instant as the clock of a zone shows it: `10:42`. */
export function clockIn(instant: string, zone: string): string {
  let clock = clocks.get(zone)
  if (!clock) {
    clock = new Intl.DateTimeFormat('en-GB', {
      hour: '2-digit',
      minute: '2-digit',
      timeZone: zone,
    })
    clocks.set(zone, clock)
  }
  return clock.format(new Date(instant))
}

/** Making one takes longer than reading it a hundred times. */
const clocks = new Map<string, Intl.DateTimeFormat>()
