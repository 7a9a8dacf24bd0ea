import { useQuery } from '@tanstack/vue-query'
import { answer, api } from '../api/client'
import { keys, outdate } from '../api/queries'
import type { Act, Matter } from '../api/types'
import { useNotices } from '../shared/notices'

/** What an act is called once it is done. */
export const ACT_NAMES: Record<Act, string> = {
  DONE: 'done',
  DROPPED: 'dropped',
  CARRIED: 'carried on',
  RE_DATED: 'dated anew',
  REOPENED: 'open again',
}

/** The matters arising of a meeting, and what can be done about them in it. */
export function useMatters(meetingId: string) {
  const { say, attempt } = useNotices()
  const path = { params: { path: { id: meetingId } } }
  const query = useQuery({
    queryKey: [keys.matters, meetingId],
    queryFn: () => answer(api.GET('/api/meetings/{id}/matters', path)),
  })

  const renew = () => outdate(keys.matters, keys.day)

  async function change(deed: () => Promise<unknown>) {
    await attempt(deed())
    await renew()
  }

  function takeBack(actId: string) {
    return change(() => answer(api.DELETE('/api/acts/{id}', { params: { path: { id: actId } } })))
  }

  function act(matter: Matter, kind: Act, due: string | null = null) {
    return change(async () => {
      const done = await answer(
        api.POST('/api/lines/{id}/acts', {
          params: { path: { id: matter.lineId } },
          body: { kind, due, meetingId },
        }),
      )
      const { actId } = done
      if (actId === null) return
      say(`${matter.folio}.${matter.number} is ${ACT_NAMES[kind]}.`, {
        undo: () => void takeBack(actId),
      })
    })
  }

  const letGo = (matter: Matter) =>
    change(async () => {
      const query = { line: matter.lineId }
      await answer(api.DELETE('/api/meetings/{id}/matters', { params: { ...path.params, query } }))
      say(`${matter.folio}.${matter.number} is let go.`, { undo: () => void pull(matter) })
    })

  const pull = (matter: Matter) =>
    change(() =>
      answer(api.POST('/api/meetings/{id}/matters', { ...path, body: { lineId: matter.lineId } })),
    )

  return { ...query, act, takeBack, pull, letGo, renew }
}
