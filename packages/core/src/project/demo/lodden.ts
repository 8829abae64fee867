import { KNOT } from '../../constants'
import { setupOf } from '../told/runSetup'
import { reservoirDay } from './demoDays'
import { seasonCells, seasonDue, seasonTrips } from './demoLog'
import { NOT_MEASURED, NOTHING_HELD, NOTHING_RECORDED, UNKNOWN_GEARS } from '../begin/notKnown'
import type { Project } from '../definition/projectFields'
import { PROJECT_VERSION } from '../definition/projectVersion'
import { usualGear, usualHabits } from '../begin/usual'
import { cellNamed, controllerNamed, jetNamed, motorNamed } from '../../parts'

/** A pontoon boat of the invented Sarrow Reservoir, whose cells are already bought. */
const planned: Project = {
  format: 'remigo-boat',
  version: PROJECT_VERSION,
  id: 'demo-lodden',
  name: 'Lodden',
  story:
    'Lodden is a deck on two tubes that a bird club moors on Sarrow Reservoir, where engines have never been ' +
    'allowed. A member found sixteen good cells from a closed workshop; this is the log of their first season.',
  boat: {
    ...NOT_MEASURED,
    massHolds: 'after',
    hullType: 'pontoon',
    lengthOverAll: 6.4,
    lengthWaterline: 6,
    beam: 2.5,
    beamWaterline: null,
    draught: 0.35,
    mass: 980,
    massUncertainty: 0.15,
    keel: 'fin',
    variant: '',
    water: 'fresh',
    waterTemperature: 288.15,
    oldEngine: { kind: 'petrolFourStroke', ratedPower: 0, ratedRpm: 5500, mass: 0, usualRpm: null, fuelRate: null },
    drive: { kind: 'outboard', legRatio: 2, greatestDiameter: 0.3, shaftDepth: 0.4, ...UNKNOWN_GEARS },
    compartments: [],
  },
  use: {
    cruiseSpeed: 3.5 * KNOT,
    topSpeed: 4.6 * KNOT,
    stretchKind: 'hours',
    duration: 4 * 3600,
    distance: 14 * 1852,
    reserve: 0.2,
    headroom: 0.2,
    houseLoad: 20,
    seaMargin: 0.15,
    ambient: 308.15,
    headWind: 2,
    hullCondition: 'slime',
    topTime: 3600,
    ...usualHabits({ hullType: 'pontoon', variant: '' }),
    place: { latitude: (50.5 * Math.PI) / 180, longitude: (-7.64 * Math.PI) / 180 },
  },
  design: {
    motor: motorNamed('brindle-3-48-1500'),
    controller: controllerNamed('corvel-48-100'),
    reduction: { kind: 'direct', ratio: 1 },
    propeller: {
      diameter: 0.3,
      pitch: 0.3,
      areaRatio: 0.45,
      blades: 3,
      kind: 'outboard',
      efficiencyFactor: null,
      hand: 'right',
    },
    cooling: null,
    jet: jetNamed('sluice-180'),
    pack: { cell: cellNamed('ostra-lfp-280'), series: 16, parallel: 1, chargeVoltage: 3.45 },
    systemVoltage: 48,
    ...usualGear(55.2),
  },
  ...NOTHING_RECORDED,
  day: reservoirDay,
  held: { ...NOTHING_HELD, pack: true },
}

/** The same boat after her first season. */
export const lodden: Project = {
  ...planned,
  trial: { ...planned.trial, use: 'measured' },
  yard: {
    ...planned.yard,
    cells: [
      { at: '2027-04-02T09:30', current: 0, volts: seasonCells(0) },
      { at: '2027-07-02T18:10', current: 0, volts: seasonCells(0.002) },
    ],
  },
  log: { ...planned.log, trips: seasonTrips, due: seasonDue, setups: [setupOf(planned)] },
}
