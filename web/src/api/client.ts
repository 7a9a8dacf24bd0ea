import createClient from 'openapi-fetch'
import type { paths } from './schema'
import { Problem } from './problem'

/** The server's API, typed by its own description. */
export const api = createClient<paths>({
  baseUrl: globalThis.location.origin,
  fetch: (request) => globalThis.fetch(request),
})

type Listener = () => void
const whenSignedOut: Listener[] = []

/** Calls `listener` when the server says that nobody is signed in any more. */
export function onSignedOut(listener: Listener): void {
  whenSignedOut.push(listener)
}

/** The token that a changing request has to carry, out of the cookie that brought it. */
export function csrfToken(): string {
  const cookie = document.cookie.split('; ').find((c) => c.startsWith('XSRF-TOKEN='))
  return cookie ? decodeURIComponent(cookie.slice('XSRF-TOKEN='.length)) : ''
}

api.use({
  onRequest({ request }) {
    if (request.method !== 'GET') request.headers.set('X-XSRF-TOKEN', csrfToken())
    return request
  },
})

interface Reply<T> {
  data?: T
  error?: unknown
  response: Response
}

/** What the server answered, or a {@link Problem} thrown: `status` 0 where it could not be reached. */
export async function answer<T>(call: Promise<Reply<T>>): Promise<T> {
  let reply: Reply<T>
  try {
    reply = await call
  } catch (cause) {
    throw Problem.unreachable(cause)
  }
  if (reply.response.ok) return reply.data as T
  return refuse(reply.response, reply.error)
}

/** Sends a form, which the described API has no types for. */
export async function sendForm<T>(path: string, form: FormData | URLSearchParams): Promise<T> {
  let response: Response
  try {
    response = await fetch(path, {
      method: 'POST',
      body: form,
      headers: { 'X-XSRF-TOKEN': csrfToken() },
    })
  } catch (cause) {
    throw Problem.unreachable(cause)
  }
  const json = response.headers.get('Content-Type')?.includes('json') ?? false
  const body: unknown = json ? await response.json() : undefined
  return response.ok ? (body as T) : refuse(response, body)
}

function refuse(response: Response, body: unknown): never {
  const signingIn = new URL(response.url).pathname === '/api/session'
  if (response.status === 401 && !signingIn) whenSignedOut.forEach((listener) => listener())
  throw Problem.of(response.status, body)
}

/** The header that names the version a change was made on. */
export function onVersion(version: number): { 'If-Match': string } {
  return { 'If-Match': `"${version}"` }
}
