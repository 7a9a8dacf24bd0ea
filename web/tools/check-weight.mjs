// Fails the build when the script that is loaded until the first screen shows grows beyond what we allow.
import { readFileSync } from 'node:fs'
import { gzipSync } from 'node:zlib'

const LIMIT_KB = 250
const FIRST_SCREENS = ['src/day/DaySheetPage.vue', 'src/signin/SignInPage.vue']

const manifest = JSON.parse(readFileSync('dist/.vite/manifest.json', 'utf8'))

/** A chunk and all that it imports before it runs. */
function closure(name, into) {
  const chunk = manifest[name]
  if (!chunk) throw new Error(`the build knows no ${name}`)
  if (into.has(chunk.file)) return into
  into.add(chunk.file)
  for (const imported of chunk.imports ?? []) closure(imported, into)
  return into
}

let tooHeavy = false
for (const screen of FIRST_SCREENS) {
  const files = closure(screen, closure('index.html', new Set()))
  const bytes = [...files].reduce(
    (sum, file) => sum + gzipSync(readFileSync(`dist/${file}`)).length,
    0,
  )
  const kb = bytes / 1024
  console.log(`${screen}: ${kb.toFixed(0)} kB of script (gz), limit ${LIMIT_KB}`)
  tooHeavy ||= kb > LIMIT_KB
}
if (tooHeavy) {
  console.error('too heavy: load something lazily')
  process.exit(1)
}
