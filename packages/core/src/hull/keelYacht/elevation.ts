import type { BoatDimensions } from '../boat'
import type { Elevation, Line } from '../elevation'
import type { HullForm } from '../hullForm'
import { keelGeometry } from './form'

/**
 * Side elevation of a keel yacht: overhangs, fin or long keel, spade or hung rudder, low cabin, mast stub.
 *
 * @param boat dimensions in m
 * @param form its form
 * @returns the drawing as data
 */
export function keelYachtElevation(boat: BoatDimensions, form: HullForm): Elevation {
  const L = boat.lengthOverAll
  const overhang = Math.max(0, L - form.lengthWaterline)
  const from = 0.55 * overhang,
    to = from + form.lengthWaterline
  const bow = 0.135 * L,
    stern = 0.105 * L,
    Tc = form.draughtBody,
    T = boat.draught
  const { keel, rudder } = keelGeometry(boat, form.lengthWaterline, Tc)
  const hull: Line = [
    ['M', 0, bow],
    ['C', 0.3 * L, 0.8 * bow, 0.6 * L, 0.86 * stern, L, stern],
    ['L', L - 0.35 * (L - to), 0.35 * stern],
    ['C', to, 0, to - 0.02 * L, -0.02 * L, to - 0.1 * L, -0.25 * Tc],
    ['C', to - 0.3 * L, -1.15 * Tc, from + 0.34 * L, -1.12 * Tc, from + 0.12 * L, -0.42 * Tc],
    ['C', from + 0.04 * L, -0.1 * Tc, 0.35 * from, 0.6 * bow, 0, bow],
    ['Z'],
  ]
  const middle = from + 0.5 * form.lengthWaterline
  const fin = boat.keel === 'fin'
  const root = fin ? 1.18 * keel.chord : 1.15 * keel.chord,
    tip = fin ? 0.8 * keel.chord : 0.85 * keel.chord
  const aft = fin ? middle + 0.62 * root : middle + 0.64 * root
  const keelLine: Line = [
    ['M', aft - root, -0.86 * Tc],
    ['L', aft - tip, -T],
    ['L', aft - 0.04 * root, -T],
    ['L', aft, -0.6 * Tc],
    ['Z'],
  ]
  const ballastTop = -T + 0.42 * (T - Tc)
  const lean = (-ballastTop - 0.86 * Tc) / (T - 0.86 * Tc)
  const ballast: Line = [
    ['M', aft - root + (root - tip) * lean, ballastTop],
    ['L', aft - tip, -T],
    ['L', aft - 0.04 * root, -T],
    ['L', aft - 0.025 * root, ballastTop],
    ['Z'],
  ]
  const rudderAft = fin ? to - 0.012 * L : to - 0.02 * L
  const rudderLine: Line = [
    ['M', rudderAft - 1.1 * rudder.chord, -0.12 * Tc],
    ['L', rudderAft - 1.02 * rudder.chord, -rudder.span - 0.1 * T],
    ['L', rudderAft - 0.25 * rudder.chord, -rudder.span - 0.1 * T],
    ['L', rudderAft, -0.03 * Tc],
    ['Z'],
  ]
  const D = boat.draught * 0.2
  const propeller = { x: rudderAft - 1.25 * rudder.chord - 0.03 * L, z: -0.62 * Tc - 0.3 * D, diameter: D }
  const motorX = propeller.x - 0.15 * L
  return {
    lengthOverAll: L,
    top: bow + 0.035 * L,
    bottom: -T,
    waterlineFrom: from,
    waterlineTo: to,
    keel: keelLine,
    ballast,
    rudder: rudderLine,
    hull,
    deck: [
      [
        ['M', 0, bow - 0.018 * L],
        ['C', 0.3 * L, 0.8 * bow - 0.018 * L, 0.6 * L, 0.86 * stern - 0.018 * L, L - 0.006 * L, stern - 0.018 * L],
      ],
    ],
    roof: [
      ['M', 0.3 * L, 0.84 * bow],
      ['C', 0.34 * L, bow + 0.012 * L, 0.36 * L, bow + 0.022 * L, 0.42 * L, bow + 0.026 * L],
      ['L', 0.66 * L, bow + 0.016 * L],
      ['L', 0.675 * L, 0.82 * stern],
    ],
    windows: [0.42, 0.53].map((x): Line => [
      ['M', x * L, bow + 0.004 * L],
      ['L', (x + 0.085) * L, bow + 0.001 * L],
      ['L', (x + 0.085) * L, bow - 0.012 * L],
      ['L', x * L, bow - 0.01 * L],
      ['Z'],
    ]),
    mast: [
      ['M', 0.4 * L, bow + 0.024 * L],
      ['L', 0.4 * L, bow + 0.075 * L],
      ['M', 0.408 * L, bow + 0.024 * L],
      ['L', 0.408 * L, bow + 0.08 * L],
    ],
    pack: { x: 0.47 * L, z: -0.2 * Tc, width: 0.1 * L, height: 0.4 * Tc },
    controller: { x: 0.605 * L, z: 0.05 * Tc, width: 0.035 * L, height: 0.36 * Tc },
    motor: { x: motorX, z: -0.22 * Tc, width: 0.06 * L, height: 0.34 * Tc, tilt: 8 },
    shaft: [
      ['M', motorX + 0.03 * L, -0.26 * Tc],
      ['L', propeller.x, propeller.z],
    ],
    propeller,
  }
}
