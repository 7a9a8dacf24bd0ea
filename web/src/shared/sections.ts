import type { Line, LineKind, Minutes, Section, Topic } from '../api/types'
import { counts } from './lineStates'

type Content = Section['content']

/** Which lines a section holds; attendance has none. */
const KIND_IN: Record<Content, LineKind | null> = {
  ATTENDEES: null,
  SUMMARY: 'SUMMARY',
  TOPICS: 'POINT',
  DECISIONS: 'DECISION',
  ACTIONS: 'ACTION',
  QUESTIONS: 'QUESTION',
  RISKS: 'RISK',
  HIGHLIGHTS: 'HIGHLIGHT',
  LOWLIGHTS: 'LOWLIGHT',
}

/** Lines of a section that stand together: all of them, or those of one topic. */
export interface Group {
  topic: Topic | null
  lines: Line[]
}

/** A section as it stands on the page. */
export interface PageSection {
  heading: string
  content: Content
  kind: LineKind | null
  groups: Group[]
  count: number
}

/** The page: the template's sections with their lines. Attendance always stands; a section without lines does not. */
export function sectionsOf(minutes: Minutes, lines: Line[]): PageSection[] {
  return minutes.template.sections
    .map((section) => {
      const kind = KIND_IN[section.content]
      const held = lines.filter((line) => line.kind === kind)
      return {
        ...section,
        kind,
        groups:
          section.content === 'TOPICS'
            ? byTopic(held, minutes.topics)
            : [{ topic: null, lines: held }],
        count: held.filter(counts).length,
      }
    })
    .filter(
      (section) =>
        section.content === 'ATTENDEES' || section.groups.some((g) => g.lines.length > 0),
    )
}

function byTopic(lines: Line[], topics: Topic[]): Group[] {
  const groups = topics.map((topic, i) => ({
    topic,
    lines: lines.filter((line) => line.topic === i),
  }))
  const elsewhere = lines.filter((line) => line.topic >= topics.length)
  return [...groups, { topic: null, lines: elsewhere }].filter((group) => group.lines.length > 0)
}

/** The lines in the order in which the page shows them. */
export function inReadingOrder(sections: PageSection[]): Line[] {
  return sections.flatMap((section) => section.groups.flatMap((group) => group.lines))
}
