import { z } from 'zod'
import { HULL_TYPES, DRIVE_KINDS } from '../hull'
import { WHEEL_KINDS } from '../propulsor'
import { COOLINGS, READING_RANGE, THROTTLE_CONTROLS, THROTTLE_POINTS } from '../drive'
import { ENGINE_KINDS } from '../oldEngine'
import { CHARGE_SUPPLIES, type Charging } from './charging'
import { COMPARTMENT_RANGE } from './compartments'
import { WAYS_HOME } from './usual'
import { boatContradictions } from './boatContradictions'
import { contradictionText } from './contradiction'
import { FIELDS, type FieldPath } from './fields'
import { PROJECT_VERSION } from './projectVersion'
import type { Banks, StringGroup } from '../battery'
import {
  cellSchema,
  chargeControllerSchema,
  chargerSchema,
  controllerSchema,
  fuseSchema,
  jetSchema,
  motorSchema,
  panelSchema,
} from '../parts'
import type { SolarArray } from '../solar'
import { FITTINGS, INSULATIONS, PACK_PLACES, type Fitting, type Wiring } from '../wiring'

const within = ([least, most]: readonly [number, number]) => z.number().min(least).max(most)

/** A number of the document, with the range and label of its field. */
const numberAt = (path: FieldPath) =>
  z.number().min(FIELDS[path].least).max(FIELDS[path].most).describe(`${FIELDS[path].label} (SI)`)

const boatSchema = z
  .strictObject({
    hullType: z.enum(HULL_TYPES.map(t => t.id) as [string, ...string[]]).describe('kind of hull'),
    lengthOverAll: numberAt('boat.lengthOverAll'),
    lengthWaterline: numberAt('boat.lengthWaterline').nullable(),
    beam: numberAt('boat.beam'),
    beamWaterline: numberAt('boat.beamWaterline').nullable(),
    draught: numberAt('boat.draught'),
    mass: numberAt('boat.mass'),
    massUncertainty: numberAt('boat.massUncertainty'),
    prismatic: numberAt('boat.prismatic').nullable(),
    midship: numberAt('boat.midship').nullable(),
    waterplane: numberAt('boat.waterplane').nullable(),
    lcb: numberAt('boat.lcb').nullable(),
    keel: z.enum(['fin', 'long']),
    variant: z.enum(['', ...new Set(HULL_TYPES.flatMap(t => Object.keys(t.variants)))] as [string, ...string[]]),
    hullBeam: numberAt('boat.hullBeam').nullable(),
    hullSpacing: numberAt('boat.hullSpacing').nullable(),
    tubes: z.union([z.literal(2), z.literal(3)]),
    deadrise: numberAt('boat.deadrise').nullable(),
    lcg: numberAt('boat.lcg').nullable(),
    waterDepth: numberAt('boat.waterDepth').nullable().describe('m; null for deep water'),
    water: z.enum(['sea', 'fresh']),
    waterTemperature: numberAt('boat.waterTemperature'),
    oldEngine: z.strictObject({
      kind: z.enum(ENGINE_KINDS),
      ratedPower: numberAt('boat.oldEngine.ratedPower'),
      ratedRpm: numberAt('boat.oldEngine.ratedRpm'),
      mass: numberAt('boat.oldEngine.mass'),
      usualRpm: numberAt('boat.oldEngine.usualRpm').nullable(),
      fuelRate: numberAt('boat.oldEngine.fuelRate').nullable(),
    }),
    drive: z.strictObject({
      kind: z.enum(DRIVE_KINDS),
      legRatio: numberAt('boat.drive.legRatio'),
      greatestDiameter: numberAt('boat.drive.greatestDiameter'),
      shaftDepth: numberAt('boat.drive.shaftDepth'),
      torqueLimit: numberAt('boat.drive.torqueLimit')
        .nullable()
        .describe('what the old gearbox or lower unit stands at its input, N·m; null when not known'),
      rpmLimit: numberAt('boat.drive.rpmLimit').nullable().describe('at its input, rpm'),
      astern: z
        .enum(['gears', 'motor'])
        .describe('old gears shift to neutral and astern as before, or the motor turns round'),
      reverses: z.boolean().describe('the leg or old gearbox turns the propeller against its input'),
    }),
    compartments: z
      .array(
        z.strictObject({
          name: z.string().min(1).max(40),
          length: within(COMPARTMENT_RANGE.length),
          width: within(COMPARTMENT_RANGE.width),
          height: within(COMPARTMENT_RANGE.height),
          clearance: within(COMPARTMENT_RANGE.clearance),
        }),
      )
      .max(12)
      .describe('spaces for the pack, as measured, m: fore and aft, athwart, up, kept free all round'),
  })
  .superRefine((boat, context) => {
    for (const wrong of boatContradictions(boat))
      context.addIssue({ code: 'custom', path: [wrong.field], message: contradictionText(wrong) })
  })

const useSchema = z.strictObject({
  cruiseSpeed: numberAt('use.cruiseSpeed'),
  topSpeed: numberAt('use.topSpeed'),
  stretchKind: z.enum(['hours', 'distance']),
  duration: numberAt('use.duration'),
  distance: numberAt('use.distance'),
  reserve: numberAt('use.reserve'),
  headroom: numberAt('use.headroom'),
  houseLoad: numberAt('use.houseLoad'),
  seaMargin: numberAt('use.seaMargin'),
  ambient: numberAt('use.ambient').describe('air around motor and controller on a hot day, K'),
  headWind: numberAt('use.headWind'),
  hullCondition: z.enum(['unknown', 'clean', 'slime', 'weed', 'barnacles']),
  outings: numberAt('use.outings').describe('a year, each as long as the stretch'),
  wayHome: z.enum(WAYS_HOME).describe('what brings her home when the drive fails'),
  place: z
    .strictObject({ latitude: numberAt('use.place.latitude'), longitude: numberAt('use.place.longitude') })
    .describe('rad; north and east are positive'),
})

const wiringSchema = z
  .strictObject({
    mainLength: numberAt('design.wiring.mainLength'),
    motorLength: numberAt('design.wiring.motorLength'),
    chargeLength: numberAt('design.wiring.chargeLength'),
    houseLength: numberAt('design.wiring.houseLength'),
    panelLength: numberAt('design.wiring.panelLength'),
    insulation: z.literal(INSULATIONS),
    engineSpace: z.boolean(),
    bundled: z.int().min(1).max(60),
    mainArea: numberAt('design.wiring.mainArea')
      .nullable()
      .describe('mm² of one conductor; null for what the currents ask'),
    motorArea: numberAt('design.wiring.motorArea').nullable(),
    fuse: fuseSchema.nullable().describe('null for the one that suits'),
    contactorVoltage: numberAt('design.wiring.contactorVoltage').nullable(),
    contactorCurrent: numberAt('design.wiring.contactorCurrent').nullable(),
    capacitance: numberAt('design.wiring.capacitance').describe('F, of the controller’s input'),
    prechargeResistance: numberAt('design.wiring.prechargeResistance').nullable(),
    bmsCurrent: numberAt('design.wiring.bmsCurrent').nullable(),
    dcdcLeast: numberAt('design.wiring.dcdcLeast').nullable(),
    dcdcGreatest: numberAt('design.wiring.dcdcGreatest').nullable(),
    dcdcPower: numberAt('design.wiring.dcdcPower')
      .nullable()
      .describe('W of the house converter; null for one that suits'),
    place: z.enum(PACK_PLACES),
    vented: z.boolean(),
    fitted: z.strictObject(Object.fromEntries(FITTINGS.map(f => [f, z.boolean()])) as Record<Fitting, z.ZodBoolean>),
  })
  .describe('how the drive is wired and guarded') satisfies z.ZodType<Wiring>

const chargingSchema = z
  .strictObject({
    charger: chargerSchema,
    count: z.int().min(1).max(8),
    shoreVoltage: numberAt('design.charging.shoreVoltage'),
    shoreCurrent: numberAt('design.charging.shoreCurrent'),
    continuous: numberAt('design.charging.continuous'),
    inlet: z.enum(['household', 'carType']),
    from: numberAt('design.charging.from'),
    coldest: numberAt('design.charging.coldest'),
    supply: z.enum(CHARGE_SUPPLIES).describe('what feeds the charger'),
    generatorPower: numberAt('design.charging.generatorPower'),
    generatorShare: numberAt('design.charging.generatorShare'),
    generatorFuel: numberAt('design.charging.generatorFuel').describe('m³/J'),
    sun: z.boolean().describe('the panels help'),
    sailing: z.boolean().describe('the propeller under sail helps'),
    month: z.int().min(0).max(11).describe('0 is January'),
  })
  .describe('how she is charged, and by what') satisfies z.ZodType<Charging>

const cutSchema = (path: 'design.banks.lowCut' | 'design.banks.highCut') => numberAt(path).nullable()
const banksSchema = z
  .strictObject({
    count: z.int().min(1).max(8),
    health: numberAt('design.banks.health'),
    lowCut: cutSchema('design.banks.lowCut'),
    highCut: cutSchema('design.banks.highCut'),
    owned: z.int().min(1).max(400).nullable(),
    others: z
      .array(
        z.strictObject({
          cell: cellSchema,
          series: z.int().min(1).max(400),
          parallel: z.int().min(1).max(100),
          health: numberAt('design.banks.health'),
          lowCut: cutSchema('design.banks.lowCut'),
          highCut: cutSchema('design.banks.highCut'),
        }) satisfies z.ZodType<StringGroup>,
      )
      .max(6)
      .describe('strings of other blocks in parallel with the pack'),
  })
  .describe('how the strings of the pack are kept') satisfies z.ZodType<Banks>

const solarSchema = z
  .strictObject({
    fitted: z.boolean(),
    panel: panelSchema,
    series: z.int().min(1).max(40),
    parallel: z.int().min(1).max(40),
    tilt: numberAt('design.solar.tilt'),
    heading: numberAt('design.solar.heading'),
    swings: z.boolean(),
    shading: numberAt('design.solar.shading'),
    controller: chargeControllerSchema.nullable().describe('null: straight on the pack'),
    coldest: numberAt('design.solar.coldest'),
    sun: z
      .array(z.number().min(0).max(5e7))
      .length(12)
      .nullable()
      .describe('J/m² on a flat square metre on a mean day of each month; null for what is usual at the latitude'),
  })
  .describe('solar panels') satisfies z.ZodType<SolarArray>

const reductionSchema = z.strictObject({
  kind: z.enum(['direct', 'belt', 'gear']),
  ratio: numberAt('design.reduction.ratio'),
})
const wheelSchema = z.strictObject({
  diameter: numberAt('design.propeller.diameter'),
  pitch: numberAt('design.propeller.pitch'),
  areaRatio: numberAt('design.propeller.areaRatio'),
  blades: z.int().min(2).max(7),
  kind: z.enum(WHEEL_KINDS),
  efficiencyFactor: numberAt('design.propeller.efficiencyFactor')
    .nullable()
    .describe('against the tested series; null for what is usual of its kind'),
  hand: z.enum(['right', 'left']),
})

const designSchema = z.strictObject({
  motor: motorSchema,
  controller: controllerSchema,
  reduction: reductionSchema,
  propeller: wheelSchema,
  cooling: z.enum(COOLINGS).nullable().describe('of the motor as fitted; null for that of its plate'),
  jet: jetSchema,
  pack: z.strictObject({
    cell: cellSchema,
    series: z.int().min(1).max(400),
    parallel: z.int().min(1).max(100),
    chargeVoltage: numberAt('design.pack.chargeVoltage'),
  }),
  systemVoltage: numberAt('design.systemVoltage'),
  throttle: z
    .strictObject({
      controls: z.enum(THROTTLE_CONTROLS),
      deadband: numberAt('design.throttle.deadband'),
      rampUp: numberAt('design.throttle.rampUp'),
      rampDown: numberAt('design.throttle.rampDown'),
      points: z
        .array(z.number().min(0).max(1))
        .length(THROTTLE_POINTS)
        .describe('share of what there is at even steps of the lever, rising'),
    })
    .describe('what the lever asks of the motor'),
  wiring: wiringSchema,
  charging: chargingSchema,
  banks: banksSchema,
  solar: solarSchema,
})

/** One run of a sea trial. SI. */
const trialPointSchema = z.strictObject({
  speed: z.number().min(0.1).max(30).describe('m/s, as read'),
  power: z.number().min(0).max(1_000_000).nullable().describe('W at the battery; null when volts and amps are given'),
  voltage: z.number().min(0).max(1500).nullable(),
  current: z.number().min(0).max(5000).nullable(),
  direction: z.enum(['', 'out', 'back']).describe('runs out and back at one power are paired'),
  stream: z.number().min(-5).max(5).nullable().describe('m/s along the boat, with her is positive'),
  note: z.string().max(120),
  setup: z.int().min(0).max(199).describe('place in the list of setups: the drive that the run was made with'),
})

/** What the boat was when a run was made: what her watts mean depends on it, her resistance does not. */
const runSetupSchema = z.strictObject({
  motor: motorSchema,
  controller: controllerSchema,
  reduction: reductionSchema,
  propeller: wheelSchema,
  jet: jetSchema,
  drive: z.enum(DRIVE_KINDS),
  legRatio: numberAt('boat.drive.legRatio'),
  mass: numberAt('boat.mass'),
  houseLoad: numberAt('use.houseLoad').describe('W of the house within the watts read; 0 where they leave it out'),
})

/** The drive that a run was made with. */
export type RunSetup = z.infer<typeof runSetupSchema>

/** A temperature read during a run at steady power. */
const heatPointSchema = z.strictObject({
  time: z.number().min(READING_RANGE.time[0]).max(READING_RANGE.time[1]).describe('s'),
  temperature: z.number().min(READING_RANGE.temperature[0]).max(READING_RANGE.temperature[1]).describe('K'),
})

/** A point of the owner's sea trial. */
export type TrialPoint = z.infer<typeof trialPointSchema>

/** The whole document. SI units; other units carry their name. */
export const projectSchema = z
  .strictObject({
    format: z.literal('remigo-boat'),
    version: z.literal(PROJECT_VERSION),
    id: z.string().min(1).max(80),
    name: z.string().min(1).max(60),
    story: z.string().max(600),
    boat: boatSchema,
    use: useSchema,
    design: designSchema,
    trial: z.strictObject({
      points: z.array(trialPointSchema).max(200),
      setups: z.array(runSetupSchema).max(200).describe('the drives that the runs were made with'),
      use: z.enum(['theory', 'measured']).describe('which curve everything else uses'),
    }),
    heat: z
      .strictObject({ points: z.array(heatPointSchema).max(500) })
      .describe('temperatures read on a run at steady power'),
    held: z
      .strictObject({
        motor: z.boolean(),
        controller: z.boolean(),
        reduction: z.boolean(),
        propeller: z.boolean(),
        pack: z.boolean(),
        voltage: z.boolean(),
        charger: z.boolean(),
        panels: z.boolean(),
      })
      .describe('bought already: never changed by a fix or a sizing'),
    typed: z.record(z.string().max(80), z.string().max(60)).describe('what the owner typed in a field, by its path'),
  })
  .describe('A Remigo boat')

/** One boat: what it is, what it is for, what drives it. */
export type Project = z.infer<typeof projectSchema>

/** The parts that can be held. */
export type HeldPart = keyof Project['held']
