import type { Meeting, TemplateFacts } from '../api/types'

/** The template that fits a kind of meeting, by the rule by which the server drafts. */
export function templateForKind(
  kind: string | null,
  templates: TemplateFacts[],
): TemplateFacts | undefined {
  const wanted = kind?.toLowerCase() ?? ''
  return (
    templates.find((t) => t.kinds.includes(wanted)) ??
    templates.find((t) => t.kinds.some((k) => wanted.includes(k))) ??
    templates.find((t) => t.name === 'Weekly status') ??
    templates[0]
  )
}

/** The template by which a meeting's minutes will be drafted. */
export function templateOf(
  meeting: Meeting,
  templates: TemplateFacts[],
): TemplateFacts | undefined {
  return (
    templates.find((t) => t.name === meeting.template) ?? templateForKind(meeting.kind, templates)
  )
}
