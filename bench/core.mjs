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
  const { DEMO_BOATS, evaluate, michellResistance, powerCurve, propellerOptimum, roundHull, sizeRest } = await import(outfile)
  const fresh = i => ({ ...DEMO_BOATS[i % 2] })
  const ofEveryKind = DEMO_BOATS.map(boat => [boat.boat.hullType, () => powerCurve({ ...boat })])
  const hull = roundHull(10.4, 1.1, 0.55, 0.61, 0.76)
  let n = 0
  const tasks = [
    ['one propeller optimum', 0.15, () => propellerOptimum({ thrust: 300 + n++ % 400, advanceSpeed: 2.4, density: 1025.9 }, 0.4, 0.5, 3, 14)],
    ['one full evaluation, new boat', 0.5, () => evaluate(fresh(n++), 2 + (n % 100) / 100)],
    ['lever moved, same boat', 0.5, () => evaluate(DEMO_BOATS[0], 2 + (n++ % 100) / 100)],
    ['power curve, 60 speeds, all methods', 10, () => powerCurve(fresh(n++))],
    ...ofEveryKind.map(([kind, task]) => [`power curve, 60 speeds, ${kind}`, 20, task]),
    ['thin-ship wave integral, one speed, two hulls', 2, () => michellResistance(hull, 2 + (n++ % 300) / 100, 1025.9, [-2.4, 2.4])],
    ['size the rest', 150, () => sizeRest(fresh(n++))],
  ]
  const bench = new Bench({ time: 1500, warmupTime: 500 })
  for (const [name, , task] of tasks) bench.add(name, task)
  await bench.run()
  return tasks.map(([name, limit]) => {
    const { latency } = bench.getTask(name).result
    return { name, value: latency.p50 ?? latency.median, unit: 'ms', limit }
  })
}
