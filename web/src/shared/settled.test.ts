import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, nextTick, ref } from 'vue'
import { settled } from './settled'

beforeEach(() => void vi.useFakeTimers())
afterEach(() => void vi.useRealTimers())

describe('a value that settles', () => {
  it('follows once nothing was changed for a moment, and not before', async () => {
    const typed = ref('a')
    const scope = effectScope()
    const calm = scope.run(() => settled(() => typed.value, 100))!
    for (const word of ['ab', 'abc']) {
      typed.value = word
      await nextTick()
      vi.advanceTimersByTime(80)
    }
    expect(calm.value).toBe('a')
    vi.advanceTimersByTime(20)
    expect(calm.value).toBe('abc')

    typed.value = 'never'
    await nextTick()
    scope.stop()
    vi.advanceTimersByTime(500)
    expect(calm.value).toBe('abc')
  })
})
