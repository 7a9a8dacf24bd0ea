/** How a mark is shown beside the line it stood before. */
export const SIGNS: Record<string, string> = {
  ACTION: 'A:',
  DECISION: 'D:',
  QUESTION: 'Q:',
  RISK: 'R:',
  HIGHLIGHT: '+',
  LOWLIGHT: '~',
  TASK: '☐',
  DONE: '☑',
}

/** What a mark makes of its line, in a word for the margin. */
export const MARK_WORDS: Record<string, string> = {
  ACTION: 'action',
  DECISION: 'decision',
  QUESTION: 'question',
  RISK: 'risk',
  HIGHLIGHT: 'good',
  LOWLIGHT: 'bad',
  TASK: 'action',
  DONE: 'done',
}
