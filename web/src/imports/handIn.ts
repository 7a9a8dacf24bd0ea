import { csrfToken } from '../api/client'
import { Problem } from '../api/problem'

/** A file and where it lay. */
export interface Handed {
  path: string
  file: File
}

/** The files of a chosen folder or of a choice, with their paths; what file managers hide is left out. */
export function handedFiles(files: Iterable<File>): Handed[] {
  return [...files]
    .map((file) => ({ path: file.webkitRelativePath || file.name, file }))
    .filter(({ path }) => !path.split('/').some((part) => part.startsWith('.')))
    .sort((a, b) => a.path.localeCompare(b.path))
}

/** Hands one file in; the body is the file itself, however long it is. */
export async function handIn(importId: string, { path, file }: Handed): Promise<void> {
  let response: Response
  try {
    response = await fetch(`/api/imports/${importId}/files?path=${encodeURIComponent(path)}`, {
      method: 'PUT',
      body: file,
      headers: { 'Content-Type': 'application/octet-stream', 'X-XSRF-TOKEN': csrfToken() },
    })
  } catch (cause) {
    throw Problem.unreachable(cause)
  }
  if (!response.ok) {
    const body: unknown = await response.json().catch(() => undefined)
    throw Problem.of(response.status, body)
  }
}
