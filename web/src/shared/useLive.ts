import { onBeforeUnmount, onMounted } from 'vue'

/** The server sends a sign of life every ten seconds; after so long without one the line is dead. */
const SILENCE_MS = 25_000

/**
 * Hears what changes about a meeting while the component is shown. `connected` is called whenever a connection stands,
 * also again after one was lost: whatever happened meanwhile is to be fetched.
 */
export function useLive(
  meetingId: string,
  heard: { connected: () => void } & Record<string, (told: unknown) => void>,
): void {
  let stream: EventSource | undefined
  let watch: ReturnType<typeof setTimeout>

  function alive() {
    clearTimeout(watch)
    watch = setTimeout(connect, SILENCE_MS)
  }

  function connect() {
    stream?.close()
    stream = new EventSource(`/api/meetings/${meetingId}/live`)
    stream.onopen = () => {
      alive()
      heard.connected()
    }
    for (const what of ['hello', 'alive', ...Object.keys(heard)]) {
      stream.addEventListener(what, (event) => {
        alive()
        heard[what]?.(JSON.parse((event as MessageEvent<string>).data))
      })
    }
    alive()
  }

  onMounted(connect)
  onBeforeUnmount(() => {
    clearTimeout(watch)
    stream?.close()
  })
}
