import { describe, expect, it } from 'vitest'
import {
  ENGINE_KINDS,
  engineCurves,
  ENGINES,
  fullLoadPower,
  powerAtUsualRpm,
  powerFromFuel,
  TORQUE_AT,
  type OldEngine,
} from '../src/oldEngine'

const engine: OldEngine = {
  kind: 'dieselNatural',
  ratedPower: 13_400,
  ratedRpm: 2800,
  usualRpm: 1900,
  fuelRate: 1.2e-3 / 3600,
}

describe('the old engine', () => {
  it.each(ENGINE_KINDS)('%s: rated power at rated speed, nothing below idle, torque 1 at the end', kind => {
    expect(fullLoadPower({ ...engine, kind }, 2800)).toBeCloseTo(13_400, 6)
    expect(fullLoadPower({ ...engine, kind }, 100)).toBe(0)
    expect(ENGINES[kind].torque).toHaveLength(TORQUE_AT.length)
    expect(ENGINES[kind].torque.at(-1)).toBe(1)
  })
  it.each(ENGINE_KINDS)('%s: of what burns, a sixth to two fifths reaches the shaft', kind => {
    // lower heating value: diesel 10.0 kWh a litre, petrol 8.9 (common practice)
    const kWhPerLitre = kind.startsWith('diesel') ? 10 : 8.9,
      [least, most] = ENGINES[kind].fuelPerJoule
    const efficiency = (burns: number) => 0.001 / (3.6e6 * kWhPerLitre * burns)
    expect(efficiency(most)).toBeGreaterThan(1 / 6)
    expect(efficiency(least)).toBeLessThan(0.42)
    expect(most / least).toBeGreaterThan(1.1)
    expect(most / least).toBeLessThan(1.4)
  })
  it('8 hp at 1200 rpm is 47.5 N·m (arithmetic of the trade)', () => {
    const { torque } = engineCurves({ ...engine, ratedPower: 8 * 745.7, ratedRpm: 1200 })
    expect(torque.at(-1)).toBeCloseTo(47.5, 1)
  })
  it('at two thirds of its speed gave about a third of its power', () => {
    const used = powerAtUsualRpm(engine)!
    expect(used.low / 13_400).toBeCloseTo((1900 / 2800) ** 3, 9)
    expect(used.low).toBeLessThan(used.value)
    expect(used.value).toBeLessThan(used.high)
  })
  it('1.2 l/h of diesel is 4 to 4.8 kW (0.25 to 0.30 l/kWh, common practice)', () => {
    const burnt = powerFromFuel(engine)!
    expect(burnt.low).toBeCloseTo(4000, 0)
    expect(burnt.high).toBeCloseTo(4800, 0)
  })
  it('says nothing of what is not known', () => {
    expect(powerAtUsualRpm({ ...engine, usualRpm: null })).toBeNull()
    expect(powerFromFuel({ ...engine, fuelRate: null })).toBeNull()
  })
  it('its demand never passes its full load, up to rated speed', () => {
    for (const kind of ENGINE_KINDS) {
      const { power, demand } = engineCurves({ ...engine, kind })
      demand.forEach((d, i) => expect(d).toBeLessThanOrEqual(power[i]! + 1e-6))
    }
  })
})
