const ASKING =
  /^(?:and |so |but )?(?:what|whats|who|whos|whose|when|where|wheres|why|how|which|did|do|does|is|are|was|were|has|have|had|can|could|will|would|should|summari[sz]e|list|anything|everything|any|all|tell)\b/i

/** Whether what was typed asks something, or only names words to be found. */
export function isQuestion(typed: string): boolean {
  const words = typed.trim()
  return words.endsWith('?') || (ASKING.test(words) && words.split(/\s+/).length > 2)
}
