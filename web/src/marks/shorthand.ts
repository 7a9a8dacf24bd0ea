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

/** Marks and abbreviations as a file: the same that the command line takes. */
export function asFile(facts: ShorthandFacts): string {
  const file = {
    marks: Object.fromEntries(facts.marks.map((m) => [m.sign, m.says.toLowerCase()])),
    abbreviations: Object.fromEntries(facts.abbreviations.map((a) => [a.brief, a.full])),
  }
  return `${JSON.stringify(file, null, 2)}\n`
}

/**
 * What such a file holds.
 *
 * @throws Error where it is no such file, saying what was expected
 */
export function fromFile(text: string): ShorthandFacts {
  let file: unknown
  try {
    file = JSON.parse(text)
  } catch (cause) {
    throw new Error('The file is no JSON.', { cause })
  }
  return {
    marks: pairs(file, 'marks').map(([sign, says]) => ({ sign, says: meaning(sign, says) })),
    abbreviations: pairs(file, 'abbreviations').map(([brief, full]) => ({ brief, full })),
  }
}

function pairs(file: unknown, name: string): [string, string][] {
  const part = (file as Record<string, unknown> | null)?.[name] ?? {}
  if (typeof part !== 'object' || Array.isArray(part)) {
    throw new Error(`“${name}” is to be an object, such as {"!!": "risk"}.`)
  }
  return Object.entries(part).map(([key, value]) => [key, String(value)])
}

function meaning(sign: string, says: string): Says {
  const upper = says.toUpperCase()
  if (!(upper in MARK_MEANINGS)) {
    throw new Error(`The mark “${sign}” says “${says}”, which no mark can say.`)
  }
  return upper as Says
}
