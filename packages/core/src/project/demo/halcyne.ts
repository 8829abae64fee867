import { KNOT } from '../../constants'
import { NOT_MEASURED, NOTHING_HELD, NOTHING_RECORDED, UNKNOWN_GEARS } from '../begin/notKnown'
import type { Project } from '../definition/projectFields'
import { PROJECT_VERSION } from '../definition/projectVersion'
import { usualGear, usualHabits } from '../begin/usual'
import { cellNamed, controllerNamed, jetNamed, motorNamed } from '../../parts'

/** A sailing catamaran of the invented Corran Isles, with one leg electric. */
export const halcyne: Project = {
  format: 'remigo-boat',
  version: PROJECT_VERSION,
  id: 'demo-halcyne',
  name: 'Halcyne',
  story:
    'Halcyne winters in the Corran Isles and motors only in and out of lagoons, but those lagoons have passes ' +
    'that run at four knots. Her owners would give up one diesel leg first and see.',
  boat: {
    ...NOT_MEASURED,
    massHolds: 'after',
    hullType: 'catamaran',
    lengthOverAll: 11,
    lengthWaterline: 10.4,
    beam: 6.1,
    beamWaterline: null,
    draught: 1.05,
    mass: 6200,
    massUncertainty: 0.15,
    keel: 'fin',
    variant: 'sail',
    water: 'sea',
    waterTemperature: 298.15,
    oldEngine: { kind: 'dieselNatural', ratedPower: 22_000, ratedRpm: 3000, mass: 190, usualRpm: 2200, fuelRate: null },
    drive: { kind: 'sailDrive', legRatio: 2.2, greatestDiameter: 0.42, shaftDepth: 0.6, ...UNKNOWN_GEARS },
    compartments: [],
  },
  use: {
    cruiseSpeed: 5 * KNOT,
    topSpeed: 6.5 * KNOT,
    stretchKind: 'hours',
    duration: 3 * 3600,
    distance: 15 * 1852,
    reserve: 0.25,
    headroom: 0.2,
    houseLoad: 180,
    seaMargin: 0.15,
    ambient: 308.15,
    headWind: 0,
    hullCondition: 'slime',
    topTime: 3600,
    ...usualHabits({ hullType: 'catamaran', variant: 'sail' }),
  },
  design: {
    motor: motorNamed('brindle-10-48-2000'),
    controller: controllerNamed('corvel-48-300'),
    reduction: { kind: 'direct', ratio: 1 },
    propeller: {
      diameter: 0.42,
      pitch: 0.36,
      areaRatio: 0.45,
      blades: 3,
      kind: 'folding',
      efficiencyFactor: null,
      hand: 'right',
    },
    cooling: null,
    jet: jetNamed('sluice-180'),
    pack: { cell: cellNamed('ostra-lfp-230'), series: 16, parallel: 1, chargeVoltage: 3.45 },
    systemVoltage: 48,
    ...usualGear(55.2),
  },
  ...NOTHING_RECORDED,
  held: NOTHING_HELD,
}
