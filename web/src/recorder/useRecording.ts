import { useQuery } from '@tanstack/vue-query'
import { answer, api } from '../api/client'
import { keys, queryClient } from '../api/queries'
import type { Recording } from '../api/types'
import { useLive } from '../shared/useLive'

/** What was heard, with what was heard since; told twice, it stands once. */
export function withHeard(before: Recording | null | undefined, told: Recording): Recording {
  if (told.state === 'TAKEN' || before?.id !== told.id) return told
  const known = new Set(before.heard.map((h) => h.n))
  const fresh = told.heard.filter((h) => !known.has(h.n))
  return { ...told, heard: [...before.heard, ...fresh].sort((a, b) => a.n - b.n) }
}

/** The latest recording of a meeting, followed while it is made. */
export function useRecording(meetingId: string) {
  const queryKey = [keys.recording, meetingId]
  const query = useQuery({
    queryKey,
    queryFn: async () =>
      (await answer(
        api.GET('/api/meetings/{id}/recording', { params: { path: { id: meetingId } } }),
      )) ?? null,
  })
  useLive(meetingId, {
    connected: () => void query.refetch(),
    recording: (told) =>
      queryClient.setQueryData<Recording | null>(queryKey, (before) =>
        withHeard(before, told as Recording),
      ),
  })
  return query
}
