import { nextTick, ref, useTemplateRef } from 'vue'

/**
 * A form with one field in the place of the button that asks for it: it takes the focus, and gives it back when it is left.
 * In the template the two are the refs `field` and `opener`.
 */
export function useAsked() {
  const asked = ref(false)
  const typed = ref('')
  const field = useTemplateRef<HTMLInputElement>('field')
  const opener = useTemplateRef<HTMLButtonElement>('opener')

  async function ask() {
    asked.value = true
    await nextTick()
    field.value?.focus()
  }

  async function leave() {
    asked.value = false
    typed.value = ''
    await nextTick()
    opener.value?.focus()
  }

  return { asked, typed, ask, leave }
}
