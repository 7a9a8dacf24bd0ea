import { answer, api } from '../api/client'
import type { Drafting } from '../api/types'
import { count } from './words'

const ASKED_AGAIN_AFTER_MS = 250

/**
 * Waits for a draft in the making, and says how far it is.
 *
 * @returns the draft's id
 * @throws Error with the reason where it failed
 */
export async function drafted(begun: Drafting, heard: (howFar: string) => void): Promise<string> {
  let drafting = begun
  while (drafting.state === 'WAITING' || drafting.state === 'READING') {
    heard(howFar(drafting))
    await new Promise((resolve) => setTimeout(resolve, ASKED_AGAIN_AFTER_MS))
    drafting = await answer(api.GET('/api/draftings/{id}', { params: { path: { id: begun.id } } }))
  }
  if (drafting.minutesId === null) throw new Error(drafting.problem ?? 'Drafting failed.')
  return drafting.minutesId
}

function howFar(drafting: Drafting): string {
  if (drafting.state === 'WAITING') return 'Drafting …'
  return drafting.done < drafting.all
    ? `Drafting: ${drafting.done.toLocaleString('en-GB')} of ${count(drafting.all, 'sentence')} read`
    : 'Drafting: putting it together'
}
