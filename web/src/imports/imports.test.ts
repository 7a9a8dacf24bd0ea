import { describe, expect, it } from 'vitest'
import type { ImportRun } from '../api/types'
import { handedFiles } from './handIn'
import { progressOf } from './useImports'

function file(path: string): File {
  const one = new File(['x'], path.split('/').pop() ?? path)
  Object.defineProperty(one, 'webkitRelativePath', { value: path.includes('/') ? path : '' })
  return one
}

describe('what is handed in', () => {
  it('keeps its folders and leaves out what file managers hide', () => {
    const paths = ['b/2.md', 'b/.DS_Store', '.git/config', 'a.txt'].map(file)
    expect(handedFiles(paths).map((f) => f.path)).toEqual(['a.txt', 'b/2.md'])
  })
})

describe('the progress of an import', () => {
  it('counts what is done, whatever became of it', () => {
    const counts = [
      { state: 'WAITING', files: 5 },
      { state: 'PLACED', files: 1 },
      { state: 'FILED', files: 3 },
      { state: 'FAILED', files: 2 },
    ]
    expect(progressOf({ counts } as ImportRun)).toEqual({ done: 5, all: 11 })
  })
})
