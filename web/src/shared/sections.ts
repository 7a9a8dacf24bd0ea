import type { Line, LineKind, Minutes, Person, Section, Topic } from '../api/types'
import { counts } from './lineStates'

type Content = Section['content']

/** Which lines a section holds; what is missing here holds none. */
const KIND_IN: Partial<Record<Content, LineKind>> = {
  SUMMARY: 'SUMMARY',
  TOPICS: 'POINT',
  DECISIONS: 'DECISION',
  ACTIONS: 'ACTION',
  QUESTIONS: 'QUESTION',
  RISKS: 'RISK',
  HIGHLIGHTS: 'HIGHLIGHT',
  LOWLIGHTS: 'LOWLIGHT',
  ANSWER: 'ANSWER',
  FROM_LEDGER: 'ANSWER',
}

/** Lines of a section that stand together: all of them, those of one topic, or those of one owner. */
export interface Group {
  topic: Topic | null
  ownerId?: string | null
  lines: Line[]
}

/** A section as it stands on the page. */
export interface PageSection extends Section {
  kind: LineKind | null
  groups: Group[]
  count: number
}

/** For lines of a kind that the template has no section for: nothing gets lost by a change of template. */
const ELSEWHERE: Section = {
  heading: 'Also noted',
  content: 'TOPICS',
  grouping: 'NONE',
  form: 'LIST',
  required: false,
  text: [],
}

/** What may be meant, offered by what it is about. */
const POSSIBLE: Section = {
  heading: 'Possible lines',
  content: 'TOPICS',
  grouping: 'BY_TOPIC',
  form: 'LIST',
  required: false,
  text: [],
}

/**
 * The page: the template's sections with their lines, in the order in which the server numbers them (`PageOrder`). A
 * section without anything to say stands only where the template requires it.
 */
export function sectionsOf(minutes: Minutes, lines: Line[]): PageSection[] {
  const possible = lines.filter((line) => line.state === 'POSSIBLE')
  const held = new Set<Line>(possible)
  const sections = minutes.template.sections.map((section) => {
    const own = lines.filter((line) => !held.has(line) && holds(section, line))
    own.forEach((line) => held.add(line))
    return pageSection(section, own, minutes.topics)
  })
  const elsewhere = lines.filter((line) => !held.has(line))
  return [
    ...sections,
    pageSection(ELSEWHERE, elsewhere, []),
    { ...pageSection(POSSIBLE, possible, minutes.topics), count: possible.length },
  ].filter((s) => stands(s, minutes))
}

function holds(section: Section, line: Line): boolean {
  return (
    KIND_IN[section.content] === line.kind &&
    (line.kind !== 'ANSWER' || line.section === section.heading)
  )
}

function pageSection(section: Section, lines: Line[], topics: Topic[]): PageSection {
  return {
    ...section,
    kind: KIND_IN[section.content] ?? null,
    groups: grouped(section, lines, topics),
    count: lines.filter(counts).length,
  }
}

function grouped(section: Section, lines: Line[], topics: Topic[]): Group[] {
  if (lines.length === 0) return []
  if (section.grouping === 'BY_TOPIC') return byTopic(lines, topics)
  if (section.grouping === 'BY_OWNER') return byOwner(lines)
  return [{ topic: null, lines }]
}

function byTopic(lines: Line[], topics: Topic[]): Group[] {
  const groups = topics.map((topic, i) => ({
    topic,
    lines: lines.filter((line) => line.topic === i),
  }))
  const elsewhere = lines.filter((line) => line.topic >= topics.length)
  return [...groups, { topic: null, lines: elsewhere }].filter((group) => group.lines.length > 0)
}

/** In order of each one's first line; what nobody owns comes last. */
function byOwner(lines: Line[]): Group[] {
  const owners = [...new Set(lines.map((line) => line.ownerId))]
  return owners
    .sort((a, b) => Number(a === null) - Number(b === null))
    .map((ownerId) => ({
      topic: null,
      ownerId,
      lines: lines.filter((line) => line.ownerId === ownerId),
    }))
}

function stands(section: PageSection, minutes: Minutes): boolean {
  switch (section.content) {
    case 'ATTENDEES':
    case 'FACTS':
    case 'FIXED_TEXT':
    case 'PROMPTS':
      return true
    case 'AGENDA':
      return section.required || minutes.meeting.agenda.length > 0
    case 'MATTERS_ARISING':
      return section.required || minutes.mattersArising.length > 0
    case 'SPEAKING':
      return section.required || minutes.attendance.some((a) => a.words > 0)
    default:
      return section.required || section.groups.length > 0
  }
}

/** What stands above a group, if anything. */
export function groupHeading(group: Group, people: Person[]): string | null {
  if (group.topic) return group.topic.title
  if (group.ownerId === undefined) return null
  return people.find((p) => p.id === group.ownerId)?.name ?? 'Nobody yet'
}

/** The lines in the order in which the page shows them. */
export function inReadingOrder(sections: PageSection[]): Line[] {
  return sections.flatMap((section) => section.groups.flatMap((group) => group.lines))
}
