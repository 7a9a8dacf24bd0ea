import type { ShorthandFacts } from '../api/types'

type Says = ShorthandFacts['marks'][number]['says']

/** What a mark can say of a line, in words. */
export const MARK_MEANINGS: Record<Says, string> = {
  ACTION: 'an action',
  DECISION: 'a decision',
  QUESTION: 'an open question',
  RISK: 'a risk',
  HIGHLIGHT: 'a highlight',
  LOWLIGHT: 'a lowlight',
  TASK: 'an action, in a task box',
  DONE: 'done already',
}

/** The same without one entry, told by its sign or short form. */
export function without(
  facts: ShorthandFacts,
  list: 'marks' | 'abbreviations',
  key: string,
): ShorthandFacts {
  return list === 'marks'
    ? { ...facts, marks: facts.marks.filter((m) => m.sign !== key) }
    : { ...facts, abbreviations: facts.abbreviations.filter((a) => a.brief !== key) }
}
