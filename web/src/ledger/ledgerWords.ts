import type { FacetName, FacetValue, LabelSort } from '../api/types'

/** What the facets are called, in the order they stand. */
export const FACETS: [FacetName, string][] = [
  ['COLLECTION', 'Collections'],
  ['SERIES', 'Series'],
  ['PROJECT', 'Projects'],
  ['TAG', 'Tags'],
  ['PERSON', 'People who attended'],
  ['PERIOD', 'Period'],
  ['KIND', 'Kind'],
]

/** What a label is called. */
export const LABEL_NAMES: Record<LabelSort, string> = {
  COLLECTION: 'collection',
  PROJECT: 'project',
  TAG: 'tag',
}

const QUARTER = /^(\d{4})-Q([1-4])$/
const MONTHS = ['Jan to Mar', 'Apr to Jun', 'Jul to Sep', 'Oct to Dec']

/** What a value is called: a quarter by its months. */
export function valueName(value: FacetValue): string {
  const quarter = value.facet === 'PERIOD' ? QUARTER.exec(value.name) : null
  return quarter ? `${MONTHS[Number(quarter[2]) - 1] ?? ''} ${quarter[1] ?? ''}` : value.name
}

/** The values of a facet in the order they are shown; what stands within another follows it. */
export function sortedValues(facet: FacetName, values: FacetValue[]): FacetValue[] {
  const own = values.filter((v) => v.facet === facet)
  if (facet === 'PERIOD') return own.sort((a, b) => b.value.localeCompare(a.value))
  const byName = own.sort((a, b) => a.name.localeCompare(b.name, 'en', { numeric: true }))
  if (facet === 'PERSON' || facet === 'TAG') {
    return byName.sort((a, b) => b.folios - a.folios)
  }
  const names = new Set(own.map((v) => v.value))
  const outer = byName.filter((v) => v.within === null || !names.has(v.within))
  return outer.flatMap((v) => [v, ...byName.filter((inner) => inner.within === v.value)])
}
