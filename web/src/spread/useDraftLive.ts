import { useRouter } from 'vue-router'
import type { Attendee, Line } from '../api/types'
import { folioAddress } from '../shared/folioNumbers'
import { useLive } from '../shared/useLive'
import { useNotices } from '../shared/notices'
import type { Draft } from './useDraft'

/** Shows at once what others do to the minutes that are being reviewed. */
export function useDraftLive(draft: Draft): void {
  const { attempt, say } = useNotices()
  const router = useRouter()
  const { meeting } = draft.minutes.value

  /** Between opening the minutes and hearing of them, and while the line was dead, something may have changed. */
  function fetchAnew() {
    void attempt(draft.refresh())
  }

  useLive(meeting.id, {
    connected: fetchAnew,
    line: (told) => draft.hear(told as Line),
    attendance: (told) => draft.hearAttendee(told as Attendee),
    drafted: () => {
      if (!draft.redrafting.value) void attempt(draft.refresh())
    },
    filed: (told) => {
      if (draft.filing.value) return
      const { folio } = told as { folio: number }
      say(`Somebody else filed these minutes as folio ${folio}.`)
      void router.replace(folioAddress(folio))
    },
  })
}
