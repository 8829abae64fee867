// npm test: everything that must hold before a change may land, closed by what each part took and one line of true
// counts.
import { availableParallelism } from 'node:os'
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
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

/** s that each part took, in the order in which they ended. */
const took = {}
const began = Date.now(),
  seconds = since => Math.round((Date.now() - since) / 1000)
/** Runs a part and keeps what it took. */
async function part(name, work) {
  const from = Date.now()
  const done = await work()
  took[name] = seconds(from)
  return done
}

/** Some of Vitest's projects; their counts are added. */
async function vitest(name, ...projects) {
  const file = join(results, `${name}.json`)
  const code = await part(`${name} tests`, () =>
    runBeside(
      `npx vitest run ${projects.map(p => `--project ${p}`).join(' ')} --reporter=default --reporter=json ` +
        `--outputFile.json=${file}`,
      { NO_COLOR: '1' },
    ),
  )
  const counts = readJson(file)
  passed += counts?.numPassedTests ?? 0
  failed += counts?.numFailedTests ?? 0
  if (code !== 0 && !counts?.numFailedTests) check(`${name} tests`, false)
}

/** What an owner does, in Chromium. */
async function walks(chromium) {
  const file = join(results, 'walks.json')
  const code = await part('walks', () =>
    run('npx', ['playwright', 'test', '--reporter=line,json'], {
      env: { CHROMIUM: chromium, PLAYWRIGHT_JSON_OUTPUT_NAME: file },
    }),
  )
  const stats = readJson(file)?.stats
  passed += stats?.expected ?? 0
  // a walk that fails once is a fault of the walk or of the product: none is tried again
  failed += (stats?.unexpected ?? 0) + (stats?.flaky ?? 0)
  if (code !== 0 && !stats?.unexpected) check('walks', false)
}

// fetched while the packages are: the processor has little to do for either
const chromiumComes = ensureChromium()
await part('packages', () => ensureInstalled())
rmSync(results, { recursive: true, force: true })
mkdirSync(results, { recursive: true })

// lint and types before the build, which makes anew what those two read; the unit tests beside them
say('lint, types, unit tests and build …')
check('preparing', run('npx', ['nuxt', 'prepare', '--logLevel=silent']) === 0)
const unitRuns = vitest('unit', 'core', 'app')
const [lint, types] = await Promise.all([
  part('lint', () => runBeside('npm run lint:files')),
  part('types', () => runBeside('npm run typecheck:files')),
])
check('lint', lint === 0)
check('types', types === 0)
const built = await part('build', () => ensureBuilt(true)),
  chromium = await chromiumComes
check('build', built)
// the walks begin when the build is there; on two cores they and the unit tests would only starve each other
if (availableParallelism() < 4) await unitRuns
if (built) {
  say('the server, and the real interface in Chromium …')
  await vitest('server', 'server')
  if (chromium) await walks(chromium)
  else check('walks (no Chromium)', false)
}
await unitRuns
took.whole = seconds(began)

// the bench holds the whole against its limit
writeFileSync(join(results, 'took.json'), JSON.stringify(took))
say(
  `s that each part took: ${Object.entries(took)
    .map(([name, s]) => `${name} ${s}`)
    .join(', ')}`,
)
console.log(`${passed} passed, ${failed} failed`)
process.exit(failed > 0 ? 1 : 0)
