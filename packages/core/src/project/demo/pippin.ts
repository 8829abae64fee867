import { KNOT } from '../../constants'
import { NOT_MEASURED, NOTHING_HELD, NOTHING_RECORDED, UNKNOWN_GEARS } from '../begin/notKnown'
import type { Project } from '../definition/projectFields'
import { PROJECT_VERSION } from '../definition/projectVersion'
import { usualGear, usualHabits } from '../begin/usual'
import { cellNamed, controllerNamed, jetNamed, motorNamed } from '../../parts'

/** An inflatable tender in the invented Bay of Sarn. */
export const pippin: Project = {
  format: 'remigo-boat',
  version: PROJECT_VERSION,
  id: 'demo-pippin',
  name: 'Pip',
  story:
    'Pip goes ashore from a mooring in the Bay of Sarn six times a day with four people and their shopping. ' +
    'Petrol in the locker is what her owners want to be rid of first.',
  boat: {
    ...NOT_MEASURED,
    massHolds: 'after',
    hullType: 'dinghy',
    lengthOverAll: 3.1,
    lengthWaterline: 2.5,
    beam: 1.55,
    beamWaterline: 1.15,
    draught: 0.2,
    mass: 330,
    massUncertainty: 0.2,
    keel: 'fin',
    variant: 'inflatable',
    water: 'sea',
    waterTemperature: 288.15,
    oldEngine: { kind: 'petrolTwoStroke', ratedPower: 3000, ratedRpm: 5000, mass: 20, usualRpm: 3500, fuelRate: null },
    drive: { kind: 'outboard', legRatio: 1, greatestDiameter: 0.26, shaftDepth: 0.3, ...UNKNOWN_GEARS },
    compartments: [],
  },
  use: {
    cruiseSpeed: 3.2 * KNOT,
    topSpeed: 3.8 * KNOT,
    stretchKind: 'hours',
    duration: 2 * 3600,
    distance: 6 * 1852,
    reserve: 0.2,
    headroom: 0.2,
    houseLoad: 0,
    seaMargin: 0.2,
    ambient: 308.15,
    headWind: 3,
    hullCondition: 'slime',
    topTime: 3600,
    ...usualHabits({ hullType: 'dinghy', variant: 'inflatable' }),
  },
  design: {
    motor: motorNamed('brindle-2-48-1500'),
    controller: controllerNamed('corvel-48-100'),
    reduction: { kind: 'direct', ratio: 1 },
    propeller: {
      diameter: 0.26,
      pitch: 0.19,
      areaRatio: 0.45,
      blades: 3,
      kind: 'outboard',
      efficiencyFactor: null,
      hand: 'right',
    },
    cooling: null,
    jet: jetNamed('sluice-120'),
    pack: { cell: cellNamed('ostra-nmc-22-62'), series: 2, parallel: 1, chargeVoltage: 4.1 },
    systemVoltage: 48,
    ...usualGear(49.2),
  },
  ...NOTHING_RECORDED,
  held: NOTHING_HELD,
}
