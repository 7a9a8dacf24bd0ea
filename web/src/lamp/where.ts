/** Which part of the ledger is asked; neither is all of it. */
export interface Where {
  folio: number | null
  series: string | null
}

/** A part of the ledger as it stands in an address: `folio:27` or `series:Safety review`; all of it where it is none. */
export function whereIn(written: unknown): Where | null {
  if (typeof written !== 'string') return null
  const [, kind, name] = /^(folio|series):(.+)$/.exec(written) ?? []
  if (kind === 'series' && name) return { folio: null, series: name }
  const folio = Number(name)
  return kind === 'folio' && Number.isInteger(folio) && folio > 0 ? { folio, series: null } : null
}
