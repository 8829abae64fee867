// The core as it ships: bundled, then timed by tinybench. Each call gets what it has not seen: nothing is remembered.
import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { build } from 'esbuild'
import { Bench } from 'tinybench'
import { ROOT } from '../scripts/prepare.mjs'
import { row } from './rows.mjs'

/** Times the core's heavy calls, for the kind of boat that takes longest and the one that is done soonest. */
export async function coreBench() {
  const core = await bundledCore()
  const kinds = core.DEMO_BOATS
  const tasks = [
    ['propeller never seen, best of its pitches', 0.15, n => core.propellerOptimum(thrustOf(n), ...wheelOf(n))],
    ['thin-ship waves, one speed, two hulls', 2, waves(core)],
    ['a year of sun by hour', 50, n => core.solarYear(...sunOf(core, n))],
  ]
  const ofEachKind = [
    [
      'evaluation of a new boat with its findings',
      10,
      boat => [core.evaluate(boat, boat.use.cruiseSpeed), core.checkFindings(boat).counts],
    ],
    ['power curve, 60 speeds, all methods', 20, boat => core.powerCurve(boat)],
    ['system voltages side by side', 50, boat => core.voltageChoices(boat)],
    ['one-line diagram, placed', 100, boat => core.placeOneLine(core.oneLine(boat))],
    ['charge over time', 5, boat => core.chargeReport(boat)],
    ['size the rest', 150, boat => core.sizeRest(boat)],
    ['a year of use by hour, panels known', 50, boat => core.yearRun(boat, 1)],
    ['weights and balance', 5, boat => core.balanceOf(boat)],
    ['budget', 20, boat => core.budgetOf(boat)],
    ['plan of 300 tasks', 50, boat => core.schedule(withTasks(core, boat))],
    ['evaluation with a season of 25 trips', 50, boat => core.evaluate(withSeason(core, boat), boat.use.cruiseSpeed)],
    ['health of the pack by 25 trips', 50, boat => core.packHealth(withSeason(core, boat))],
    ['how sure since the beginning', 1000, boat => core.curveLearnt(withSeason(core, boat))],
    ['next upgrades over 25 trips', 1000, boat => core.nextUpgrades(withSeason(core, boat))],
    ['a second of the simulated boat, heard', 2, () => heardSecond(core)],
  ]
  const rows = []
  for (const [name, limit, task] of tasks) rows.push(await timed(name, limit, task))
  for (const [name, limit, task] of ofEachKind) {
    const all = []
    for (const boat of kinds)
      all.push(await timed(`${name}, ${boat.boat.hullType}`, limit, n => task(neverSeen(boat, n)), 400))
    all.sort((a, b) => a.value - b.value)
    rows.push(all[0], all.at(-1))
  }
  const told = []
  for (const boat of kinds)
    told.push(
      await timed(
        `twenty readings told, ${boat.boat.hullType}`,
        2,
        (n, read) => core.evaluate(read, boat.use.cruiseSpeed),
        400,
        n => readTwenty(core, boat, n),
      ),
    )
  told.sort((a, b) => a.value - b.value)
  rows.push(told[0], told.at(-1))
  const moved = kinds.map(boat =>
    timed(`lever moved, ${boat.boat.hullType}`, 0.5, n => core.evaluate(boat, speedOf(n)), 400),
  )
  const levers = (await Promise.all(moved)).sort((a, b) => a.value - b.value)
  return [...rows, levers[0], levers.at(-1), ...searchOfMany(core)]
}

async function bundledCore() {
  const outfile = join(mkdtempSync(join(tmpdir(), 'remigo-bench-')), 'core.mjs')
  const entry = join(ROOT, 'packages/core/src/index.ts')
  await build({ entryPoints: [entry], bundle: true, format: 'esm', platform: 'node', outfile, logLevel: 'error' })
  return import(outfile)
}

/** A numbered call, over and over: median and middle half of its times, ms; what is done `before` it is not timed. */
async function timed(name, limit, task, time = 1000, before = () => undefined) {
  let n = 0,
    made
  const bench = new Bench({ time, warmupTime: time / 4, retainSamples: true })
  const beforeEach = () => (made = before(n))
  bench.add(name, () => task(n++, made), { beforeEach })
  await bench.run()
  const { latency } = bench.tasks[0].result
  return {
    ...row(name, [latency.p50], 'ms', limit),
    least: latency.samples.at(latency.samples.length / 4),
    most: latency.p75,
  }
}

/** A boat that differs in weight and in no other thing from the last: nothing that is known of that one serves it. */
const neverSeen = (boat, n) => ({ ...boat, boat: { ...boat.boat, mass: boat.boat.mass * (1 + 1e-6 * (n % 100_000)) } })
/** the boat with three hundred tasks, each after the one before */
const withTasks = (core, boat) => {
  const task = { ...core.usualOf(core.TASK.fields), name: 'Task' }
  const tasks = Array.from({ length: 300 }, (_, i) => ({ ...task, id: `t${i}`, after: i > 0 ? [`t${i - 1}`] : [] }))
  return { ...boat, yard: { ...boat.yard, tasks } }
}
/** the boat with the trips of the demo season */
const withSeason = ({ DEMO }, boat) => ({ ...boat, log: DEMO.lodden.log, trial: { ...boat.trial, use: 'measured' } })
/** a boat that is on the board, and twenty readings that she has never had */
function readTwenty(core, boat, n) {
  const known = neverSeen({ ...boat, log: core.DEMO.tirrick.log }, n)
  core.evaluate(known, boat.use.cruiseSpeed)
  const points = Array.from({ length: 20 }, (_, i) => {
    const speed = boat.use.topSpeed * (0.3 + 0.035 * i)
    return { speed, kind: 'batteryPower', value: 1.1 * core.evaluate(boat, speed).point.drive.packPower }
  })
  return { ...known, trial: core.trialWith(known, points) }
}
let heard = null
/** one second of instruments: said by the simulated boat, read line by line */
function heardSecond({ SimulatedBoat, hiddenOf, Sampler, DEMO }) {
  heard ??= { boat: new SimulatedBoat(DEMO.tirrick, hiddenOf(DEMO.tirrick, 1)), sampler: new Sampler() }
  heard.boat.step()
  for (const line of heard.boat.sentences()) heard.sampler.take(line)
}
const speedOf = n => 2 + ((0.618034 * n) % 1)
const thrustOf = n => ({ thrust: 300 + (n % 397), advanceSpeed: 2.4 + (n % 89) / 1000, density: 1025.9 })
/** diameter m, blade area, blades, turns a second: another wheel each time */
const wheelOf = n => [0.4 + (n % 9973) * 1e-6, 0.5 + (n % 7919) * 1e-6, 2 + (n % 4), 14]
const sunOf = (core, n) => [
  { ...core.usualSolar(55.2), fitted: true, tilt: (n % 997) * 1e-3 },
  { latitude: 0.88, longitude: -0.14 },
  { packVoltage: 51.2, air: 288 },
]
function waves(core) {
  return n =>
    core.michellResistance(
      core.roundHull(10.4, 1.1, 0.55, 0.61 + (n % 997) * 1e-6, 0.76),
      speedOf(n),
      1025.9,
      [-2.4, 2.4],
    )
}

/** The search for whole designs in a library of so many parts that there are 50,000 combinations and more. */
function searchOfMany({ searchDesigns, SHIPPED_LIBRARY: library, DEMO }) {
  const many = (parts, count) =>
    parts.flatMap(part =>
      Array.from({ length: count }, (_, i) => ({
        ...part,
        id: `${part.id}/${i}`,
        price: part.price * (1 + 0.01 * i),
        mass: part.mass * (1 - 0.004 * i),
      })),
    )
  const large = {
    ...library,
    motors: many(library.motors, 2),
    controllers: many(library.controllers, 4),
    cells: many(library.cells, 4),
  }
  const held = Object.fromEntries(Object.keys(DEMO.osprel.held).map(part => [part, false]))
  const before = process.memoryUsage().heapUsed,
    start = performance.now()
  let most = before
  const run = searchDesigns({ ...DEMO.osprel, held }, large)
  let step = run.next()
  for (; !step.done; step = run.next()) most = Math.max(most, process.memoryUsage().heapUsed)
  const each = (performance.now() - start) / step.value.tried
  return [
    row(`search, for each 50,000 combinations (of ${step.value.tried})`, [50_000 * each], 'ms', 5000),
    row('search, heap at most above the start', [(most - before) / 1e6], 'MB', 200),
  ]
}
