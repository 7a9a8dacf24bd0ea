import { vi } from 'vitest'

/** What the interface sent. */
export interface Sent {
  method: string
  path: string
  query: URLSearchParams
  headers: Headers
  body: unknown
}

type Answer = (sent: Sent) => { status?: number; body?: unknown } | 'unreachable'

/** Stands in for the server in tests: answers by method and path, and remembers what it answered. */
export function testServer(answers: Record<string, Answer>) {
  const sent: Sent[] = []
  vi.stubGlobal('fetch', async (input: Request | string, init?: RequestInit) => {
    const request =
      input instanceof Request ? input : new Request(new URL(input, location.origin), init)
    const url = new URL(request.url)
    const text = await request.text()
    const json = request.headers.get('Content-Type')?.includes('json') && text !== ''
    const asked: Sent = {
      method: request.method,
      path: url.pathname,
      query: url.searchParams,
      headers: request.headers,
      body: json ? JSON.parse(text) : text,
    }
    const answer = answers[`${asked.method} ${asked.path}`]
    if (!answer) throw new Error(`nobody answers ${asked.method} ${asked.path}`)
    sent.push(asked)
    const given = answer(asked)
    if (given === 'unreachable') throw new TypeError('Failed to fetch')
    const response = new Response(given.body === undefined ? null : JSON.stringify(given.body), {
      status: given.status ?? (given.body === undefined ? 204 : 200),
      headers: given.body === undefined ? {} : { 'Content-Type': 'application/json' },
    })
    Object.defineProperty(response, 'url', { value: url.href })
    return response
  })
  return { sent, of: (method: string) => sent.filter((s) => s.method === method) }
}
