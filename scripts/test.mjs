// npm test: everything that must hold before a change may land, closed by one line of true counts.
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { ensureBuilt, ensureChromium, ensureInstalled, ROOT, run, runBeside, say } from './prepare.mjs'

const results = join(ROOT, 'test-results')
let passed = 0,
  failed = 0

/** A step that is one check by itself: it passes or fails as a whole. */
function check(name, ok) {
  if (ok) passed++
  else {
    failed++
    say(`${name}: FAILED`)
  }
}
function readJson(file) {
  return existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : null
}

// fetched while the packages are: the processor has little to do for either
const chromiumComes = ensureChromium()
ensureInstalled()
rmSync(results, { recursive: true, force: true })
mkdirSync(results, { recursive: true })

// two cores are kept busy: lint and types first, then the build, which makes anew what those two read; the unit tests
// take what is left
say('lint, types, unit tests and build …')
check('preparing', run('npx', ['nuxt', 'prepare', '--logLevel=silent']) === 0)
const unitFile = join(results, 'unit.json')
const unitRuns = runBeside(
  `nice -n 10 npx vitest run --reporter=default --reporter=json --outputFile.json=${unitFile}`,
  { NO_COLOR: '1' },
)
const [lint, types] = await Promise.all([
  runBeside('npm run lint:files'),
  runBeside('npx vue-tsc --noEmit && npx tsc -p packages/core --noEmit'),
])
check('lint', lint === 0)
check('types', types === 0)
const [built, unitCode] = await Promise.all([ensureBuilt(true), unitRuns])
const unit = readJson(unitFile)
passed += unit?.numPassedTests ?? 0
failed += unit?.numFailedTests ?? 0
if (unitCode !== 0 && !unit?.numFailedTests) check('unit tests', false)
check('build', built)

const chromium = await chromiumComes
if (built && chromium) {
  say('the real interface in Chromium …')
  const e2eFile = join(results, 'e2e.json')
  const e2eCode = run('npx', ['playwright', 'test', '--reporter=line,json'], {
    env: { CHROMIUM: chromium, PLAYWRIGHT_JSON_OUTPUT_NAME: e2eFile },
  })
  const stats = readJson(e2eFile)?.stats
  passed += (stats?.expected ?? 0) + (stats?.flaky ?? 0)
  failed += stats?.unexpected ?? 0
  if (e2eCode !== 0 && !stats?.unexpected) check('end-to-end tests', false)
} else check('end-to-end tests (not run)', false)

console.log(`${passed} passed, ${failed} failed`)
process.exit(failed > 0 ? 1 : 0)
