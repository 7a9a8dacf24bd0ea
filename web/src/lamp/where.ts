import type { LocationQuery } from 'vue-router'
import type { Scope } from '../api/types'

const WHOLE: Scope = { folio: null, draft: null, series: null, collection: null, notes: null }

/** A part of the ledger as it stands in an address: `folio:27`, `draft:…`, `series:Safety review`, `collection:Berths`. */
function partIn(written: unknown): Scope {
  if (typeof written !== 'string') return WHOLE
  const [, kind, name] = /^(folio|draft|series|collection):(.+)$/.exec(written) ?? []
  if (!kind || !name) return WHOLE
  if (kind !== 'folio') return { ...WHOLE, [kind]: name }
  const folio = Number(name)
  return Number.isInteger(folio) && folio > 0 ? { ...WHOLE, folio } : WHOLE
}

/** Which part of the ledger an address asks; null where it is all that was minuted. */
export function whereIn(query: LocationQuery): Scope | null {
  const part = partIn(query.in)
  const where = query.notes === undefined ? part : { ...part, notes: true }
  return Object.values(where).every((v) => v === null) ? null : where
}

/** A part of the ledger as an address writes it; blank for the whole. */
export function writtenPart(where: Scope | null): string {
  if (!where) return ''
  if (where.folio !== null) return `folio:${where.folio}`
  if (where.draft !== null) return `draft:${where.draft}`
  if (where.series !== null) return `series:${where.series}`
  return where.collection === null ? '' : `collection:${where.collection}`
}

/** The same in words; blank for the whole. */
export function partInWords(where: Scope | null): string {
  const part = writtenPart(where).replace(/^draft:.*/, 'one draft')
  const words = part.replace(/^(folio|series|collection):/, (_, kind: string) =>
    kind === 'folio' ? 'folio ' : '',
  )
  return where?.notes ? [words, 'with reference notes'].filter(Boolean).join(', ') : words
}
