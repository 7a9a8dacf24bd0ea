import { describe, expect, it } from 'vitest'
import { useDeed } from './useDeed'

describe('a deed', () => {
  it('is under way until it is done', async () => {
    const { busy, refused, run } = useDeed()
    let finish = () => {}
    const done = run(() => new Promise<void>((resolve) => (finish = resolve)))
    expect(busy.value).toBe(true)
    finish()
    expect(await done).toBe(true)
    expect(busy.value).toBe(false)
    expect(refused.value).toBe('')
  })

  it('says why it was refused, until it is tried again', async () => {
    const { busy, refused, run } = useDeed()
    expect(await run(() => Promise.reject(new Error('the day is missing')))).toBe(false)
    expect(refused.value).toBe('the day is missing')
    expect(busy.value).toBe(false)
    expect(await run(() => Promise.resolve())).toBe(true)
    expect(refused.value).toBe('')
  })
})
