// npm run storm: random valid boats and hostile files through everything that Remigo says of them, all tests with many
// more cases than npm test has time for, and its server and pages under load.
// -- --boats 100000 --files 120000 --lines 1000000 --seed 1 --jobs 2 --only boats,files,lines,tests,server,pages
import { spawn } from 'node:child_process'
import { mkdtempSync } from 'node:fs'
import { cpus, tmpdir } from 'node:os'
import { join } from 'node:path'
import { createInterface } from 'node:readline'
import { parseArgs } from 'node:util'
import { build } from 'esbuild'
import { ensureBuilt, ensureChromium, ensureInstalled, ROOT, run as runProgram, say } from './prepare.mjs'
import { stormServer } from './storm/server.mjs'

const { values } = parseArgs({
  options: {
    boats: { type: 'string', default: '100000' },
    files: { type: 'string', default: '120000' },
    lines: { type: 'string', default: '1000000' },
    seed: { type: 'string', default: '1' },
    jobs: { type: 'string', default: String(Math.max(1, cpus().length)) },
    only: { type: 'string', default: 'boats,files,lines,tests,server,pages' },
  },
})
const only = new Set(values.only.split(','))
const seed = Number(values.seed),
  jobs = Number(values.jobs)
ensureInstalled()

/** ms within which ninety-nine of a hundred answers come, and none of them holds a file up. */
const LIMITS = { 'answer at a speed': 10, file: 200 }

/** All of them together, s. */
const seconds = times => (times.reduce((sum, ms) => sum + ms, 0) / 1000).toFixed(0).padStart(5)

/** The core's questions as one file that Node runs. */
async function bundle() {
  const outfile = join(mkdtempSync(join(tmpdir(), 'remigo-storm-')), 'run.mjs')
  const entry = join(ROOT, 'packages/core/test/storm/run.ts')
  await build({ entryPoints: [entry], bundle: true, format: 'esm', platform: 'node', outfile, logLevel: 'error' })
  return outfile
}

/** A demo boat's file. */
async function demoBoat() {
  const outfile = join(mkdtempSync(join(tmpdir(), 'remigo-storm-')), 'core.mjs')
  const entry = join(ROOT, 'packages/core/src/index.ts')
  await build({ entryPoints: [entry], bundle: true, format: 'esm', platform: 'node', outfile, logLevel: 'error' })
  const { DEMO, writeProject } = await import(outfile)
  return writeProject(DEMO.tirrick)
}

/** One process over a range of seeds; resolves to what it found. */
function runRange(file, what, from, until, progress) {
  return new Promise((resolve, reject) => {
    const child = spawn(process.execPath, [file, what, String(from), String(until)], {
      stdio: ['ignore', 'pipe', 'inherit'],
    })
    let found = null
    createInterface({ input: child.stdout }).on('line', line => {
      const news = JSON.parse(line)
      if (news.done) progress(news.done)
      else found = news
    })
    child.on('close', code =>
      found ? resolve(found) : reject(new Error(`seeds ${from} to ${until} ended with ${code}`)),
    )
  })
}

/** All processes of one kind, and their findings together. */
async function run(file, what, count) {
  const share = Math.ceil(count / jobs)
  let done = 0
  const began = Date.now()
  const tell = setInterval(
    () => say(`${what}: ${done} of ${count}, ${Math.round((Date.now() - began) / 1000)} s`),
    30_000,
  )
  const parts = await Promise.all(
    Array.from({ length: jobs }, (_, i) =>
      runRange(file, what, seed + i * share, seed + Math.min(count, (i + 1) * share), n => (done += n)),
    ),
  )
  clearInterval(tell)
  const faults = new Map(),
    times = new Map()
  for (const part of parts) {
    for (const { says, count: n, seed: at } of part.faults)
      faults.set(says, { count: (faults.get(says)?.count ?? 0) + n, seed: faults.get(says)?.seed ?? at })
    for (const [of, ms] of part.times) times.set(of, (times.get(of) ?? []).concat(ms))
  }
  console.log(
    `\n${count} ${what} from seed ${seed}, ${Math.round((Date.now() - began) / 1000)} s with ${jobs} processes`,
  )
  for (const [of, ms] of times) {
    ms.sort((a, b) => a - b)
    const at = share => ms[Math.min(ms.length - 1, Math.floor(share * ms.length))].toFixed(2)
    const over = LIMITS[of] !== undefined && ms[Math.floor(0.99 * ms.length)] > LIMITS[of]
    console.log(
      `  ${of.padEnd(32)} asked ${String(ms.length).padStart(7)}   took ${seconds(ms)} s   ` +
        `half within ${at(0.5).padStart(8)} ms   99 % ${at(0.99).padStart(8)} ms   most ${at(1).padStart(9)} ms` +
        (over ? `   over ${LIMITS[of]} ms` : ''),
    )
  }
  const sorted = [...faults].sort((a, b) => b[1].count - a[1].count)
  console.log(`  faults: ${sorted.length}`)
  for (const [says, { count: n, seed: at }] of sorted.slice(0, 40))
    console.log(`    ${n} times, first seed ${at}: ${says}`)
  return sorted.length
}

let faults = 0
if (only.has('boats') || only.has('files') || only.has('lines')) {
  const file = await bundle()
  if (only.has('boats')) faults += await run(file, 'boats', Number(values.boats))
  if (only.has('files')) faults += await run(file, 'files', Number(values.files))
  if (only.has('lines')) faults += await run(file, 'lines', Number(values.lines))
}
/** The same tests as in CI, with the numbers of a storm. */
const tested = (...command) => (runProgram('npx', command, { env: { STORM: '1' } }) ? 1 : 0)
if (only.has('tests')) faults += tested('vitest', 'run', '--project', 'core', '--project', 'app')
if (only.has('server') || only.has('pages')) {
  if (!(await ensureBuilt())) process.exit(1)
  if (only.has('server')) faults += await stormServer(await demoBoat())
  if (only.has('pages')) {
    await ensureChromium()
    faults += tested('playwright', 'test', '--reporter=line')
  }
}
process.exit(faults ? 1 : 0)
