import { KNOT } from '../../constants'
import { NOT_MEASURED, NOTHING_HELD, NOTHING_RECORDED, UNKNOWN_GEARS } from '../begin/notKnown'
import type { Project } from '../definition/projectFields'
import { PROJECT_VERSION } from '../definition/projectVersion'
import { usualGear, usualHabits } from '../begin/usual'
import { cellNamed, controllerNamed, jetNamed, motorNamed } from '../../parts'

/** A pedal boat of the invented Sarrow Reservoir, hired out by the hour, that gets a motor for the way back. */
export const bobbin: Project = {
  format: 'remigo-boat',
  version: PROJECT_VERSION,
  id: 'demo-bobbin',
  name: 'Bobbin',
  story:
    'Bobbin is hired out by the hour on Sarrow Reservoir. Too many of her crews pedal out with the wind and cannot ' +
    'pedal back; the boatman wants a motor that brings four people home, and a battery that he can carry.',
  boat: {
    ...NOT_MEASURED,
    massHolds: 'after',
    hullType: 'pedalCraft',
    lengthOverAll: 3.7,
    lengthWaterline: null,
    beam: 1.7,
    beamWaterline: null,
    draught: 0.3,
    mass: 430,
    massUncertainty: 0.2,
    keel: 'fin',
    variant: '',
    water: 'fresh',
    waterTemperature: 288.15,
    oldEngine: { kind: 'petrolFourStroke', ratedPower: 0, ratedRpm: 5500, mass: 0, usualRpm: null, fuelRate: null },
    drive: { kind: 'outboard', legRatio: 1, greatestDiameter: 0.22, shaftDepth: 0.35, ...UNKNOWN_GEARS },
    compartments: [],
  },
  use: {
    cruiseSpeed: 2.2 * KNOT,
    topSpeed: 2.7 * KNOT,
    stretchKind: 'hours',
    duration: 2 * 3600,
    distance: 4.4 * 1852,
    reserve: 0.2,
    headroom: 0.2,
    houseLoad: 0,
    seaMargin: 0.15,
    ambient: 308.15,
    headWind: 2,
    hullCondition: 'slime',
    topTime: 3600,
    ...usualHabits({ hullType: 'pedalCraft', variant: '' }),
  },
  design: {
    motor: motorNamed('brindle-0.5-24-1500'),
    controller: controllerNamed('corvel-24-60'),
    reduction: { kind: 'direct', ratio: 1 },
    propeller: {
      diameter: 0.22,
      pitch: 0.1,
      areaRatio: 0.45,
      blades: 3,
      kind: 'outboard',
      efficiencyFactor: null,
      hand: 'right',
    },
    cooling: null,
    jet: jetNamed('sluice-180'),
    pack: { cell: cellNamed('ostra-lfp-105'), series: 8, parallel: 1, chargeVoltage: 3.45 },
    systemVoltage: 24,
    ...usualGear(27.6),
  },
  ...NOTHING_RECORDED,
  held: NOTHING_HELD,
}
