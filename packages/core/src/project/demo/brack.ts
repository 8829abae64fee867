import { KNOT } from '../../constants'
import { canalDay } from './demoDays'
import { NOT_MEASURED, NOTHING_HELD, NOTHING_RECORDED, UNKNOWN_GEARS } from '../begin/notKnown'
import type { Project } from '../definition/projectFields'
import { PROJECT_VERSION } from '../definition/projectVersion'
import { usualGear, usualHabits } from '../begin/usual'
import { cellNamed, controllerNamed, jetNamed, motorNamed } from '../../parts'

/** A steel canal boat of the invented Hallow Navigation. */
export const brack: Project = {
  format: 'remigo-boat',
  version: PROJECT_VERSION,
  id: 'demo-brack',
  name: 'Brack',
  story:
    'Brack carried reeds on the Hallow Navigation and is now somebody’s home. Her old diesel wakes the ' +
    'whole mooring; a day’s cruise at walking pace is all that is asked of what takes its place.',
  boat: {
    ...NOT_MEASURED,
    massHolds: 'after',
    hullType: 'canalBoat',
    lengthOverAll: 13.7,
    lengthWaterline: 13.1,
    beam: 2.1,
    beamWaterline: null,
    draught: 0.6,
    mass: 12_500,
    massUncertainty: 0.1,
    keel: 'long',
    variant: '',
    water: 'fresh',
    waterTemperature: 285.15,
    waterDepth: 1.4,
    channelWidth: 10,
    oldEngine: {
      kind: 'dieselNatural',
      ratedPower: 22_000,
      ratedRpm: 2200,
      mass: 260,
      usualRpm: null,
      fuelRate: 1.4e-3 / 3600,
    },
    drive: { kind: 'shaft', legRatio: 1, greatestDiameter: 0.46, shaftDepth: 0.35, ...UNKNOWN_GEARS },
    compartments: [
      { name: 'Engine room, port side', length: 1.6, width: 0.6, height: 0.7, clearance: 0.03, along: null },
    ],
  },
  use: {
    cruiseSpeed: 2.8 * KNOT,
    topSpeed: 4 * KNOT,
    stretchKind: 'hours',
    duration: 6 * 3600,
    distance: 16 * 1852,
    reserve: 0.25,
    headroom: 0.2,
    houseLoad: 100,
    seaMargin: 0.1,
    ambient: 308.15,
    headWind: 0,
    hullCondition: 'slime',
    topTime: 3600,
    ...usualHabits({ hullType: 'canalBoat', variant: '' }),
    place: { latitude: (50.5 * Math.PI) / 180, longitude: (-7.55 * Math.PI) / 180 },
  },
  design: {
    motor: motorNamed('brindle-10-48-2000'),
    controller: controllerNamed('corvel-48-300'),
    reduction: { kind: 'belt', ratio: 2 },
    propeller: {
      diameter: 0.45,
      pitch: 0.34,
      areaRatio: 0.55,
      blades: 3,
      kind: 'fixed',
      efficiencyFactor: null,
      hand: 'right',
    },
    cooling: null,
    jet: jetNamed('sluice-180'),
    pack: { cell: cellNamed('ostra-lfp-280'), series: 16, parallel: 2, chargeVoltage: 3.45 },
    systemVoltage: 48,
    ...usualGear(55.2),
  },
  ...NOTHING_RECORDED,
  day: canalDay,
  held: NOTHING_HELD,
}
