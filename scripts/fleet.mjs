// npm run fleet: the boats of a fleet as Remigo sees them, beside what was bet. -- other-fleet.json
import { mkdtempSync, readFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { build } from 'esbuild'
import { ROOT } from './prepare.mjs'

const folder = join(ROOT, 'packages/core/test/fleet')
const outfile = join(mkdtempSync(join(tmpdir(), 'remigo-fleet-')), 'judgeFleet.mjs')
await build({
  entryPoints: [join(folder, 'judgeFleet.ts')],
  bundle: true,
  format: 'esm',
  platform: 'node',
  outfile,
  logLevel: 'error',
})
const { judgeBoat, sharesOf } = await import(outfile)
const fleet = JSON.parse(readFileSync(process.argv[2] ?? join(folder, 'fleetOpen.json'), 'utf8'))

const three = x => Number(x.toPrecision(3))
const judged = fleet.map(judgeBoat)
console.table(
  judged.flatMap(b =>
    b.points.map(p => ({
      boat: b.id,
      point: p.label,
      kn: p.knots,
      'ours, kW': three(p.ours),
      band: `${three(p.low)} to ${three(p.high)}`,
      bet: `${p.bet.low} · ${p.bet.best} · ${p.bet.high}`,
      'ours / best': three(p.ours / p.bet.best),
      '': p.inside ? 'inside' : p.ours < p.bet.low ? 'BELOW' : 'ABOVE',
    })),
  ),
)
console.table(
  judged.map((b, i) => ({
    boat: b.id,
    exponents: b.shapes.map(s => `${three(s.ours)}${s.inside ? '' : ' OUT'}`).join(', '),
    motor: b.design?.motor ?? 'NO DESIGN',
    kW: b.design?.kilowatts,
    bet: `${fleet[i].motor_rated_shaft_kw_low} to ${fleet[i].motor_rated_shaft_kw_high}`,
    '': !b.design || b.design.inside ? '' : 'OUT',
    V: b.design && `${b.design.volts}${b.design.voltsInside ? '' : ' OUT'}`,
    'pack, kWh': b.design && `${three(b.design.usable)}${b.design.packInside ? '' : ' OUT'}`,
    'pack bet': `${fleet[i].pack_usable_kwh_low} to ${fleet[i].pack_usable_kwh_high}`,
    clashes: b.design?.clashes,
    'facts broken': b.broken.length,
  })),
)
for (const { id, broken } of judged) for (const fact of broken) console.log(`${id}: not kept: ${fact}`)
const of = sharesOf(judged)
const percent = x => `${Math.round(100 * x)} %`
console.log(
  [
    `powers inside ${percent(of.points)}`,
    `rms of ln ${of.rms.toFixed(2)}`,
    `exponents inside ${percent(of.shapes)}`,
    `bets' best inside our bands ${percent(of.banded)}`,
    `designs ${percent(of.designs)}`,
    `motors ${percent(of.motors)}`,
    `volts ${percent(of.volts)}`,
    `packs ${percent(of.packs)}`,
    `without a clash ${percent(of.calm)}`,
    `facts kept ${percent(of.facts)}`,
  ].join(', '),
)
