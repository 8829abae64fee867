import { KNOT } from '../../constants'
import { islandDay } from './demoDays'
import { yachtYard } from './demoYards'
import { NOT_MEASURED, NOTHING_HELD, NOTHING_RECORDED, UNKNOWN_GEARS } from '../begin/notKnown'
import type { Project } from '../definition/projectFields'
import { PROJECT_VERSION } from '../definition/projectVersion'
import { usualGear, usualHabits } from '../begin/usual'
import { cellNamed, controllerNamed, jetNamed, motorNamed } from '../../parts'

/** A keel yacht of the invented Bay of Sarn, whose motor is already bought. */
export const tirrick: Project = {
  format: 'remigo-boat',
  version: PROJECT_VERSION,
  id: 'demo-tirrick',
  name: 'Tirrick',
  story:
    'Tirrick lies in the Bay of Sarn, four sea miles of swell from the fuel dock, and her old diesel stopped ' +
    'for good in June. Her owners found a 6 kW motor at a good price and want to know whether it will bring ' +
    'them home against the wind.',
  boat: {
    ...NOT_MEASURED,
    massHolds: 'after',
    hullType: 'keelYacht',
    lengthOverAll: 9.2,
    lengthWaterline: 7.75,
    beam: 2.95,
    beamWaterline: null,
    draught: 1.55,
    mass: 4600,
    massUncertainty: 0.18,
    keel: 'fin',
    variant: '',
    water: 'sea',
    waterTemperature: 287.15,
    oldEngine: { kind: 'dieselNatural', ratedPower: 13_400, ratedRpm: 2800, mass: 165, usualRpm: 1900, fuelRate: null },
    drive: { kind: 'shaft', legRatio: 1, greatestDiameter: 0.38, shaftDepth: 0.55, ...UNKNOWN_GEARS },
    compartments: [{ name: 'Engine space', length: 1.25, width: 0.55, height: 0.5, clearance: 0.03, along: 5.35 }],
  },
  use: {
    cruiseSpeed: 4.6 * KNOT,
    topSpeed: 5.6 * KNOT,
    stretchKind: 'hours',
    duration: 4 * 3600,
    distance: 18.4 * 1852,
    reserve: 0.2,
    headroom: 0.2,
    houseLoad: 60,
    seaMargin: 0.15,
    ambient: 308.15,
    headWind: 0,
    hullCondition: 'slime',
    topTime: 3600,
    ...usualHabits({ hullType: 'keelYacht', variant: '' }),
    place: { latitude: (50.5 * Math.PI) / 180, longitude: (-7.92 * Math.PI) / 180 },
  },
  design: {
    motor: motorNamed('brindle-6-48-1500'),
    controller: controllerNamed('corvel-48-100'),
    reduction: { kind: 'belt', ratio: 1.5 },
    propeller: {
      diameter: 0.39,
      pitch: 0.29,
      areaRatio: 0.5,
      blades: 3,
      kind: 'fixed',
      efficiencyFactor: null,
      hand: 'right',
    },
    cooling: null,
    jet: jetNamed('sluice-180'),
    pack: { cell: cellNamed('ostra-lfp-280'), series: 16, parallel: 1, chargeVoltage: 3.65 },
    systemVoltage: 48,
    ...usualGear(58.4),
  },
  ...NOTHING_RECORDED,
  yard: yachtYard,
  day: islandDay,
  held: { ...NOTHING_HELD, motor: true },
}
