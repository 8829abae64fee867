import { Sampler } from '../../src/instruments'
import { faultOfFile, hostileLine } from './hostileFiles'
import { faultsOf, type Times } from './judge'
import { randomBoat } from './randomBoat'

// One process of "npm run storm": <boats|files|lines> <from> <until>. Tells its progress, and at its end what it found,
// as lines of JSON.
const [what, from, until] = [process.argv[2], Number(process.argv[3]), Number(process.argv[4])]
const faults = new Map<string, { count: number; seed: number }>()
const times: Times = new Map()
const found = (of: string, says: string, seed: number) => {
  const key = `${of}: ${says}`,
    known = faults.get(key)
  if (known) known.count++
  else faults.set(key, { count: 1, seed })
}
const AT_ONCE = 500,
  /** lines after which nothing grows any more, and bytes that a heap swings by */
  WARM = 20_000,
  SWING = 40e6
const sampler = new Sampler()
let heap = 0
for (let seed = from; seed < until; seed++) {
  if (what === 'boats') for (const f of faultsOf(randomBoat(seed), seed, times)) found(f.of, f.what, seed)
  else if (what === 'lines') {
    try {
      sampler.take(hostileLine(seed))
    } catch (error) {
      found('line', `throws ${(error as Error).message}`, seed)
    }
    if (seed - from === WARM) heap = process.memoryUsage().heapUsed
  } else {
    const began = performance.now()
    const fault = faultOfFile(seed)
    const took = times.get('file') ?? []
    took.push(performance.now() - began)
    times.set('file', took)
    if (fault) found(fault.of, fault.what, seed)
  }
  if ((seed - from) % AT_ONCE === AT_ONCE - 1) console.log(JSON.stringify({ done: AT_ONCE }))
}
if (what === 'lines' && heap > 0 && process.memoryUsage().heapUsed > heap + SWING) found('lines', 'memory grows', until)
console.log(JSON.stringify({ faults: [...faults].map(([says, f]) => ({ says, ...f })), times: [...times] }))
