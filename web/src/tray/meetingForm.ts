import type { Guest, Meeting, MeetingFacts, Suggestion } from '../api/types'
import { clockTime, HERE } from '../shared/dates'

/** What the form starts with, from what the source tells. */
export function suggested(s: Suggestion): MeetingFacts {
  return {
    title: s.title,
    date: s.date,
    start: s.start && clockTime(s.start),
    zone: s.zone,
    plannedMinutes: s.plannedMinutes,
    kind: s.kind,
    location: s.location,
    series: s.series,
    agenda: [],
    nextMeeting: null,
    people: s.people,
    link: null,
    description: null,
    organiser: null,
    template: null,
    guests: [],
    label: null,
  }
}

/** What the form starts with where nothing is known but the day. */
export function emptyMeeting(date: string): MeetingFacts {
  return {
    title: '',
    date,
    start: null,
    zone: HERE,
    plannedMinutes: null,
    kind: null,
    location: null,
    series: null,
    agenda: [],
    nextMeeting: null,
    people: [],
    link: null,
    description: null,
    organiser: null,
    template: null,
    guests: [],
    label: null,
  }
}

/** What the form starts with, from a meeting that exists and the people its source knows of. */
export function facts(m: Meeting, alsoThere: string[]): MeetingFacts {
  return {
    title: m.title,
    date: m.date,
    start: m.start && clockTime(m.start),
    zone: m.zone,
    plannedMinutes: m.plannedMinutes,
    kind: m.kind,
    location: m.location,
    series: m.series,
    agenda: m.agenda,
    nextMeeting: m.nextMeeting,
    link: m.link,
    description: m.description,
    organiser: m.organiser,
    template: m.template,
    guests: m.guests,
    label: m.label,
    people: [...new Set([...m.people.map((p) => p.id), ...alsoThere])],
  }
}

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b)

/** What of a meeting is other than it was. */
export function differences(now: MeetingFacts, before: MeetingFacts): Partial<MeetingFacts> {
  return Object.fromEntries(
    Object.entries(now).filter(([key, value]) => !same(value, before[key as keyof MeetingFacts])),
  )
}

/** In words, what two changed, and not to the same. */
export function overlap(mine: Partial<MeetingFacts>, theirs: Partial<MeetingFacts>): string[] {
  const keys = Object.keys(mine) as (keyof MeetingFacts)[]
  return keys.filter((k) => k in theirs && !same(mine[k], theirs[k])).map((k) => FIELD_NAMES[k])
}

const FIELD_NAMES: Record<keyof MeetingFacts, string> = {
  title: 'title',
  date: 'date',
  start: 'start',
  zone: 'time zone',
  plannedMinutes: 'planned minutes',
  kind: 'kind',
  location: 'place',
  series: 'series',
  agenda: 'agenda',
  nextMeeting: 'next one of the series',
  people: 'people',
  link: 'call',
  description: 'text',
  organiser: 'who called it',
  template: 'template',
  guests: 'others invited',
  label: 'label',
}

/** Agenda as lines of text and back. */
export const agendaText = (agenda: string[]) => agenda.join('\n')

export const agendaItems = (text: string) =>
  text
    .split('\n')
    .map((line) => line.trim().replace(/^(?:[-*•]|\d{1,2}[.)])\s+/, ''))
    .filter((line) => line !== '')

/** People whom the roster does not know, one a line, with a mail address in angle brackets where there is one. */
export const guestsText = (guests: Guest[]) =>
  guests.map((g) => (g.email ? `${g.name} <${g.email}>` : g.name)).join('\n')

export const guestsIn = (text: string): Guest[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '')
    .map((line) => {
      const parts = /^(.*?)\s*<?([^\s<>]+@[^\s<>]+)>?$/.exec(line)
      if (!parts) return { name: line, email: null }
      const [, name, email] = parts
      return { name: name || email!.replace(/@.*/, '').replaceAll('.', ' '), email: email! }
    })

/** Every time zone the browser knows. */
export const ZONES = Intl.supportedValuesOf('timeZone')
