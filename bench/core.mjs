// The core as it ships: bundled, then timed by tinybench.
import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { build } from 'esbuild'
import { Bench } from 'tinybench'
import { ROOT } from '../scripts/prepare.mjs'

/** Times the core's heavy calls. Each evaluation gets a boat that it has not seen, so that nothing is remembered. */
export async function coreBench() {
  const outfile = join(mkdtempSync(join(tmpdir(), 'remigo-bench-')), 'core.mjs')
  await build({ entryPoints: [join(ROOT, 'packages/core/src/index.ts')], bundle: true, format: 'esm', platform: 'node', outfile, logLevel: 'error' })
  const { chargeReport, DEMO_BOATS, evaluate, michellResistance, oneLine, placeOneLine, powerCurve, propellerOptimum, roundHull, searchDesigns, SHIPPED_LIBRARY, sizeRest, solarYear, usualSolar, voltageChoices } = await import(outfile)
  const fresh = i => ({ ...DEMO_BOATS[i % 2] })
  const ofEveryKind = DEMO_BOATS.map(boat => [boat.boat.hullType, () => powerCurve({ ...boat })])
  const hull = roundHull(10.4, 1.1, 0.55, 0.61, 0.76)
  const sunny = { ...usualSolar(55.2), fitted: true }, place = { latitude: 0.88, longitude: -0.14 }
  let n = 0
  const tasks = [
    ['one propeller optimum', 0.15, () => propellerOptimum({ thrust: 300 + n++ % 400, advanceSpeed: 2.4, density: 1025.9 }, 0.4, 0.5, 3, 14)],
    ['one full evaluation, new boat', 0.5, () => evaluate(fresh(n++), 2 + (n % 100) / 100).findings.counts],
    ['lever moved, same boat', 0.5, () => evaluate(DEMO_BOATS[0], 2 + (n++ % 100) / 100)],
    ['power curve, 60 speeds, all methods', 10, () => powerCurve(fresh(n++))],
    ...ofEveryKind.map(([kind, task]) => [`power curve, 60 speeds, ${kind}`, 20, task]),
    ['thin-ship wave integral, one speed, two hulls', 2, () => michellResistance(hull, 2 + (n++ % 300) / 100, 1025.9, [-2.4, 2.4])],
    ['system voltages side by side', 50, () => voltageChoices(fresh(n++))],
    ['one-line diagram, placed', 100, () => placeOneLine(oneLine(fresh(n++)))],
    ['a year of sun by hour', 50, () => solarYear(sunny, place, { packVoltage: 51.2, air: 288 })],
    ['charge over time', 5, () => chargeReport(fresh(n++))],
    ['size the rest', 150, () => sizeRest(fresh(n++))],
  ]
  const bench = new Bench({ time: 1500, warmupTime: 500 })
  for (const [name, , task] of tasks) bench.add(name, task)
  await bench.run()
  return [...tasks.map(([name, limit]) => {
    const { latency } = bench.getTask(name).result
    return { name, value: latency.p50 ?? latency.median, unit: 'ms', limit }
  }), ...searchOfMany(searchDesigns, SHIPPED_LIBRARY, DEMO_BOATS.find(boat => boat.id === 'demo-osprel'))]
}

/** The search for whole designs in a library of so many parts that there are 50,000 combinations and more. */
function searchOfMany(searchDesigns, library, boat) {
  const many = (parts, count) => parts.flatMap(part => Array.from({ length: count }, (_, i) => ({ ...part, id: `${part.id}/${i}`, price: part.price * (1 + 0.01 * i), mass: part.mass * (1 - 0.004 * i) })))
  const large = { ...library, motors: many(library.motors, 2), controllers: many(library.controllers, 4), cells: many(library.cells, 4) }
  const before = process.memoryUsage().heapUsed, start = performance.now()
  let most = before
  const run = searchDesigns({ ...boat, held: Object.fromEntries(Object.keys(boat.held).map(part => [part, false])) }, large)
  let step = run.next()
  for (; !step.done; step = run.next()) most = Math.max(most, process.memoryUsage().heapUsed)
  const each = (performance.now() - start) / step.value.tried
  return [
    { name: `search, for each 50,000 combinations (of ${step.value.tried})`, value: 50_000 * each, unit: 'ms', limit: 5000 },
    { name: 'search, memory at most above the start', value: (most - before) / 1e6, unit: 'MB', limit: 200 },
  ]
}
