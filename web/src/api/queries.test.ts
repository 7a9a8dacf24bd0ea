import { QueryObserver } from '@tanstack/vue-query'
import { afterEach, expect, test } from 'vitest'
import { outdate, queryClient } from './queries'

/** A server that answers when it is told to, with what stood there when it was asked. */
function slowServer() {
  let stands = 'before'
  const replies: (() => void)[] = []
  return {
    change: (to: string) => (stands = to),
    reply: () => replies.splice(0).forEach((each) => each()),
    asked: () => replies.length,
    ask: () => {
      const then = stands
      return new Promise<string>((resolve) => replies.push(() => resolve(then)))
    },
  }
}

afterEach(() => queryClient.clear())

test('a change during the first fetch of a list is not lost', async () => {
  const server = slowServer()
  const observer = new QueryObserver(queryClient, { queryKey: ['post'], queryFn: server.ask })
  const leave = observer.subscribe(() => {})
  server.change('after')
  const done = outdate('post')
  server.reply()
  await expect.poll(server.asked).toBe(1)
  server.reply()
  await done
  expect(observer.getCurrentResult().data).toBe('after')
  leave()
})

test('a change while a list that nobody looks at is fetched leaves it outdated', async () => {
  const server = slowServer()
  const fetched = queryClient.fetchQuery({ queryKey: ['post'], queryFn: server.ask })
  server.change('after')
  const done = outdate('post')
  server.reply()
  await Promise.all([fetched, done])
  expect(queryClient.getQueryState(['post'])?.isInvalidated).toBe(true)
})

test('other lists are left alone', async () => {
  const server = slowServer()
  const fetched = queryClient.fetchQuery({ queryKey: ['day'], queryFn: server.ask })
  await outdate('post')
  server.reply()
  await fetched
  expect(queryClient.getQueryState(['day'])?.isInvalidated).toBe(false)
})
