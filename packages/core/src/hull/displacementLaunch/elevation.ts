import type { BoatDimensions } from '../boat'
import type { Elevation, Line } from '../elevation'
import type { HullForm } from '../hullForm'

/**
 * Side elevation of a displacement launch: plumb stem, long shallow keel, skeg, hung rudder, small wheel shelter.
 *
 * @param boat dimensions in m
 * @param form its form
 * @returns the drawing as data
 */
export function displacementLaunchElevation(boat: BoatDimensions, form: HullForm): Elevation {
  const L = boat.lengthOverAll
  const from = 0.35 * (L - form.lengthWaterline),
    to = from + form.lengthWaterline
  const bow = 0.125 * L,
    stern = 0.09 * L,
    Tc = form.draughtBody,
    T = Math.max(boat.draught, Tc * 1.05)
  const hull: Line = [
    ['M', 0, bow],
    ['C', 0.28 * L, 0.72 * bow, 0.66 * L, 0.72 * stern, L, stern],
    ['C', L, 0.4 * stern, to, 0.1 * stern, to - 0.03 * L, -0.04 * Tc],
    ['C', to - 0.16 * L, -0.62 * Tc, to - 0.3 * L, -Tc, 0.52 * L, -Tc],
    ['C', 0.3 * L, -Tc, from + 0.12 * L, -0.92 * Tc, from + 0.045 * L, -0.55 * Tc],
    ['C', from + 0.015 * L, -0.3 * Tc, 0.2 * from, 0.55 * bow, 0, bow],
    ['Z'],
  ]
  const D = 0.62 * T
  const rudderFore = to - 0.02 * L
  const propeller = { x: rudderFore - 0.035 * L, z: -0.56 * T, diameter: D }
  const motorX = propeller.x - 0.2 * L
  return {
    lengthOverAll: L,
    top: bow + 0.06 * L,
    bottom: -T,
    waterlineFrom: from,
    waterlineTo: to,
    keel: [
      ['M', from + 0.05 * L, -0.6 * Tc],
      ['C', from + 0.1 * L, -0.98 * Tc, 0.3 * L, -T, 0.4 * L, -T],
      ['L', rudderFore + 0.045 * L, -T],
      ['L', rudderFore + 0.045 * L, -0.94 * T],
      ['L', propeller.x - 0.035 * L, -0.94 * T],
      ['L', propeller.x - 0.045 * L, -0.5 * Tc],
      ['Z'],
    ],
    ballast: null,
    rudder: [
      ['M', rudderFore, 0.02 * L],
      ['L', rudderFore, -0.93 * T],
      ['C', rudderFore + 0.06 * L, -0.93 * T, rudderFore + 0.055 * L, -0.4 * T, rudderFore + 0.03 * L, 0.02 * L],
      ['Z'],
    ],
    hull,
    deck: [
      [
        ['M', 0.004 * L, bow - 0.02 * L],
        ['C', 0.28 * L, 0.72 * bow - 0.02 * L, 0.66 * L, 0.72 * stern - 0.02 * L, L, stern - 0.02 * L],
      ],
      [
        ['M', 0.16 * L, 0.02 * L],
        ['L', 0.3 * L, -0.2 * Tc],
        ['L', 0.82 * L, -0.2 * Tc],
      ],
    ],
    roof: [
      ['M', 0.2 * L, 0.86 * bow],
      ['C', 0.23 * L, bow + 0.04 * L, 0.26 * L, bow + 0.05 * L, 0.3 * L, bow + 0.052 * L],
      ['L', 0.45 * L, bow + 0.048 * L],
      ['L', 0.46 * L, 0.72 * bow],
    ],
    windows: [0.275, 0.36].map((x): Line => [
      ['M', x * L, bow + 0.032 * L],
      ['L', (x + 0.07) * L, bow + 0.03 * L],
      ['L', (x + 0.07) * L, bow - 0.005 * L],
      ['L', (x - 0.012) * L, bow - 0.003 * L],
      ['Z'],
    ]),
    mast: [
      ['M', 0.93 * L, stern],
      ['L', 0.95 * L, stern + 0.07 * L],
    ],
    pack: { x: 0.4 * L, z: -0.42 * Tc, width: 0.12 * L, height: 0.5 * Tc },
    controller: { x: 0.55 * L, z: -0.15 * Tc, width: 0.038 * L, height: 0.4 * Tc },
    motor: { x: motorX, z: -0.4 * Tc, width: 0.07 * L, height: 0.42 * Tc, tilt: 4 },
    shaft: [
      ['M', motorX + 0.035 * L, -0.43 * Tc],
      ['L', propeller.x, propeller.z],
    ],
    propeller,
  }
}
