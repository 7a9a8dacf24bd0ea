import { useQuery } from '@tanstack/vue-query'
import { answer, api } from '../api/client'
import { keys } from '../api/queries'
import type { Matter } from '../api/types'
import { useNotices } from '../shared/notices'
import { useActs } from '../shared/useActs'

/** The matters arising of a meeting, and what can be done about them in it. */
export function useMatters(meetingId: string) {
  const { say } = useNotices()
  const path = { params: { path: { id: meetingId } } }
  const query = useQuery({
    queryKey: [keys.matters, meetingId],
    queryFn: () => answer(api.GET('/api/meetings/{id}/matters', path)),
  })

  const { act, takeBack, change, renew } = useActs(meetingId)

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
