const BROWSERS: [RegExp, string][] = [
  [/Edg\//, 'Edge'],
  [/OPR\//, 'Opera'],
  [/Firefox\//, 'Firefox'],
  [/Chrom(?:e|ium)\//, 'Chromium or Chrome'],
  [/Safari\//, 'Safari'],
]
const SYSTEMS: [RegExp, string][] = [
  [/Android/, 'Android'],
  [/iPhone|iPad/, 'iOS'],
  [/Windows/, 'Windows'],
  [/Mac OS X/, 'macOS'],
  [/Linux/, 'Linux'],
]

/** A browser as people call it, out of how it describes itself (RFC 9110, User-Agent). */
export function browserInWords(agent: string | null): string {
  if (!agent) return 'A browser'
  const find = (of: [RegExp, string][]) => of.find(([sign]) => sign.test(agent))?.[1]
  const system = find(SYSTEMS)
  return [find(BROWSERS) ?? 'A browser', system && `on ${system}`].filter(Boolean).join(' ')
}
