import { ONE_NEW_BANK } from '../../battery'
import { KNOT } from '../../constants'
import { usualSolar } from '../begin/usualSolar'
import { lakeDay } from './demoDays'
import { NOT_MEASURED, NOTHING_HELD, NOTHING_RECORDED, UNKNOWN_GEARS } from '../begin/notKnown'
import type { Project } from '../definition/projectFields'
import { PROJECT_VERSION } from '../definition/projectVersion'
import { usualGear, usualHabits } from '../begin/usual'
import { cellNamed, chargeControllerNamed, controllerNamed, jetNamed, motorNamed, panelNamed } from '../../parts'

/** A wooden launch of the invented Lake Ennoy, whose propeller is to stay. */
export const osprel: Project = {
  format: 'remigo-boat',
  version: PROJECT_VERSION,
  id: 'demo-osprel',
  name: 'Osprel',
  story:
    'Osprel was built of larch on Lake Ennoy in 1961 and has carried the schoolchildren of two villages ever ' +
    'since. The lake closes to engines next spring, and her bronze propeller is too good to leave ashore.',
  boat: {
    ...NOT_MEASURED,
    massHolds: 'after',
    hullType: 'displacementLaunch',
    lengthOverAll: 8.6,
    lengthWaterline: 8,
    beam: 2.1,
    beamWaterline: 1.95,
    draught: 0.85,
    mass: 3600,
    massUncertainty: 0.2,
    keel: 'long',
    variant: '',
    water: 'fresh',
    waterTemperature: 285.15,
    oldEngine: {
      kind: 'dieselNatural',
      ratedPower: 17_900,
      ratedRpm: 2400,
      mass: 290,
      usualRpm: 1400,
      fuelRate: 1.6e-3 / 3600,
    },
    drive: { kind: 'shaft', legRatio: 1, greatestDiameter: 0.42, shaftDepth: 0.5, ...UNKNOWN_GEARS },
    compartments: [
      { name: 'Under the side benches', length: 1.8, width: 0.45, height: 0.35, clearance: 0.02, along: null },
    ],
  },
  use: {
    cruiseSpeed: 5 * KNOT,
    topSpeed: 6 * KNOT,
    stretchKind: 'distance',
    duration: 5 * 3600,
    distance: 24 * 1852,
    reserve: 0.25,
    headroom: 0.2,
    houseLoad: 40,
    seaMargin: 0.1,
    ambient: 308.15,
    headWind: 0,
    hullCondition: 'clean',
    topTime: 3600,
    ...usualHabits({ hullType: 'displacementLaunch', variant: '' }),
    place: { latitude: (50.5 * Math.PI) / 180, longitude: (-7.71 * Math.PI) / 180 },
  },
  design: {
    motor: motorNamed('brindle-10-48-2000'),
    controller: controllerNamed('corvel-48-300'),
    reduction: { kind: 'belt', ratio: 2 },
    propeller: {
      diameter: 0.42,
      pitch: 0.33,
      areaRatio: 0.5,
      blades: 3,
      kind: 'fixed',
      efficiencyFactor: null,
      hand: 'right',
    },
    cooling: null,
    jet: jetNamed('sluice-180'),
    pack: { cell: cellNamed('ostra-lfp-230'), series: 16, parallel: 2, chargeVoltage: 3.45 },
    systemVoltage: 48,
    ...usualGear(55.2),
    banks: { ...ONE_NEW_BANK, count: 2 },
    // three panels on the canopy
    solar: {
      ...usualSolar(55.2),
      fitted: true,
      panel: panelNamed('helle-410'),
      series: 3,
      controller: chargeControllerNamed('arvel-track-150-35'),
      shading: 0.1,
    },
  },
  ...NOTHING_RECORDED,
  day: lakeDay,
  held: { ...NOTHING_HELD, propeller: true },
}
