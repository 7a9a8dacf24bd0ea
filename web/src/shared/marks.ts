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
