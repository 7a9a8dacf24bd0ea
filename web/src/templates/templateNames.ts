import type { KeptTemplate } from '../api/types'

const LONGEST = 80

/** A name that no template has yet. */
export function freeName(wanted: string, templates: KeptTemplate[]): string {
  const taken = new Set(templates.map((t) => t.facts.name.toLowerCase()))
  let name = wanted
  for (let n = 2; taken.has(name.toLowerCase()); n++) {
    name = `${wanted.slice(0, LONGEST - 5)} (${n})`
  }
  return name
}
