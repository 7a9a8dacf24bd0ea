// Fails the build when the script the first screen waits for grows beyond what we allow.
import { readFileSync } from 'node:fs'
import { gzipSync } from 'node:zlib'

const LIMIT_KB = 250

const html = readFileSync('dist/index.html', 'utf8')
const scripts = [...html.matchAll(/(?:src|href)="(\/assets\/[^"]+\.js)"/g)].map((m) => m[1])
const bytes = scripts
  .map((path) => gzipSync(readFileSync(`dist${path}`)).length)
  .reduce((sum, size) => sum + size, 0)
const kb = bytes / 1024
console.log(`first screen: ${kb.toFixed(0)} kB of script (gz), limit ${LIMIT_KB}`)
if (scripts.length === 0 || kb > LIMIT_KB) {
  console.error(
    scripts.length === 0
      ? 'no script found in dist/index.html'
      : 'too heavy: load something lazily',
  )
  process.exit(1)
}
