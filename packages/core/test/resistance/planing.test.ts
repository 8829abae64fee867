import { describe, expect, it } from 'vitest'
import table from '../../data/savitsky1964.json' with { type: 'json' }
import { FOOT, GRAVITY, KNOT, POUND } from '../../src/constants'
import {
  crouchShaftPower,
  flatPlateLift,
  humpFactor,
  mercierSavitskyRows,
  planingAtTrim,
  planingRun,
  porpoisingLimit,
  schoenherrFriction,
  schoolPowers,
  type PlaningCase,
} from '../../src/resistance'

const DEGREE = Math.PI / 180
/** The paper's worked example: 60 000 lb, 14 ft beam, 10° deadrise, 40 kn; ρ 1.94 slug/ft³. */
const density = (1.94 * 14.593903) / FOOT ** 3
const example: PlaningCase = {
  beamChine: 14 * FOOT,
  deadrise: 10 * DEGREE,
  lcg: 29 * FOOT,
  vcg: 2 * FOOT,
  shaftAngle: 4 * DEGREE,
  thrustArm: 0.5 * FOOT,
  mass: 60_000 * POUND,
  water: { density, viscosity: 1.28e-5 * FOOT ** 2 },
  frictionAllowance: 0.0004,
  frictionFactor: 1,
}
const speed = 67.5 * FOOT
const LBF = POUND * GRAVITY

describe(
  'Savitsky 1964, worked example (input recalled; rows evaluated from the equations by two other ' +
    'implementations, see data)',
  () => {
    it.each(table.worked_example.evaluated_now.rows)(
      'at a trim of $tau°: wetted length, friction, drag and moment within 1 %',
      row => {
        const run = planingAtTrim(example, speed, row.tau * DEGREE)
        expect(Math.abs(run.wetted / row.lambda - 1)).toBeLessThan(0.01)
        expect(Math.abs((run.friction * Math.cos(row.tau * DEGREE)) / LBF / row.Df_lb - 1)).toBeLessThan(0.01)
        expect(Math.abs(run.drag / LBF / row.D_lb - 1)).toBeLessThan(0.01)
        expect(Math.abs(run.moment / (LBF * FOOT) - row.M_ftlb)).toBeLessThan(0.01 * 330_000)
      },
    )
    it('settles at 2.26°, 3.44 beams wet, 9026 lb; within 1 %', () => {
      const run = planingRun(example, speed)
      const { tau_deg, lambda, D_lb, Lk_ft, Lc_ft } = table.worked_example.evaluated_now.equilibrium
      expect(Math.abs(run.trim / DEGREE / tau_deg - 1)).toBeLessThan(0.01)
      expect(Math.abs(run.wetted / lambda - 1)).toBeLessThan(0.01)
      expect(Math.abs(run.drag / LBF / D_lb - 1)).toBeLessThan(0.01)
      expect(Math.abs(run.keelLength / FOOT / Lk_ft - 1)).toBeLessThan(0.01)
      expect(Math.abs(run.chineLength / FOOT / Lc_ft - 1)).toBeLessThan(0.01)
    })
    it('has the paper’s CV 3.18 and CLβ 0.0693 (recalled)', () => {
      const run = planingRun(example, speed)
      expect(run.speedCoefficient).toBeCloseTo(3.18, 2)
      expect(run.lift).toBeCloseTo(0.0693, 3)
      expect(flatPlateLift(2, 3.835, 3.18)).toBeCloseTo(0.08397, 4)
    })
    it('weight moved aft lifts the bow, and the drag follows the trim', () => {
      const aft = planingRun({ ...example, lcg: 25 * FOOT }, speed),
        forward = planingRun({ ...example, lcg: 31 * FOOT }, speed)
      expect(aft.trim).toBeGreaterThan(planingRun(example, speed).trim)
      expect(forward.trim).toBeLessThan(planingRun(example, speed).trim)
    })
    it('a heavier boat drags more, at every planing speed', () => {
      for (const v of [12, 16, 20])
        expect(planingRun({ ...example, mass: 1.1 * example.mass }, v).drag).toBeGreaterThan(
          planingRun(example, v).drag,
        )
    })
  },
)

describe('around planing', () => {
  it('Schoenherr at Re 1e7 is 0.00293 and at 1e9 0.00153 (ATTC line, from memory of)', () => {
    expect(schoenherrFriction(1e7)).toBeCloseTo(0.00293, 4)
    expect(schoenherrFriction(1e9)).toBeCloseTo(0.00153, 4)
  })
  it('the hump factor is above 1 in the hump and fades to 0.98', () => {
    expect(humpFactor(1.5, 1.5)).toBeGreaterThan(1)
    expect(humpFactor(7, 1.5)).toBeCloseTo(0.98, 3)
  })
  it('more deadrise bears more trim before porpoising; more load less', () => {
    expect(porpoisingLimit(0.07, 20)).toBeGreaterThan(porpoisingLimit(0.07, 10))
    expect(porpoisingLimit(0.14, 10)).toBeGreaterThan(porpoisingLimit(0.07, 10))
  })
  it('Crouch: 25 kn with C 150 is 36 lb a horsepower', () => {
    expect((745.6998716 * (1000 / POUND)) / 36).toBeCloseTo(crouchShaftPower(25 * KNOT, 1000), 4)
  })
  it('Mercier–Savitsky’s rows are plausible shares of the weight for a common hull', () => {
    const rows = mercierSavitskyRows({ x: 1 / 5.5, z: 0.1, u: Math.sqrt(40), w: 0.6 })
    for (const r of rows) {
      expect(r).toBeGreaterThan(0.02)
      expect(r).toBeLessThan(0.2)
    }
    // by hand, first row: 0.06473 − 0.4868 x − 0.0103 u − 0.0649 w + 0.10628 x u + 0.9731 x w − 0.00272 z u + 0.01089 z
    // w − 1.40962 x w² + 0.29136 z x² + 0.02971 u w² − 0.0015 w u²
    const x = 1 / 5.5,
      z = 0.1,
      u = Math.sqrt(40),
      w = 0.6
    expect(rows[0]).toBeCloseTo(
      0.06473 -
        0.4868 * x -
        0.0103 * u -
        0.0649 * w +
        0.10628 * x * u +
        0.9731 * x * w -
        0.00272 * z * u +
        0.01089 * z * w -
        1.40962 * x * w * w +
        0.29136 * z * x * x +
        0.02971 * u * w * w -
        0.0015 * w * u * u,
      12,
    )
  })
  it('the schools of kW a tonne (common practice)', () => {
    expect(schoolPowers(4600).map(s => [s.from, s.to])).toEqual([
      [2300, 4600],
      [4600, 9200],
      [13_800, 23_000],
    ])
  })
})
