import type { Findings } from '../api/types'

export type Narrowing = Findings['narrowings'][number]
export type By = Narrowing['by']

const NARROWING =
  /(?<![\p{L}\p{N}])(kind|owner|person|folio|series|collection|project|tag|when|archived):(?:"([^"]*)"?|([^\s"]+))/giu

/** A narrowing as it is typed. */
export function typed(by: By, value: string): string {
  const bare = /^[^\s":]+$/.test(value)
  return `${by.toLowerCase()}:${bare ? value : `"${value.replaceAll('"', '')}"`}`
}

/** A search without one of its narrowings. */
export function without(q: string, by: By, value?: string): string {
  const left = q.replace(NARROWING, (all, key: string, quoted?: string, bare?: string) => {
    const same = key.toUpperCase() === by
    const its = (quoted ?? bare ?? '').trim().toLowerCase()
    return same && (value === undefined || its === value.toLowerCase()) ? '' : all
  })
  return left.replace(/\s+/g, ' ').trim()
}

/** A search narrowed further. One by its days, or by what is archived, takes the place of the one before. */
export function narrowed(q: string, by: By, value: string): string {
  const rest = by === 'WHEN' || by === 'ARCHIVED' ? without(q, by) : q.trim()
  return `${rest} ${typed(by, value)}`.trim()
}
