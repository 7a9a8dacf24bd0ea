import type { Typed } from '../api/types'

/**
 * Lines that the server has not confirmed yet, kept in the browser's own storage: they outlive a cut connection and a
 * closed window, and are sent when the page is next open.
 */
export class Outbox {
  private readonly waiting: Map<string, Typed>

  constructor(
    private readonly storage: Storage,
    private readonly key: string,
  ) {
    this.waiting = new Map(read(storage, key).map((line) => [line.name, line]))
  }

  /** Keeps the newest state of a line. */
  put(line: Typed): void {
    this.waiting.set(line.name, line)
    this.keep()
  }

  /** Forgets a line that the server confirmed, unless it was changed since it was sent. */
  settle(name: string, stamp: number): void {
    const line = this.waiting.get(name)
    if (line && line.stamp <= stamp) this.waiting.delete(name)
    this.keep()
  }

  find(name: string): Typed | undefined {
    return this.waiting.get(name)
  }

  all(): Typed[] {
    return [...this.waiting.values()]
  }

  private keep(): void {
    if (this.waiting.size === 0) this.storage.removeItem(this.key)
    else this.storage.setItem(this.key, JSON.stringify(this.all()))
  }
}

function read(storage: Storage, key: string): Typed[] {
  try {
    const kept: unknown = JSON.parse(storage.getItem(key) ?? '[]')
    return Array.isArray(kept) ? (kept as Typed[]) : []
  } catch {
    // Somebody else wrote under our name; what cannot be read cannot be sent.
    return []
  }
}
