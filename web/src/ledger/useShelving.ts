import { answer, api } from '../api/client'
import { keys, outdate } from '../api/queries'
import type { Label, LabelSort } from '../api/types'
import { useNotices } from '../shared/notices'
import { count } from '../shared/words'

/** Which folios are meant: these, or all that fit. */
export type Meant = { folios: number[] } | { fitting: string[]; archived: boolean }

interface Order {
  put?: string
  take?: string
  archived?: boolean
}

/** Files folios under labels and archives them, one or many, with undo. */
export function useShelving() {
  const { say, attempt } = useNotices()

  async function send(meant: Meant, order: Order): Promise<number[]> {
    const { changed } = await answer(
      api.POST('/api/ledger/shelving', {
        body: {
          folios: 'folios' in meant ? meant.folios : [],
          fitting: 'fitting' in meant ? meant.fitting : null,
          ofArchived: 'fitting' in meant && meant.archived,
          put: order.put ?? null,
          take: order.take ?? null,
          archived: order.archived ?? null,
        },
      }),
    )
    await outdate(keys.ledger, keys.shelf)
    return changed
  }

  async function shelve(meant: Meant, order: Order, done: string) {
    await attempt(
      send(meant, order).then((changed) => {
        if (changed.length === 0) {
          say('That is so already.')
          return
        }
        const undo: Order = {
          put: order.take,
          take: order.put,
          archived: order.archived === undefined ? undefined : !order.archived,
        }
        say(`${count(changed.length, 'folio')} ${done}.`, {
          undo: () => void attempt(send({ folios: changed }, undo)),
        })
      }),
    )
  }

  return {
    put: (meant: Meant, label: Pick<Label, 'id' | 'name'>) =>
      shelve(meant, { put: label.id }, `filed under ${label.name}`),
    take: (meant: Meant, label: Pick<Label, 'id' | 'name'>) =>
      shelve(meant, { take: label.id }, `taken out of ${label.name}`),
    archive: (meant: Meant, archived: boolean) =>
      shelve(meant, { archived }, archived ? 'archived' : 'back from the archive'),
    /** A label that is new. */
    make: (sort: LabelSort, name: string) =>
      answer(api.POST('/api/labels', { body: { sort, name, parentId: null } })).then((label) => {
        void outdate(keys.labels)
        return label
      }),
  }
}
