import type { RouteLocationRaw } from 'vue-router'
import type { Hit } from '../api/types'
import { offset } from '../shared/dates'
import { cited, folioAddress } from '../shared/folioNumbers'

/** Where a place stands that was found: a line in its folio; words in their source, to be gone through there. */
export function hitAddress(hit: Hit, folio: number): RouteLocationRaw {
  if (hit.line !== null) return folioAddress(folio, hit.line)
  const lit = hit.text.filter((part) => part.lit).sort((a, b) => b.text.length - a.text.length)[0]
  return {
    path: `/folio/${folio}/source`,
    query: {
      source: hit.sourceId,
      passage: String(hit.passage),
      ...(lit ? { words: lit.text } : {}),
    },
  }
}

/** What a place is named by: the number of its line, or when it was said. */
export function hitName(hit: Hit, folio: number): string {
  if (hit.line !== null) return cited(folio, hit.line)
  return hit.startMs === null ? 'noted' : offset(hit.startMs)
}
