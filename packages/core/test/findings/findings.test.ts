import { sizeRest } from '../../src/sizing'
import { describe, expect, it } from 'vitest'
import { ratingUse, RULES, type Rule, type RuleId } from '../../src/findings'
import { usualOf } from '../../src/fields'
import {
  DAY_LEG,
  DEMO,
  DEMO_BOATS,
  withEdits,
  type Edit,
  type PowerReading,
  type Due,
  type Project,
  type Stretch,
  type Trip,
} from '../../src/project'
import { KNOT } from '../../src/constants'
import { EMPTY_TRIP, usualDue } from '../../src/log'
import { evaluate } from '../../src/system'
import { EMPTY_READING } from '../../src/trial'
import { powerSteps, usualTasks } from '../../src/build'
import { chargerNamed } from '../../src/parts'
import { fillText } from '../../src/units'
import { calm, calmJet, foundOn } from './calmBoats'
import type { Fitting, FuseSpec } from '../../src/wiring'

const planer = DEMO_BOATS.find(p => p.boat.hullType === 'planing')!
const { motor, controller, pack, propeller } = calm.design

const fuse: FuseSpec = {
  id: 'own/fuse',
  name: 'A fuse',
  estimated: [],
  standIn: false,
  kind: 'fast, current-limiting',
  rating: 150,
  voltage: 125,
  interrupt: 40_000,
  price: 50,
}
const leftOut = (fitting: Fitting): Edit[] => [{ path: `design.wiring.fitted.${fitting}`, value: false }]

const reading = (of: Partial<PowerReading>): PowerReading => ({
  step: '',
  value: null,
  done: false,
  who: 'owner',
  at: '',
  why: '',
  note: '',
  ...of,
})

/** Amp hours of a pack when new. */
const wholeOf = ({ design: { pack } }: Project) => pack.cell.capacityAh * pack.parallel
const trips = (count: number, of: (i: number) => Partial<Trip>): Trip[] =>
  Array.from({ length: count }, (_, i) => ({
    ...EMPTY_TRIP,
    id: `trip-${i}`,
    date: `2027-0${5 + (i >> 2)}-1${i % 4}`,
    ...of(i),
  }))
const stretch = (of: Partial<Stretch>): Stretch => ({
  speed: 4 * KNOT,
  water: true,
  power: 1000,
  time: 1800,
  winding: null,
  controller: null,
  ...of,
})

/** One way to break each rule, from a boat on which every rule fits. */
const BROKEN: Record<RuleId, Edit[]> = {
  crewMoves: [
    { path: 'boat.hullType', value: 'dinghy' },
    { path: 'yard.gm', value: 0.2 },
  ],
  terminalsOpen: leftOut('terminalCovers'),
  stopByComputer: leftOut('hardwiredStop'),
  propellerUnlocked: leftOut('propellerLock'),
  petrolVapour: [
    ...leftOut('sparkSafe'),
    { path: 'design.charging.supply', value: 'generator' },
    { path: 'use.costs.fuel', value: 'petrol' },
  ],
  chargersBeyondBms: [
    { path: 'design.charging.count', value: 4 },
    { path: 'design.wiring.bmsCurrent', value: 100 },
  ],
  dimensionsOdd: [{ path: 'boat.prismatic', value: 0.93 }],
  packAboveWindow: [{ path: 'design.pack.chargeVoltage', value: 4 }],
  packBelowWindow: [{ path: 'design.controller', value: { ...controller, leastVoltage: 51 } }],
  packCurrent: [{ path: 'design.pack.cell', value: { ...pack.cell, current: 30, currentPeak: 400 } }],
  rangeShort: [{ path: 'use.duration', value: 9 * 3600 }],
  touchVoltage: [{ path: 'design.pack.series', value: 18 }],
  controllerPlate: [{ path: 'design.controller.batteryCurrentPeak', value: 20 }],
  controllerCurrent: [{ path: 'design.controller', value: { ...controller, batteryCurrent: 30 } }],
  phaseCurrent: [{ path: 'design.controller', value: { ...controller, phaseCurrent: 30 } }],
  motorNameplate: [{ path: 'design.motor', value: { ...motor, noLoadCurrent: 60 } }],
  motorRating: [{ path: 'design.motor', value: { ...motor, ratedPower: 3600 } }],
  motorSpeed: [{ path: 'design.propeller.pitch', value: 0.19 }],
  motorOversized: [
    { path: 'use.topSpeed', value: 1.2 },
    { path: 'use.cruiseSpeed', value: 1.1 },
  ],
  coolingWeak: [
    { path: 'design.cooler', value: { ...DEMO.tirrick.design.cooler, kind: 'hull tube', tubeLength: 0.3 } },
  ],
  couplingRuns: [
    { path: 'boat.drive.flange', value: 0.1 },
    { path: 'boat.drive.runOut', value: 0.0002 },
  ],
  otherArrays: [
    { path: 'design.solar.fitted', value: true },
    {
      path: 'design.solar.others',
      value: [{ ...DEMO.tirrick.design.solar, name: 'Roof', feeds: 'drive', series: 12, parallel: 1 }].map(
        ({ name, feeds, panel, series, parallel, tilt, heading, swings, shading, spars, controller }) => ({
          name,
          feeds: feeds as 'drive',
          panel,
          series,
          parallel,
          tilt,
          heading,
          swings,
          shading,
          spars,
          controller,
        }),
      ),
    },
  ],
  platesUnknown: [{ path: 'design.motor', value: { ...motor, ratedPower: 4200, estimated: ['ratedPower'] } }],
  motorPoorLoad: [
    { path: 'design.motor', value: { ...motor, ratedPower: 30_000, peakPower: 40_000, noLoadCurrent: 40 } },
  ],
  propellerDiameter: [{ path: 'boat.drive.greatestDiameter', value: 0.3 }],
  cavitation: [{ path: 'design.propeller.areaRatio', value: 0.25 }],
  tipSpeed: [
    { path: 'design.propeller', value: { ...propeller, diameter: 0.6, pitch: 0.06 } },
    { path: 'use.topSpeed', value: 3.8 },
    { path: 'held.motor', value: false },
  ],
  propellerSeries: [{ path: 'design.propeller.areaRatio', value: 0.9 }],
  jetFits: [
    { path: 'boat.drive.greatestDiameter', value: 0.19 },
    { path: 'design.jet.impellerDiameter', value: 0.2 },
  ],
  jetSuction: [
    { path: 'design.jet.ratedPower', value: 9000 },
    { path: 'design.jet.ratedRpm', value: 2100 },
  ],
  heatCruise: [
    { path: 'use.ambient', value: 338 },
    { path: 'design.motor', value: { ...motor, insulation: 'B', ratedPower: 3000 } },
    { path: 'use.cruiseSpeed', value: 2.75 },
  ],
  heatTop: [
    { path: 'design.motor', value: { ...motor, insulation: 'B' } },
    { path: 'use.ambient', value: 333 },
    { path: 'use.topSpeed', value: 3.1 },
  ],
  controllerHeat: [
    { path: 'use.ambient', value: 320 },
    { path: 'design.controller', value: { ...controller, rollbackFrom: 323, rollbackTo: 340 } },
  ],
  gearTorque: [{ path: 'boat.drive.torqueLimit', value: 30 }],
  gearSpeed: [{ path: 'boat.drive.rpmLimit', value: 700 }],
  rotation: [
    { path: 'design.motor', value: { ...motor, weakerDirection: 'clockwise' } },
    { path: 'design.propeller.hand', value: 'right' },
  ],
  pitchMatch: [
    { path: 'design.propeller.pitch', value: 0.5 },
    { path: 'use.topSpeed', value: 3.1 },
  ],
  bladeLoading: [{ path: 'design.propeller', value: { ...propeller, diameter: 0.2, pitch: 0.2, areaRatio: 0.35 } }],
  windHolding: [{ path: 'design.propeller', value: { ...propeller, diameter: 0.2, pitch: 0.15 } }],
  humpClimb: [{ path: 'design.motor', value: { ...planer.design.motor, ratedPower: 5000, peakPower: 6000 } }],
  porpoising: [{ path: 'boat.lcg', value: 1.3 }],
  lowPackSpeed: [
    { path: 'design.propeller.pitch', value: 0.24 },
    { path: 'use.topSpeed', value: 3.1 },
  ],
  regenAmps: [{ path: 'design.controller.regenCurrent', value: 400 }],
  slipOdd: [{ path: 'design.propeller', value: { ...propeller, diameter: 0.16, pitch: 0.2 } }],
  smallBlades: [
    { path: 'design.propeller', value: { ...propeller, areaRatio: 0.3, blades: 7 } },
    { path: 'use.cruiseSpeed', value: 0.5 },
  ],
  efficiencyDoubt: [{ path: 'use.houseLoad', value: 12_000 }],
  cruiseAboveTop: [{ path: 'use.topSpeed', value: 1.5 }],
  topBeyondHull: [{ path: 'use.topSpeed', value: 4.2 }],
  methodsApart: [{ path: 'boat.prismatic', value: 0.66 }],
  weightUnknown: [{ path: 'boat.massUncertainty', value: 0.3 }],
  overloaded: [
    { path: 'boat.massHolds', value: 'before' },
    { path: 'design.pack.parallel', value: 12 },
  ],
  fuseNone: [{ path: 'design.wiring.mainArea', value: 10 }],
  fuseAboveCable: [
    { path: 'design.wiring.fuse', value: { ...fuse, rating: 400 } },
    { path: 'design.wiring.mainArea', value: 25 },
  ],
  fuseInterrupt: [{ path: 'design.wiring.fuse', value: { ...fuse, interrupt: 2000 } }],
  fuseVoltage: [{ path: 'design.wiring.fuse', value: { ...fuse, voltage: 32 } }],
  fuseSmall: [{ path: 'design.wiring.fuse', value: { ...fuse, rating: 60 } }],
  cableHeat: [{ path: 'design.wiring.mainArea', value: 4 }],
  cableDrop: [
    { path: 'design.wiring.mainArea', value: 35 },
    { path: 'design.wiring.mainLength', value: 25 },
  ],
  contactorRating: [{ path: 'design.wiring.contactorVoltage', value: 32 }],
  bmsAmps: [{ path: 'design.wiring.bmsCurrent', value: 40 }],
  packPlace: [{ path: 'design.wiring.place', value: 'bilge' }],
  boxUnvented: [{ path: 'design.wiring.vented', value: false }],
  prechargeRate: [{ path: 'design.wiring.prechargeResistance', value: 1000 }],
  noContactor: leftOut('contactor'),
  noPrecharge: leftOut('precharge'),
  noEmergencyStop: leftOut('emergencyStop'),
  noDisconnect: leftOut('disconnect'),
  noShunt: leftOut('shunt'),
  noChargeRelays: leftOut('chargeRelays'),
  houseTogether: leftOut('separateHouse'),
  noInsulationWatch: [...leftOut('insulationWatch'), { path: 'design.pack.series', value: 18 }],
  chargerWindow: [{ path: 'design.charging.charger', value: chargerNamed('pallan-12-25') }],
  chargerAboveCells: [{ path: 'design.charging.count', value: 8 }],
  coldCharge: [{ path: 'design.charging.coldest', value: 268 }],
  shoreWeak: [{ path: 'design.charging.shoreCurrent', value: 5 }],
  chargerInlet: [
    { path: 'design.charging.charger', value: chargerNamed('pallan-48-25') },
    { path: 'design.charging.inlet', value: 'carType' },
  ],
  blockCutOff: [{ path: 'design.banks.highCut', value: 3.3 }],
  lowCutOff: [
    { path: 'design.banks.lowCut', value: 3.1 },
    { path: 'design.pack.cell.resistance', value: 0.0012 },
    { path: 'design.pack.parallel', value: 1 },
  ],
  mixedStrings: [
    {
      path: 'design.banks.others',
      value: [
        {
          cell: calm.design.pack.cell,
          series: calm.design.pack.series,
          parallel: 1,
          health: 0.6,
          lowCut: null,
          highCut: null,
        },
      ],
    },
  ],
  bankUneven: [{ path: 'design.banks.count', value: 8 }],
  packRoom: [
    {
      path: 'boat.compartments',
      value: [{ name: 'locker', length: 0.75, width: 0.6, height: 0.3, clearance: 0.02, along: null }],
    },
    { path: 'design.pack.parallel', value: 4 },
  ],
  packOutgrown: [
    { path: 'use.outings', value: 366 },
    { path: 'boat.waterTemperature', value: 305 },
  ],
  noWayHome: [{ path: 'use.wayHome', value: 'none' }],
  houseConverter: [{ path: 'design.wiring.dcdcGreatest', value: 40 }],
  panelVolts: [{ path: 'design.solar', value: { ...calm.design.solar, fitted: true, series: 10 } }],
  panelsUncontrolled: [{ path: 'design.solar', value: { ...calm.design.solar, fitted: true, controller: null } }],
  generatorWeak: [
    { path: 'design.charging.supply', value: 'generator' },
    { path: 'design.charging.generatorPower', value: 900 },
    { path: 'design.charging.count', value: 2 },
  ],
  generatorHump: [
    { path: 'design.charging.supply', value: 'generator' },
    { path: 'design.charging.generatorPower', value: 300 },
    { path: 'day.generatorStart', value: 0.4 },
  ],
  chargerNarrow: [
    { path: 'design.charging.supply', value: 'generator' },
    { path: 'design.charging.generatorPower', value: 30_000 },
  ],
  noChangeover: [
    { path: 'design.charging.supply', value: 'generator' },
    { path: 'design.charging.generatorPower', value: 4000 },
    { path: 'day.legs', value: [{ ...usualOf(DAY_LEG.fields), does: 'waits', plugged: true }] },
  ],
  capacityPlate: [{ path: 'yard.platePeople', value: 1 }],
  powerStopped: [{ path: 'yard.readings', value: [reading({ step: 'packVolts', value: 20 })] }],
  stepOverridden: [{ path: 'yard.readings', value: [reading({ step: 'polarity', why: 'the yard did it on 3 May' })] }],
  cellsApart: [{ path: 'yard.cells', value: [{ at: '', current: 0, volts: [3.3, 3.31, 3.25, 3.3] }] }],
  lugsNotSeen: [
    {
      path: 'yard.readings',
      value: powerSteps(calm)
        .filter(s => !['firstHour', 'firstTrip'].includes(s.group))
        .map(s => reading({ step: s.id, why: 'seen 3 times' })),
    },
  ],
  licensedMissing: [
    { path: 'yard.tasks', value: [{ ...usualTasks(calm).find(t => t.licensed)!, done: true, after: [] }] },
  ],
  taskUninspected: [{ path: 'yard.tasks', value: [{ ...usualTasks(calm)[0]!, done: true }] }],
  partsToFind: [{ path: 'design.controller.standIn', value: true }],
  partLate: [
    {
      path: 'yard.tasks',
      value: usualTasks(calm)
        .filter(t => t.parts !== '')
        .slice(0, 1),
    },
  ],
  budgetOver: [{ path: 'yard.budget', value: 900 }],
  capacityBelow: [
    {
      path: 'log.trips',
      value: trips(4, () => ({ chargeFrom: 1, chargeTo: 0.1, rested: true, drawn: 0.6 * wholeOf(calm) })),
    },
  ],
  cellsDrift: [
    {
      path: 'yard.cells',
      value: [
        { at: '2027-05-01', current: 0, volts: [3.3, 3.302, 3.3] },
        { at: '2027-09-01', current: 0, volts: [3.3, 3.302, 3.274] },
      ],
    },
  ],
  resistanceRisen: [{ path: 'log.trips', value: trips(6, i => ({ resistance: i < 3 ? 0.01 : 0.016 })) }],
  warmerNow: [
    {
      path: 'log.trips',
      value: trips(6, i => ({ stretches: [stretch({ winding: i < 3 ? 310 : 330, power: 2000 })] })),
    },
  ],
  tripsBelowReserve: [{ path: 'log.trips', value: trips(2, () => ({ chargeFrom: 0.9, chargeTo: 0.16 })) }],
  dueLate: [{ path: 'log.due', value: usualDue(calm, '') }],
  logContradicts: [{ path: 'log.trips', value: trips(1, () => ({ distance: 60_000, time: 3600 })) }],
  jointWarm: [
    {
      path: 'log.joints',
      value: [{ at: '2027-06-01', name: 'Plus lug', temperature: 320, beside: 303, current: 60 }],
    },
  ],
  takesMoreNow: [
    { path: 'log.trips', value: trips(8, i => ({ stretches: [stretch({ power: i < 4 ? 900 : 1150 })] })) },
    { path: 'trial.use', value: 'measured' },
  ],
  oddReading: [
    {
      path: 'trial.points',
      value: [3, 3.5, 4, 4.5, 5].map((knots, i) => ({
        ...EMPTY_READING,
        speed: knots * KNOT,
        direction: i % 2 ? 'back' : 'out',
        power: (i === 2 ? 6 : 1) * evaluate(calm, knots * KNOT).point.drive.packPower,
      })),
    },
  ],
  oneWayTrial: [
    {
      path: 'trial.points',
      value: [3, 4, 5].map(knots => ({
        ...EMPTY_READING,
        speed: knots * KNOT,
        power: evaluate(calm, knots * KNOT).point.drive.packPower,
      })),
    },
  ],
  trimOff: [{ path: 'yard.places', value: [{ part: 'pack', along: 1.5, across: 0, above: 0 }] }],
  listOff: [{ path: 'yard.places', value: [{ part: 'pack', along: 4.3, across: 1.2, above: 0 }] }],
  weightHigh: [
    {
      path: 'yard.weights',
      value: [{ name: 'Arch', way: 'in', mass: 400, doubt: 5, along: 5, across: 0, above: 2.5 }],
    },
  ],
  chargeTakenByHouse: [{ path: 'design.charging.supply', value: 'none' }],
  noGalvanicIsolator: leftOut('galvanicIsolator'),
  noBonding: leftOut('bonding'),
  shoreVolts: [{ path: 'design.charging.shoreVoltage', value: 400 }],
}

/** Rules on something that is there or not, in words alone. */
const IN_WORDS = new Set<RuleId>([
  'stopByComputer',
  'petrolVapour',
  'propellerUnlocked',
  'licensedMissing',
  'packPlace',
  'lugsNotSeen',
  'noChangeover',
  'boxUnvented',
  'noContactor',
  'noPrecharge',
  'noEmergencyStop',
  'noDisconnect',
  'noShunt',
  'noChargeRelays',
  'houseTogether',
  'chargerInlet',
  'noWayHome',
  'panelsUncontrolled',
  'noGalvanicIsolator',
  'noBonding',
  'dueLate',
])

const startOf = (id: string) =>
  id.startsWith('jet') ? calmJet : ['humpClimb', 'porpoising'].includes(id) ? planer : calm

/** What another part or another hand mends: no edit of the document does. */
/** Rules on what was read or seen: only hands mend them. */
const IN_THE_YARD: readonly RuleId[] = [
  'powerStopped',
  'stepOverridden',
  'cellsApart',
  'lugsNotSeen',
  'budgetOver',
  'taskUninspected',
  'licensedMissing',
  'partLate',
  'capacityBelow',
  'cellsDrift',
  'resistanceRisen',
  'warmerNow',
  'tripsBelowReserve',
  'dueLate',
  'logContradicts',
  'jointWarm',
  'takesMoreNow',
  'oneWayTrial',
]
const NO_FIX: readonly RuleId[] = [
  'motorOversized',
  'platesUnknown',
  'coolingWeak',
  'couplingRuns',
  'otherArrays',
  'weightHigh',
  'crewMoves',
  ...IN_THE_YARD,
]

const RULE_IDS = Object.keys(RULES) as RuleId[]

/** The boat on which a rule is broken, and its finding: asked twice, worked out once. */
const brokenBy = (() => {
  const known = new Map<
    RuleId,
    { broken: Project; finding: ReturnType<typeof foundOn>['findings'][number] | undefined }
  >()
  return (id: RuleId) => {
    let found = known.get(id)
    if (!found) {
      const broken = withEdits(startOf(id), BROKEN[id])
      known.set(id, (found = { broken, finding: foundOn(broken).findings.find(f => f.rule === id) }))
    }
    return found
  }
})()

describe('every rule', () => {
  it('is content with the calm boat', () => {
    expect(foundOn(calm).findings.map(f => f.rule)).toEqual([])
    expect(foundOn(calm).counts.fits).toBe(Object.keys(RULES).length)
  })
  it.each(Object.entries(RULES) as [RuleId, Rule][])(
    '%s: found when broken, with numbers, a reason, and a fix or what it takes',
    (id, rule) => {
      const { finding } = brokenBy(id)
      expect(finding, id).toBeDefined()
      // a direction, or what is there or not, has no number
      expect(fillText(finding!.sentence)).toMatch(
        id === 'rotation' ? /clockwise/ : IN_WORDS.has(id) ? /\w{4}.*\./ : /\d|outside every method/,
      )
      expect(fillText(finding!.amount)).not.toMatch(/NaN|–/)
      expect(finding!.fixes.length > 0 || finding!.need !== null).toBe(true)
      expect(rule.source.length).toBeGreaterThan(3)
    },
  )
  it.each(RULE_IDS.filter(id => !['efficiencyDoubt', 'methodsApart', 'motorPoorLoad', ...NO_FIX].includes(id)))(
    '%s: some fix mends it or makes it milder',
    id => {
      const order = { stop: 3, caution: 2, note: 1 } as const
      const { broken, finding } = brokenBy(id),
        before = finding!
      const after = before.fixes.map(fix => {
        let fixed = withEdits(broken, fix.edits)
        if (fix.resize) {
          const s = sizeRest(fixed)
          if (s.outcome !== 'sized') return order[before.severity]
          fixed = withEdits(fixed, s.edits)
        }
        const still = foundOn(fixed).findings.find(f => f.rule === id)
        return still ? order[still.severity] : 0
      })
      expect(Math.min(...after)).toBeLessThan(order[before.severity])
    },
  )
  it('touching the limit of touch carries its caution', () => {
    const finding = foundOn(withEdits(calm, BROKEN.touchVoltage)).findings.find(f => f.rule === 'touchVoltage')!
    expect(finding.caution).toMatch(/qualified person.*Local code.*licensed electrician/)
  })
})

it('of what is late, one is named alone, and of several the first', () => {
  const due = usualDue(calm, '').filter(item => item.by === 'months'),
    said = (items: Due[]) =>
      fillText(
        foundOn(withEdits(calm, [{ path: 'log.due', value: items }])).findings.find(f => f.rule === 'dueLate')!
          .sentence,
      )
  expect(said(due.slice(0, 1))).toBe(`“${due[0]!.name}” should have been done by now.`)
  expect(said(due.slice(0, 2))).toMatch(new RegExp(`^“${due[0]!.name}” comes first of 2`))
})

describe('ratings', () => {
  it('cruise must leave the headroom; top is held as long as it is wanted', () => {
    expect(ratingUse(0.79, 1, 0.6, 0.2)).toBeNull()
    expect(ratingUse(0.81, 1, 0.6, 0.2)).toMatchObject({ severity: 'caution', case: 'headroom' })
    expect(ratingUse(0.5, 1.2, 0.9, 0.2)).toMatchObject({ severity: 'caution', case: 'topTime' })
    expect(ratingUse(0.5, 2, 1.1, 0.2)).toMatchObject({ severity: 'stop', case: 'topBeyond' })
    expect(ratingUse(1.1, 2, 1.1, 0.2)).toMatchObject({ severity: 'stop', case: 'cruiseBeyond' })
  })
})

it('a report counts each rule once, worst first, and marks each part with its worst', () => {
  const report = foundOn(withEdits(calm, [...BROKEN.packAboveWindow, ...BROKEN.weightUnknown, ...BROKEN.touchVoltage]))
  const { stop, caution, note, fits } = report.counts
  expect(stop + caution + note + fits).toBe(Object.keys(RULES).length)
  expect(report.findings[0]!.severity).toBe('stop')
  expect(report.worst.pack).toBe('stop')
  expect(report.worst.hull).toBe('note')
})
