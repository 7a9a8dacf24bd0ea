import { answer, api } from '../api/client'
import { keys, outdate } from '../api/queries'
import type { Act, Deed } from '../api/types'
import { cited } from './folioNumbers'
import { useNotices } from './notices'

/** What an act is called once it is done. */
export const ACT_NAMES: Record<Act, string> = {
  DONE: 'done',
  DROPPED: 'dropped',
  CARRIED: 'carried on',
  RE_DATED: 'dated anew',
  HANDED_OVER: 'handed over',
  REOPENED: 'open again',
}

/** A line of record, as far as something can be done about it. */
interface OfRecord {
  lineId: string
  folio: number
  number: number
}

/** What is done about a line of record, from wherever it is seen: the same act everywhere. */
export function useActs(meetingId: string | null = null) {
  const { say, attempt } = useNotices()

  const renew = () => outdate(keys.matters, keys.day, keys.registers, keys.links)

  async function change(deed: () => Promise<unknown>) {
    await attempt(deed())
    await renew()
  }

  function takeBack(actId: string) {
    return change(() => answer(api.DELETE('/api/acts/{id}', { params: { path: { id: actId } } })))
  }

  function act(line: OfRecord, kind: Act, deed: Partial<Pick<Deed, 'due' | 'ownerId'>> = {}) {
    return change(async () => {
      const { actId } = await answer(
        api.POST('/api/lines/{id}/acts', {
          params: { path: { id: line.lineId } },
          body: { kind, due: null, ownerId: null, meetingId, ...deed },
        }),
      )
      if (actId === null) return
      say(`${cited(line.folio, line.number)} is ${ACT_NAMES[kind]}.`, {
        undo: () => void takeBack(actId),
      })
    })
  }

  return { act, takeBack, change, renew }
}
