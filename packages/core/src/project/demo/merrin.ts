import { KNOT } from '../../constants'
import { diveDay } from './demoDays'
import { NOT_MEASURED, NOTHING_HELD, NOTHING_RECORDED, UNKNOWN_GEARS } from '../begin/notKnown'
import type { Project } from '../definition/projectFields'
import { PROJECT_VERSION } from '../definition/projectVersion'
import { usualGear, usualHabits } from '../begin/usual'
import { cellNamed, controllerNamed, jetNamed, motorNamed } from '../../parts'

/** A planing boat of the invented Lough Tarsa, at 96 V. */
export const merrin: Project = {
  format: 'remigo-boat',
  version: PROJECT_VERSION,
  id: 'demo-merrin',
  name: 'Merrin',
  story:
    'Merrin takes divers across Lough Tarsa, ten minutes out on the plane, an hour at anchor and ten minutes ' +
    'back. Her petrol outboard drank more than the divers paid, and the owner has read that planing on ' +
    'batteries cannot work.',
  boat: {
    ...NOT_MEASURED,
    massHolds: 'after',
    hullType: 'planing',
    lengthOverAll: 5.2,
    lengthWaterline: 4.5,
    beam: 2.05,
    beamWaterline: 1.75,
    draught: 0.35,
    mass: 640,
    massUncertainty: 0.12,
    keel: 'fin',
    variant: '',
    water: 'fresh',
    waterTemperature: 287.15,
    oldEngine: {
      kind: 'petrolFourStroke',
      ratedPower: 44_000,
      ratedRpm: 5500,
      mass: 125,
      usualRpm: 4200,
      fuelRate: 14e-3 / 3600,
    },
    drive: { kind: 'outboard', legRatio: 1.5, greatestDiameter: 0.33, shaftDepth: 0.4, ...UNKNOWN_GEARS },
    compartments: [],
  },
  use: {
    cruiseSpeed: 13.5 * KNOT,
    topSpeed: 16 * KNOT,
    stretchKind: 'distance',
    duration: 20 * 60,
    distance: 5 * 1852,
    reserve: 0.2,
    headroom: 0.15,
    houseLoad: 30,
    seaMargin: 0.1,
    ambient: 308.15,
    headWind: 0,
    hullCondition: 'clean',
    topTime: 600,
    ...usualHabits({ hullType: 'planing', variant: '' }),
    place: { latitude: (50.5 * Math.PI) / 180, longitude: (-7.88 * Math.PI) / 180 },
  },
  design: {
    motor: motorNamed('brindle-20-96-2400'),
    controller: controllerNamed('corvel-96-260'),
    reduction: { kind: 'direct', ratio: 1 },
    propeller: {
      diameter: 0.33,
      pitch: 0.4,
      areaRatio: 0.45,
      blades: 3,
      kind: 'outboard',
      efficiencyFactor: null,
      hand: 'right',
    },
    cooling: null,
    jet: jetNamed('sluice-180'),
    pack: { cell: cellNamed('ostra-lfp-105'), series: 32, parallel: 2, chargeVoltage: 3.45 },
    systemVoltage: 96,
    ...usualGear(110.4),
  },
  ...NOTHING_RECORDED,
  day: diveDay,
  held: { ...NOTHING_HELD, voltage: true },
}
