import { QueryClient, useQuery } from '@tanstack/vue-query'
import { computed, type MaybeRefOrGetter, toValue } from 'vue'
import { answer, api } from './client'
import { Problem } from './problem'

const WHILE_ASKING_MS = 700

export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      // Answers are never changed in place; watching each field of ten thousand rows would take longer than drawing them.
      shallow: true,
      staleTime: 5_000,
      retry: (failures, error) => error instanceof Problem && error.isUnreachable && failures < 3,
    },
  },
})

/** What each list is called in the cache, so that a change can say what it outdates. */
export const keys = {
  day: 'day',
  tray: 'tray',
  people: 'people',
  ledger: 'ledger',
  meetings: 'meetings',
  minutes: 'minutes',
  folio: 'folio',
  shorthand: 'shorthand',
  matters: 'matters',
  connections: 'connections',
  remarks: 'remarks',
  inCalendars: 'inCalendars',
  post: 'post',
  recorders: 'recorders',
  recording: 'recording',
  attachments: 'attachments',
  mailAccount: 'mailAccount',
  templates: 'templates',
  house: 'house',
  excerpts: 'excerpts',
  access: 'access',
  members: 'members',
  audit: 'audit',
  networks: 'networks',
  backups: 'backups',
  factor: 'factor',
  teamArchives: 'team-archives',
  sessions: 'sessions',
  registers: 'registers',
  links: 'links',
  citations: 'citations',
  labels: 'labels',
  shelf: 'shelf',
  views: 'views',
  imports: 'imports',
  reference: 'reference',
  strand: 'strand',
  asked: 'asked',
  kept: 'kept',
  feed: 'feed',
  tokens: 'tokens',
  portraits: 'portraits',
}

/** Says that these lists are to be fetched anew. */
export function outdate(...names: string[]): Promise<void[]> {
  return Promise.all(names.map(outdateOne))
}

/**
 * A list that is being fetched for the first time, or that nobody looks at any more, is not asked for again while it is
 * under way; its answer may be from before the change, so it is outdated once more when it is there.
 */
async function outdateOne(name: string) {
  const list = { queryKey: [name] }
  const underWay = queryClient
    .getQueryCache()
    .findAll({ ...list, fetchStatus: 'fetching' })
    .filter((query) => query.state.data === undefined || !query.isActive())
  await queryClient.invalidateQueries(list)
  if (underWay.length === 0) return
  await Promise.allSettled(underWay.map((query) => query.promise))
  await queryClient.invalidateQueries({ ...list, predicate: (query) => underWay.includes(query) })
}

export function useTray() {
  return useQuery({
    queryKey: [keys.tray],
    queryFn: () => answer(api.GET('/api/tray')),
    refetchInterval: (query) =>
      query.state.data?.some((s) => s.state === 'KEPT') ? WHILE_ASKING_MS : false,
  })
}

/** The calendars of whoever is signed in. */
export function useConnections() {
  return useQuery({
    queryKey: [keys.connections],
    queryFn: () => answer(api.GET('/api/connections')),
    refetchInterval: (query) => (query.state.data?.some((c) => c.asking) ? WHILE_ASKING_MS : false),
  })
}

/** What was remarked on the lines of a meeting's page. */
export function useRemarks(meetingId: string) {
  return useQuery({
    queryKey: [keys.remarks, meetingId],
    queryFn: () =>
      answer(api.GET('/api/meetings/{id}/remarks', { params: { path: { id: meetingId } } })),
  })
}

/** Everybody of the team who may sign in. */
export function useMembers() {
  return useQuery({
    queryKey: [keys.members],
    queryFn: () => answer(api.GET('/api/members')),
    staleTime: 60_000,
  })
}

/** The team's recorders. */
export function useRecorders() {
  return useQuery({
    queryKey: [keys.recorders],
    queryFn: () => answer(api.GET('/api/recorders')),
    staleTime: 60_000,
  })
}

/** The team's collections, projects and tags. */
export function useLabels() {
  return useQuery({
    queryKey: [keys.labels],
    queryFn: () => answer(api.GET('/api/labels')),
    staleTime: 60_000,
  })
}

export function usePeople() {
  return useQuery({ queryKey: [keys.people], queryFn: () => answer(api.GET('/api/people')) })
}

/** All templates of the team, archived ones too. */
export function useAllTemplates() {
  return useQuery({
    queryKey: [keys.templates],
    queryFn: () => answer(api.GET('/api/templates')),
    staleTime: 60_000,
  })
}

/** The templates that are offered. */
export function useTemplates() {
  const { data } = useAllTemplates()
  return { data: computed(() => data.value?.filter((t) => !t.archived).map((t) => t.facts)) }
}

/** The team's house document and what placeholders there are. */
export function useHouse() {
  return useQuery({
    queryKey: [keys.house],
    queryFn: () => answer(api.GET('/api/house-document')),
    staleTime: 60_000,
  })
}

/** The passages of a source; a source never changes. */
export function usePassages(sourceId: MaybeRefOrGetter<string | null>) {
  return useQuery({
    queryKey: ['passages', computed(() => toValue(sourceId))],
    queryFn: () =>
      answer(
        api.GET('/api/sources/{id}/passages', {
          params: { path: { id: toValue(sourceId) ?? '' } },
        }),
      ),
    enabled: computed(() => toValue(sourceId) !== null),
    staleTime: Infinity,
  })
}
