import { ref } from 'vue'

export type Theme = 'day' | 'night'

const current = ref<Theme>(document.documentElement.dataset.theme === 'night' ? 'night' : 'day')

/** By day or by night; the choice stays with this browser. */
export function useTheme() {
  function choose(theme: Theme) {
    current.value = theme
    document.documentElement.dataset.theme = theme
    try {
      localStorage.setItem('lamp.theme', theme)
    } catch {
      // Storage is switched off: the choice lasts as long as the page.
    }
  }
  return { theme: current, choose }
}
