import type { Minutes } from '../api/types'

/** Which pages of the spread are shown. */
export type View = 'both' | 'source' | 'minutes' | 'notes' | 'beside'

export const VIEW_NAMES: Record<View, string> = {
  both: 'Both pages',
  source: 'Source alone',
  minutes: 'Minutes alone',
  notes: 'Notes alone',
  beside: 'Notes beside minutes',
}

/** The views that make sense of these sources: those of the notes only where there are notes beside a talk. */
export function viewsOf(sources: Minutes['sources']): View[] {
  const noted = sources.some((s) => s.notes) && sources.some((s) => !s.notes)
  return noted ? ['both', 'source', 'minutes', 'notes', 'beside'] : ['both', 'source', 'minutes']
}

/** The view that an address names, or the usual one. */
export function viewNamed(name: unknown, views: View[]): View {
  return views.find((view) => view === name) ?? 'both'
}
