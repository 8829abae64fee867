import { describe, expect, it } from 'vitest'
import { DEMO_BOATS } from '../../src/project'
import { dayAnswers, turnHome, underWay } from '../../src/voyage'

/** Day and Under way are asked the same question before she casts off: at the planned speed they say one moment. */
describe('the last turn home is one figure', () => {
  const outings = DEMO_BOATS.filter(({ day }) => day.legs[0]?.does === 'goes' && day.legs[0].by === 'water')

  it.each(outings.map(b => [b.name, b] as const))('%s: on Day and Under way', (_, boat) => {
    const { legs, departs, charge } = boat.day,
      planned = turnHome(boat, dayAnswers(boat)),
      afloat = underWay(boat, { leg: 0, along: 0, time: departs, charge }, legs[0]!.speed)?.turn ?? null
    expect(afloat?.time ?? null).toBe(planned?.time ?? null)
    expect(afloat?.charge ?? null).toBe(planned?.charge ?? null)
    expect(afloat?.distance ?? null).toBe(planned?.distance ?? null)
  })
})
