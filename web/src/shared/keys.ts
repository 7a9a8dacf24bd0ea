import { onBeforeUnmount, onMounted, shallowReactive } from 'vue'

/** A key of the screen one is on, as the list of keys shows it. */
export interface KeyHelp {
  keys: string
  does: string
}

const onScreen = shallowReactive<{ title: string; keys: KeyHelp[] }[]>([])

/** Lists a screen's keys for as long as it is shown. */
export function useKeyHelp(title: string, keys: KeyHelp[]): void {
  const entry = { title, keys }
  onMounted(() => onScreen.push(entry))
  onBeforeUnmount(() => onScreen.splice(onScreen.indexOf(entry), 1))
}

export function keysOnScreen() {
  return onScreen
}

/** Whether keys are words being typed rather than commands. */
export function isTyping(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement | null
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName))
  )
}

/** Whether a modifier makes the key another one. */
export function isModified(event: KeyboardEvent): boolean {
  return event.ctrlKey || event.metaKey || event.altKey
}

/** Hears keys anywhere on the page while the component is shown. */
export function usePageKeys(listener: (event: KeyboardEvent) => void): void {
  onMounted(() => document.addEventListener('keydown', listener))
  onBeforeUnmount(() => document.removeEventListener('keydown', listener))
}
