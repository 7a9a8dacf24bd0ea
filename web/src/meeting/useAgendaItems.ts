import { nextTick, ref, watch } from 'vue'

/**
 * The items of an agenda while somebody writes them. What they wrote stands, however late the answers to earlier saves
 * come; what others add meanwhile is put behind it.
 *
 * @param kept the agenda as the meeting has it
 * @param keep keeps an agenda; the answer says whether that was done
 * @param isWriting whether somebody is in one of the items
 */
export function useAgendaItems(
  kept: () => string[],
  keep: (agenda: string[]) => Promise<boolean>,
  isWriting: () => boolean,
) {
  const items = ref([...kept()])
  /** How far the last change has come: a page left while it is being saved may lose it. */
  const state = ref('')

  /** What the meeting had when it was last looked at. */
  let known = [...kept()]
  /** What it has once all that was handed on is kept. */
  let wanted = [...kept()]
  /** Every agenda that was handed on to be kept: met again, it is the answer to that. */
  const handedOn = new Set<string>()
  let waiting = 0

  const same = (a: string[], b: string[]) => JSON.stringify(a) === JSON.stringify(b)
  const written = () => items.value.map((i) => i.trim()).filter((i) => i !== '')
  const isChanged = () => !same(written(), wanted)

  function follow() {
    items.value = [...kept()]
    known = wanted = [...kept()]
  }

  /** Puts what others added behind what was written here. */
  function catchUp() {
    const now = kept()
    if (!handedOn.has(JSON.stringify(now))) {
      const mine = written()
      items.value.push(...now.filter((i) => !known.includes(i) && !mine.includes(i)))
    }
    known = [...now]
  }

  watch(kept, () => {
    if (waiting || isChanged()) catchUp()
    else if (!isWriting()) follow()
  })

  async function save(): Promise<void> {
    if (!isChanged()) {
      if (!waiting && !same(known, kept())) follow()
      return
    }
    catchUp()
    const before = known
    wanted = written()
    handedOn.add(JSON.stringify(wanted))
    waiting++
    state.value = 'saving …'
    const done = await keep(wanted)
    await nextTick()
    waiting--
    if (done) {
      if (same(written(), kept())) state.value = `saved ${new Date().toTimeString().slice(0, 5)}`
      return
    }
    wanted = known
    if (same(before, known)) state.value = 'not saved'
    else await save() // somebody else was faster, and what they added is among the items now
  }

  /** Adds what is not there yet: what that is, what stood there before, and whether it was kept. */
  async function add(more: string[]) {
    await save()
    const before = written()
    const fresh = more.filter((item) => !before.includes(item))
    const done = fresh.length > 0 && (await keep([...before, ...fresh]))
    return { fresh, before, done }
  }

  return { items, state, save, add }
}
