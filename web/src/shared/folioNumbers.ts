/** How a filed line is cited: folio and line, `27.3`. */
export function cited(folio: number, line: number): string {
  return `${folio}.${line}`
}

/** The address of a folio, or of a line in it. */
export function folioAddress(folio: number, line?: number | null): string {
  return line ? `/folio/${folio}#${cited(folio, line)}` : `/folio/${folio}`
}
