import { describe, expect, it } from 'vitest'
import { chargeLasts, chargeSetup, modelOf } from '../../src/system'
import { packFlow, WARM_PACK, type PackAsk } from '../../src/voyage/packFlow'
import { DEMO, DEMO_BOATS } from '../../src/project'

const model = modelOf(DEMO.osprel)
const flow = (of: Partial<PackAsk>) =>
  packFlow(model, { charge: 0.5, taken: 0, given: 0, chargers: null, time: 60, ...of })

describe('what flows at the pack', () => {
  it('nothing asked and nothing given is nothing', () => {
    expect(flow({})).toMatchObject({ amps: 0, into: 0, shore: 0 })
    expect(flow({}).change).toBeCloseTo(0, 12)
  })
  it('out: the charge lasts as long as the lever says', () => {
    for (const boat of DEMO_BOATS) {
      const of = modelOf(boat),
        out = packFlow(of, { charge: 0.6, taken: 500, given: 0, chargers: null, time: 60 })
      expect(-1 / out.change, boat.name).toBeCloseTo(chargeLasts(of, { power: 500, current: out.amps }), 3)
    }
  })
  it('what is given is taken off what is taken', () => {
    const { volts, amps, change } = flow({ taken: 300 }),
      less = flow({ taken: 800, given: 500 })
    expect([less.volts, less.amps, less.change]).toEqual([volts, amps, change])
  })
  it('in: what stays of it, and the amps come in', () => {
    const sun = flow({ given: 400 })
    expect(sun.into).toBeCloseTo(0.97 * 400, 6)
    expect(sun.amps).toBeLessThan(0)
    expect(sun.change * model.pack.energy).toBeCloseTo(sun.into, 6)
  })
  it('a full pack takes nothing, one that is nearly full what it lacks', () => {
    expect(flow({ charge: 1, given: 400 })).toMatchObject({ into: 0, change: 0 })
    const lacks = 10 / model.pack.energy,
      last = flow({ charge: 1 - lacks, given: 400, time: 60 })
    expect(1 - lacks + 60 * last.change).toBeCloseTo(1, 12)
    // a moment earlier it still took all
    expect(flow({ charge: 0.9, given: 400, time: 60 }).into).toBeCloseTo(0.97 * 400, 6)
  })
  it('a frozen pack takes no charge, and gives what it can', () => {
    const frozen = { ...WARM_PACK, charging: 0, capacity: 0.8 }
    expect(flow({ given: 400, cold: frozen }).into).toBe(0)
    expect(flow({ taken: 400, cold: frozen }).change / flow({ taken: 400 }).change).toBeCloseTo(1 / 0.8, 9)
  })
  it('on a socket the house runs on it, and the pack charges as it would by itself', () => {
    const chargers = chargeSetup(DEMO.osprel),
      most = flow({ chargers, taken: 50_000 }).shore
    for (const charge of [0.5, 0.97, 0.999]) {
      const alone = flow({ chargers, charge }),
        housed = flow({ chargers, charge, taken: 50 })
      expect(alone.into).toBeGreaterThan(0)
      expect(housed.into).toBeLessThanOrEqual(alone.into)
      expect(housed.shore, `at ${charge}`).toBeCloseTo(Math.min(most, housed.into / 0.97 + 50), 6)
    }
  })
  it('what the socket cannot give comes out of the pack', () => {
    const chargers = chargeSetup(DEMO.osprel),
      fed = flow({ chargers }).shore
    const much = flow({ chargers, taken: 50_000 })
    expect(much.change).toBeLessThan(0)
    expect(much.shore).toBeGreaterThanOrEqual(fed - 1e-6)
  })
})
