import { KNOT } from '../../constants'
import { NOT_MEASURED, NOTHING_HELD, NOTHING_RECORDED, UNKNOWN_GEARS } from '../begin/notKnown'
import type { Project } from '../definition/projectFields'
import { PROJECT_VERSION } from '../definition/projectVersion'
import { usualGear, usualHabits } from '../begin/usual'
import { cellNamed, controllerNamed, jetNamed, motorNamed } from '../../parts'

/** A canoe of the invented Ardle Water. */
export const wisp: Project = {
  format: 'remigo-boat',
  version: PROJECT_VERSION,
  id: 'demo-wisp',
  name: 'Wisp',
  story:
    'Wisp is a canvas canoe that two botanists paddle up Ardle Water and are tired of paddling back against ' +
    'the breeze. The motor must come off in one hand and the battery in the other.',
  boat: {
    ...NOT_MEASURED,
    massHolds: 'after',
    hullType: 'canoe',
    lengthOverAll: 4.9,
    lengthWaterline: 4.65,
    beam: 0.92,
    beamWaterline: 0.82,
    draught: 0.13,
    mass: 215,
    massUncertainty: 0.1,
    keel: 'fin',
    variant: 'canoe',
    water: 'fresh',
    waterTemperature: 287.15,
    oldEngine: { kind: 'petrolTwoStroke', ratedPower: 0, ratedRpm: 5500, mass: 0, usualRpm: null, fuelRate: null },
    drive: { kind: 'outboard', legRatio: 1, greatestDiameter: 0.24, shaftDepth: 0.25, ...UNKNOWN_GEARS },
    compartments: [],
  },
  use: {
    cruiseSpeed: 3.2 * KNOT,
    topSpeed: 4 * KNOT,
    stretchKind: 'hours',
    duration: 4 * 3600,
    distance: 12 * 1852,
    reserve: 0.25,
    headroom: 0.2,
    houseLoad: 0,
    seaMargin: 0.15,
    ambient: 308.15,
    headWind: 2.5,
    hullCondition: 'clean',
    topTime: 3600,
    ...usualHabits({ hullType: 'canoe', variant: 'canoe' }),
  },
  design: {
    motor: motorNamed('brindle-0.5-24-1500'),
    controller: controllerNamed('corvel-24-60'),
    reduction: { kind: 'direct', ratio: 1 },
    propeller: {
      diameter: 0.24,
      pitch: 0.24,
      areaRatio: 0.45,
      blades: 3,
      kind: 'outboard',
      efficiencyFactor: null,
      hand: 'right',
    },
    cooling: null,
    jet: jetNamed('sluice-120'),
    pack: { cell: cellNamed('ostra-nmc-22-62'), series: 1, parallel: 1, chargeVoltage: 4.1 },
    systemVoltage: 24,
    ...usualGear(24.6),
  },
  ...NOTHING_RECORDED,
  held: NOTHING_HELD,
}
