import { describe, expect, it } from 'vitest'
import { browserInWords } from './browser'

describe('a browser', () => {
  it('is called as people call it', () => {
    const firefox = 'Mozilla/5.0 (X11; Linux x86_64; rv:140.0) Gecko/20100101 Firefox/140.0'
    const edge =
      'Mozilla/5.0 (Windows NT 10.0; Win64; x64) AppleWebKit/537.36 Chrome/140.0 Safari/537.36 Edg/140.0'
    expect(browserInWords(firefox)).toBe('Firefox on Linux')
    expect(browserInWords(edge)).toBe('Edge on Windows')
  })

  it('has no name where it does not say', () => {
    expect(browserInWords(null)).toBe('A browser')
    expect(browserInWords('curl/8')).toBe('A browser')
  })
})
