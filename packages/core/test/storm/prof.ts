import { randomBoat } from './randomBoat'
import { speedsOf } from './questions'
import { evaluate } from '../../src/system'
import { checkFindings } from '../../src/findings'
const ev: any[] = [],
  fs: any[] = []
for (let seed = +process.argv[2]!; seed < +process.argv[3]!; seed++) {
  const boat = randomBoat(seed)
  const info = () =>
    `#${seed} ${boat.boat.hullType} trips ${boat.log.trips.length} points ${boat.trial.points.length} setups ${boat.trial.setups.length} w ${seed % 3} drives ${boat.boat.drive.count} ${boat.boat.drive.kind} ${boat.trial.use} others ${boat.design.banks.others.length} sun ${boat.design.solar.fitted}`
  for (const [i, v] of speedsOf(boat).entries()) {
    const t = performance.now()
    evaluate(boat, v)
    ev.push([performance.now() - t, i, info()])
  }
  const t = performance.now()
  const f = checkFindings(boat)
  fs.push([performance.now() - t, info()])
}
const after = (l: any[]) => l.slice(Math.floor(l.length / 3)).sort((a, b) => a[0] - b[0])
const q = (l: any[], s: number) => l[Math.min(l.length - 1, Math.floor(s * l.length))][0]
for (const [name, l] of [
  ['ev first', after(ev.filter(e => e[1] === 0))],
  ['ev rest', after(ev.filter(e => e[1] > 0))],
  ['findings', after(fs)],
] as const) {
  console.log(name, 'p50', q(l, 0.5), 'p90', q(l, 0.9), 'p95', q(l, 0.95), 'p99', q(l, 0.99))
  for (const x of l.slice(-14)) console.log('   ', x.join(' '))
}
