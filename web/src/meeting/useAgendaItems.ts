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

  /** What the items were before they were changed here. */
  let base = [...kept()]
  /** Every agenda that was handed on to be kept: met again, it is the answer to that. */
  const handedOn = new Set<string>()

  const same = (a: string[], b: string[]) => JSON.stringify(a) === JSON.stringify(b)
  const written = () => items.value.map((i) => i.trim()).filter((i) => i !== '')
  const isChanged = () => !same(written(), base)

  function follow(agenda: string[]) {
    items.value = [...agenda]
    base = [...agenda]
  }

  /** Puts what others added behind what was written here. */
  function catchUp(agenda: string[]) {
    if (!handedOn.has(JSON.stringify(agenda))) {
      const mine = written()
      items.value.push(...agenda.filter((i) => !base.includes(i) && !mine.includes(i)))
    }
    base = [...agenda]
  }

  watch(kept, (agenda) => {
    if (isChanged()) catchUp(agenda)
    else if (!isWriting()) follow(agenda)
  })

  async function save(): Promise<void> {
    if (!isChanged()) {
      if (!same(base, kept())) follow(kept())
      return
    }
    catchUp(kept())
    const agenda = written()
    const before = base
    handedOn.add(JSON.stringify(agenda))
    state.value = 'saving …'
    const done = await keep(agenda)
    await nextTick()
    if (done) {
      if (same(written(), kept())) state.value = `saved ${new Date().toTimeString().slice(0, 5)}`
    } else if (same(before, base)) state.value = 'not saved'
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
