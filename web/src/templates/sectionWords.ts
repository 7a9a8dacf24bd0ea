import type { SectionFacts } from '../api/types'

type Content = SectionFacts['content']

/** What a section can hold, in words. */
export const CONTENTS: Record<Content, string> = {
  ATTENDEES: 'who was there',
  SUMMARY: 'the summary',
  MATTERS_ARISING: 'matters arising',
  DECISIONS: 'decisions',
  ACTIONS: 'actions',
  QUESTIONS: 'open questions',
  RISKS: 'risks',
  HIGHLIGHTS: 'highlights',
  LOWLIGHTS: 'lowlights',
  TOPICS: 'the talk by topic',
  ANSWER: 'the answer to a question',
  FROM_LEDGER: 'the ledger’s answer to a question',
  AGENDA: 'the agenda',
  FACTS: 'facts of the meeting',
  SPEAKING: 'who spoke how much',
  FIXED_TEXT: 'a fixed text',
  PROMPTS: 'prompts for the minute-taker',
}

export const GROUPINGS: Record<SectionFacts['grouping'], string> = {
  NONE: 'as they come',
  BY_TOPIC: 'by topic',
  BY_OWNER: 'by owner',
}

export const FORMS: Record<SectionFacts['form'], string> = {
  LIST: 'a list',
  SENTENCES: 'sentences',
  TABLE: 'a table',
  CHECK_BOXES: 'boxes to tick',
}

/** What is to be written into a section that has a text of its own; null for all others. */
export function textLabel(content: Content): string | null {
  if (content === 'ANSWER') return 'The question, asked of the meeting'
  if (content === 'FROM_LEDGER') return 'The question, asked of all that was filed before'
  if (content === 'FIXED_TEXT') return 'The text'
  return content === 'PROMPTS' ? 'The prompts, one a line' : null
}

const COLLECTED: Content[] = [
  'DECISIONS',
  'ACTIONS',
  'QUESTIONS',
  'RISKS',
  'HIGHLIGHTS',
  'LOWLIGHTS',
  'TOPICS',
]

/** Whether a section collects lines, so that it can be grouped and be more or less strict. */
export const collects = (content: Content) => COLLECTED.includes(content)

/** Whether the lines of a section can be set in another form. */
export const hasForm = (content: Content) =>
  collects(content) || ['ANSWER', 'FROM_LEDGER', 'MATTERS_ARISING'].includes(content)

/** A heading that no section has yet. */
export function freeHeading(wanted: string, sections: SectionFacts[]): string {
  const taken = new Set(sections.map((s) => s.heading.toLowerCase()))
  let heading = wanted
  for (let n = 2; taken.has(heading.toLowerCase()); n++) heading = `${wanted} ${n}`
  return heading
}

/** A section set as people expect its content to be. */
export function newSection(content: Content, sections: SectionFacts[]): SectionFacts {
  const heading = CONTENTS[content].replace(/^(the|a) /, '')
  return {
    heading: freeHeading(heading[0]!.toUpperCase() + heading.slice(1), sections),
    content,
    grouping: content === 'TOPICS' ? 'BY_TOPIC' : 'NONE',
    form:
      content === 'ACTIONS' || content === 'MATTERS_ARISING'
        ? 'CHECK_BOXES'
        : content === 'SUMMARY' || content === 'FIXED_TEXT'
          ? 'SENTENCES'
          : content === 'SPEAKING' || content === 'FACTS'
            ? 'TABLE'
            : 'LIST',
    detail: null,
    required: false,
    text: '',
  }
}

/** The sections with one of them moved up or down. */
export function movedSection(sections: SectionFacts[], from: number, to: number): SectionFacts[] {
  const moved = [...sections]
  const [section] = moved.splice(from, 1)
  if (section) moved.splice(Math.max(0, Math.min(to, moved.length)), 0, section)
  return moved
}
