import { randomBoat } from './randomBoat'
import { speedsOf } from './questions'
import { evaluate } from '../../src/system'
const l: number[] = []
const boats = Array.from({ length: 500 }, (_, i) => randomBoat(3 * i))
for (const boat of boats)
  for (const v of speedsOf(boat)) {
    const t = performance.now()
    evaluate(boat, v)
    l.push(performance.now() - t)
  }
l.sort((a, b) => a - b)
console.log(l[Math.floor(0.99 * l.length)], l[Math.floor(0.9 * l.length)], l.reduce((a, b) => a + b) / 500)
