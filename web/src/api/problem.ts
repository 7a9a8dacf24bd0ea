/** A request that was not carried out, as the server's problem details (RFC 9457) say it. */
export class Problem extends Error {
  private constructor(
    readonly status: number,
    readonly title: string,
    readonly detail: string,
    /** What stands now, where a change was made on an older version. */
    readonly current: unknown,
  ) {
    super(detail)
  }

  static of(status: number, body: unknown): Problem {
    const fields = (typeof body === 'object' && body !== null ? body : {}) as Record<
      string,
      unknown
    >
    return new Problem(
      status,
      typeof fields.title === 'string' ? fields.title : 'Failed',
      typeof fields.detail === 'string' ? fields.detail : `The server answered with ${status}.`,
      fields.current,
    )
  }

  static unreachable(cause: unknown): Problem {
    const problem = new Problem(
      0,
      'Not reached',
      'The server cannot be reached. Is it still running?',
      null,
    )
    problem.cause = cause
    return problem
  }

  /** Whether the password was right, and a code from the authenticator is wanted besides, or another one. */
  get wantsCode(): boolean {
    return this.status === 401 && this.title === 'Code wanted'
  }

  /** Whether somebody changed the same thing meanwhile. */
  get isStale(): boolean {
    return this.status === 412
  }

  get isUnreachable(): boolean {
    return this.status === 0
  }
}

/** What to tell a person about anything that was thrown. */
export function messageOf(thrown: unknown): string {
  return thrown instanceof Error ? thrown.message : String(thrown)
}
