import type { LineKind } from '../api/types'

/** What a person may make of a line. The summary is there once, and stays one. */
export const editableKinds: LineKind[] = [
  'DECISION',
  'ACTION',
  'QUESTION',
  'RISK',
  'HIGHLIGHT',
  'LOWLIGHT',
  'POINT',
]
