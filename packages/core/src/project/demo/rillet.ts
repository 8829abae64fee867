import { KNOT } from '../../constants'
import { NOT_MEASURED, NOTHING_HELD, NOTHING_RECORDED, UNKNOWN_GEARS } from '../begin/notKnown'
import type { Project } from '../definition/projectFields'
import { PROJECT_VERSION } from '../definition/projectVersion'
import { usualGear, usualHabits } from '../begin/usual'
import { cellNamed, controllerNamed, jetNamed, motorNamed } from '../../parts'

/** A jet boat of the invented River Asken. */
export const rillet: Project = {
  format: 'remigo-boat',
  version: PROJECT_VERSION,
  id: 'demo-rillet',
  name: 'Rillet',
  story:
    'Rillet carries a warden and his dog over the gravel bars of the River Asken, where a propeller lasts a ' +
    'week. The river is to be kept free of petrol above the weir, three miles up and three back.',
  boat: {
    ...NOT_MEASURED,
    massHolds: 'after',
    hullType: 'jetBoat',
    lengthOverAll: 5,
    lengthWaterline: 4.35,
    beam: 1.95,
    beamWaterline: 1.7,
    draught: 0.3,
    mass: 560,
    massUncertainty: 0.12,
    keel: 'fin',
    variant: '',
    water: 'fresh',
    waterTemperature: 283.15,
    oldEngine: {
      kind: 'petrolFourStroke',
      ratedPower: 59_000,
      ratedRpm: 5500,
      mass: 150,
      usualRpm: 4000,
      fuelRate: 16e-3 / 3600,
    },
    drive: { kind: 'jet', legRatio: 1, greatestDiameter: 0.22, shaftDepth: 0.2, ...UNKNOWN_GEARS },
    compartments: [],
  },
  use: {
    cruiseSpeed: 16 * KNOT,
    topSpeed: 19 * KNOT,
    stretchKind: 'distance',
    duration: 23 * 60,
    distance: 6 * 1852,
    reserve: 0.2,
    headroom: 0.15,
    houseLoad: 30,
    seaMargin: 0.1,
    ambient: 308.15,
    headWind: 0,
    hullCondition: 'clean',
    topTime: 600,
    ...usualHabits({ hullType: 'jetBoat', variant: '' }),
  },
  design: {
    motor: motorNamed('brindle-30-144-2600'),
    controller: controllerNamed('corvel-144-260'),
    reduction: { kind: 'direct', ratio: 1 },
    propeller: {
      diameter: 0.25,
      pitch: 0.2,
      areaRatio: 0.45,
      blades: 3,
      kind: 'fixed',
      efficiencyFactor: null,
      hand: 'right',
    },
    cooling: null,
    jet: jetNamed('sluice-180'),
    pack: { cell: cellNamed('ostra-lfp-160'), series: 48, parallel: 1, chargeVoltage: 3.45 },
    systemVoltage: 144,
    ...usualGear(165.6),
  },
  ...NOTHING_RECORDED,
  held: NOTHING_HELD,
}
