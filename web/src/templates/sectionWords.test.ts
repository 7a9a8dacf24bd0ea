import { describe, expect, it } from 'vitest'
import type { TemplateFacts } from '../api/types'
import { templateForKind } from './fitting'
import { freeHeading, movedSection, newSection } from './sectionWords'

describe('sections of a template', () => {
  const sections = (['RISKS', 'ACTIONS', 'DECISIONS'] as const).map((c) => newSection(c, []))

  it('are moved within bounds', () => {
    const headings = (from: number, to: number) =>
      movedSection(sections, from, to).map((s) => s.heading)
    expect(headings(0, 1)).toEqual(['Actions', 'Risks', 'Decisions'])
    expect(headings(2, 0)).toEqual(['Decisions', 'Risks', 'Actions'])
    expect(headings(0, 9)).toEqual(['Actions', 'Decisions', 'Risks'])
    expect(headings(0, -1)).toEqual(['Risks', 'Actions', 'Decisions'])
  })

  it('never share a heading', () => {
    expect(freeHeading('risks', sections)).toBe('risks 2')
    expect(newSection('RISKS', [...sections, newSection('RISKS', sections)]).heading).toBe(
      'Risks 3',
    )
  })

  it('are set as people expect their content to be', () => {
    expect(newSection('ACTIONS', []).form).toBe('CHECK_BOXES')
    expect(newSection('TOPICS', [])).toMatchObject({
      heading: 'Talk by topic',
      grouping: 'BY_TOPIC',
    })
  })
})

describe('the template that fits', () => {
  const named = (name: string, ...kinds: string[]) => ({ name, kinds }) as TemplateFacts
  const all = [named('Own', 'yard'), named('Call', 'call'), named('Weekly status', 'weekly')]

  it('is the one for the kind, or for a part of it, or the usual one', () => {
    expect(templateForKind('Yard', all)?.name).toBe('Own')
    expect(templateForKind('supplier call', all)?.name).toBe('Call')
    expect(templateForKind('muster', all)?.name).toBe('Weekly status')
    expect(templateForKind(null, all)?.name).toBe('Weekly status')
  })
})
