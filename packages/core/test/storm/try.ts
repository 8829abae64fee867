import { randomBoat } from './randomBoat'
import { faultsOf } from './judge'
const [from, count, all] = [Number(process.argv[2] ?? 0), Number(process.argv[3] ?? 100), process.argv[4] === 'all']
const seen = new Map<string, { n: number; seed: number }>()
const times = new Map<string, number[]>()
for (let seed = from; seed < from + count; seed++) {
  const boat = randomBoat(seed)
  for (const f of faultsOf(boat, seed, times, all)) {
    const key = `${f.of}: ${f.what}`
    const was = seen.get(key)
    if (was) was.n++
    else seen.set(key, { n: 1, seed })
  }
}
for (const [key, { n, seed }] of [...seen].sort((a, b) => b[1].n - a[1].n))
  console.log(n, `#${seed}`, key.slice(0, 260))
for (const [name, t] of times) {
  t.sort((a, b) => a - b)
  console.log(
    name,
    'n',
    t.length,
    'p50',
    t[t.length >> 1]!.toFixed(1),
    'p99',
    t[Math.floor(0.99 * t.length)]!.toFixed(1),
    'max',
    t.at(-1)!.toFixed(1),
  )
}
