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
