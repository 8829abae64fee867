import { KNOT } from '../../constants'
import { soundDay } from './demoDays'
import { NOT_MEASURED, NOTHING_HELD, NOTHING_RECORDED, UNKNOWN_GEARS } from '../begin/notKnown'
import type { Project } from '../definition/projectFields'
import { PROJECT_VERSION } from '../definition/projectVersion'
import { usualGear, usualHabits } from '../begin/usual'
import { cellNamed, controllerNamed, jetNamed, motorNamed } from '../../parts'

/** A semi-displacement motor cruiser of the invented Sound of Merrow, which no longer needs to hurry. */
export const garran: Project = {
  format: 'remigo-boat',
  version: PROJECT_VERSION,
  id: 'demo-garran',
  name: 'Garran',
  story:
    'Garran was built to run the Sound of Merrow at thirteen knots on two hundred horsepower, and nobody ' +
    'aboard is in a hurry any more. Her owners want six and a half quiet knots to the islands and back, and ' +
    'to know what a little more would cost.',
  boat: {
    ...NOT_MEASURED,
    massHolds: 'after',
    hullType: 'semiDisplacement',
    lengthOverAll: 9.6,
    lengthWaterline: 8.7,
    beam: 3.2,
    beamWaterline: 2.95,
    draught: 0.8,
    mass: 4800,
    massUncertainty: 0.15,
    keel: 'fin',
    variant: '',
    water: 'sea',
    waterTemperature: 286.15,
    oldEngine: {
      kind: 'dieselTurbo',
      ratedPower: 147_000,
      ratedRpm: 3600,
      mass: 520,
      usualRpm: 1500,
      fuelRate: 6e-3 / 3600,
    },
    drive: { kind: 'shaft', legRatio: 1, greatestDiameter: 0.48, shaftDepth: 0.6, ...UNKNOWN_GEARS },
    compartments: [],
  },
  use: {
    cruiseSpeed: 6.5 * KNOT,
    topSpeed: 7.5 * KNOT,
    stretchKind: 'hours',
    duration: 3 * 3600,
    distance: 20 * 1852,
    reserve: 0.2,
    headroom: 0.2,
    houseLoad: 120,
    seaMargin: 0.15,
    ambient: 308.15,
    headWind: 0,
    hullCondition: 'clean',
    topTime: 3600,
    ...usualHabits({ hullType: 'semiDisplacement', variant: '' }),
    place: { latitude: (50.5 * Math.PI) / 180, longitude: (-7.97 * Math.PI) / 180 },
  },
  design: {
    motor: motorNamed('brindle-30-144-2600'),
    controller: controllerNamed('corvel-144-260'),
    reduction: { kind: 'belt', ratio: 1.75 },
    propeller: {
      diameter: 0.48,
      pitch: 0.365,
      areaRatio: 0.45,
      blades: 3,
      kind: 'fixed',
      efficiencyFactor: null,
      hand: 'right',
    },
    cooling: null,
    jet: jetNamed('sluice-180'),
    pack: { cell: cellNamed('ostra-lfp-230'), series: 48, parallel: 1, chargeVoltage: 3.45 },
    systemVoltage: 144,
    ...usualGear(165.6),
  },
  ...NOTHING_RECORDED,
  day: soundDay,
  held: NOTHING_HELD,
}
