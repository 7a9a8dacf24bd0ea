import type { LineKind } from '../api/types'
import { KIND_NAMES } from '../shared/words'
import type { By } from './searchWords'

const NAMES: Record<By, string> = {
  KIND: 'Kind',
  OWNER: 'Owner',
  PERSON: 'Person',
  FOLIO: 'Folio',
  SERIES: 'Series',
  COLLECTION: 'Collection',
  PROJECT: 'Project',
  TAG: 'Tag',
  WHEN: 'When',
  ARCHIVED: 'Archived',
}

export function narrowingName(by: By): string {
  return NAMES[by]
}

/** A value as it is read, not as it is typed. */
export function valueName(by: By, value: string): string {
  if (by !== 'KIND') return value
  if (value === 'said') return 'As said'
  if (value === 'note') return 'Reference note'
  return KIND_NAMES[value.toUpperCase() as LineKind]
}

/** Why a narrowing means nothing here. */
export function unknownBecause(by: By, value: string): string {
  if (by === 'PERSON' || by === 'OWNER') return `Nobody on the roster is called “${value}”.`
  if (by === 'WHEN') return `“${value}” names no days. Write 2026-04, last quarter or March.`
  if (by === 'ARCHIVED') return `“${value}” is not yes, no or only.`
  if (by === 'FOLIO') return `“${value}” is no folio number.`
  return `“${value}” is no kind of line. Write decision, action, risk, said or note.`
}
