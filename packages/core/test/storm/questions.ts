import { findingsOf } from '../../src/advice'
import { firstPower, powerCsv, powerSteps, schedule, workCsv, workEvents } from '../../src/build'
import { checkFindings } from '../../src/findings'
import { figureOn, figuresOf, readFigure } from '../../src/figures'
import { holdingGenerators, waysOf } from '../../src/hybrid'
import * as log from '../../src/log'
import { balanceOf, bestPlace, plateCheck, weightRows } from '../../src/mass'
import { budgetCsv, budgetOf, partsByDevice, partsListCsv, runningCosts } from '../../src/money'
import { deviceRows, oneLine, placeOneLine } from '../../src/oneLine'
import { readProject, writeProject, type Project } from '../../src/project'
import * as report from '../../src/report'
import { propellerChoices, reductionChoices, searchDesigns, sizeRest, voltageChoices } from '../../src/sizing'
import * as system from '../../src/system'
import { fillText, type Text } from '../../src/units'
import {
  dayCsv,
  dayReport,
  routeGpx,
  simulateDay,
  typicalDay,
  underWay,
  winter,
  yearRun,
  yearSpread,
} from '../../src/voyage'

/** Something that is asked of a boat, and of how many boats in a row it is asked once: what is slow, less often. */
export interface Question {
  name: string
  each: number
  ask(boat: Project): unknown
}

/** What a run of steps returns at its end. */
function done<T>(steps: Generator<unknown, T>): T {
  let step = steps.next()
  while (!step.done) step = steps.next()
  return step.value
}

/** The seven speeds that are asked about, m/s. */
export const speedsOf = ({ use }: Project): number[] => [
  0,
  0.05,
  0.5 * use.cruiseSpeed,
  use.cruiseSpeed,
  use.topSpeed,
  Math.min(30, 1.5 * use.topSpeed),
  30,
]

/** Figures, their inputs and sentences at one speed: each keyed by its name, for the message. */
export function figuresAt(boat: Project, speed: number) {
  const e = system.evaluate(boat, speed)
  return figuresOf(e).map(id => {
    const figure = figureOn(id, boat)
    const { value, low, high } = readFigure(id, e)
    const inputs = Object.values(figure.inputs(e)).map(input => [`${input.what} of ${id}`, input.value] as const)
    return { id, value, low, high, inputs, says: fillText(figure.holds(e)) }
  })
}

const says = (text: Text | string | undefined) => (typeof text === 'object' ? fillText(text) : text)
const findings = (boat: Project) =>
  checkFindings(boat).findings.map(({ rule, title, amount, sentence, caution }) => ({
    rule,
    title,
    amount: says(amount),
    sentence: says(sentence),
    caution,
  }))
const fixes = (boat: Project) =>
  findingsOf(system.evaluate(boat, boat.use.cruiseSpeed)).findings.map(f => ({
    rule: f.rule,
    fixes: f.fixes.map(x => fillText(x.label)),
  }))

/** Everything that an owner can be shown of a boat. */
export const QUESTIONS: readonly Question[] = [
  { name: 'findings', each: 4, ask: findings },
  { name: 'fixes', each: 2000, ask: fixes },
  { name: 'power curve', each: 40, ask: boat => system.powerCurve(boat, 30) },
  {
    name: 'matching, thrust, warming',
    each: 60,
    ask(boat) {
      const model = system.modelOf(boat),
        curve = system.powerCurve(boat, 30),
        cruise = system.evaluate(boat, boat.use.cruiseSpeed).point.drive
      return {
        methods: system.methodCurves(boat, curve),
        matching: system.matching(model, curve),
        envelope: system.motorEnvelope(boat, curve),
        thrust: system.thrustBalance(model),
        wind: system.windHolding(model),
        feel: system.throttleFeel(model, boat.design.throttle, curve),
        even: system.evenThrottle(model, boat.design.throttle, curve),
        warming: system.warmingCurve(model, cruise, 3600),
        day: system.dayWarming(model),
        cooling: system.coolingReport(model, cruise),
        coolings: system.coolingChoices(model),
        planing: speedsOf(boat).map(v => system.planingReading(model, v)),
        balance: speedsOf(boat).map(v => system.steadyBalance(model, v)),
        regeneration: speedsOf(boat).map(v => system.regenerationAt(model, v)),
        starts: system.regenerationStart(model),
      }
    },
  },
  {
    name: 'pack, house and wiring',
    each: 10,
    ask(boat) {
      const model = system.modelOf(boat)
      return {
        wiring: system.wiringReport(model),
        volts: system.voltageNeeds(model, boat.design.systemVoltage),
        house: system.houseBattery(boat),
        ageing: system.ageingReport(boat),
        places: system.packPlaces(boat),
        owned: system.ownedUses(boat),
        gone: system.bankGone(boat),
        stopped: system.oneStopped(boat),
        beside: system.besideMotor(boat),
        next: system.whatNext(boat),
      }
    },
  },
  {
    name: 'charge over time',
    each: 10,
    ask: boat => [system.chargeReport(boat), system.chargerCounts(boat), system.coldSteps(boat)],
  },
  {
    name: 'sun',
    each: 400,
    ask: boat => [
      system.solarReport(boat),
      system.houseSun(boat),
      system.sunDirect(boat, 5),
      typicalDay(boat, 5),
      winter(boat),
    ],
  },
  {
    name: 'one-line diagram',
    each: 20,
    ask(boat) {
      const placed = placeOneLine(oneLine(boat))
      return [
        placed,
        placed.devices.map(d =>
          deviceRows(
            d.lines.map(l => fillText(l)),
            d.words.wide,
            d.words.rows,
          ),
        ),
        placed.wires.map(w => w.label && fillText(w.label)),
      ]
    },
  },
  { name: 'weights', each: 5, ask: boat => [balanceOf(boat), weightRows(boat), plateCheck(boat)] },
  { name: 'best place of the pack', each: 50, ask: boat => bestPlace(boat) },
  {
    name: 'money',
    each: 100,
    ask: boat => [budgetOf(boat), partsByDevice(boat), budgetCsv(boat), partsListCsv(boat), runningCosts(boat)],
  },
  {
    name: 'work and first power',
    each: 10,
    ask: boat => [schedule(boat), workEvents(boat), workCsv(boat), firstPower(boat), powerSteps(boat), powerCsv(boat)],
  },
  {
    name: 'trips and health',
    each: 20,
    ask: boat => [
      log.packHealth(boat),
      log.dueNow(boat, null),
      log.tripTotals(boat),
      log.monthTotals(boat),
      log.tripsCsv(boat),
      log.readingsSay(boat),
      log.trialCurve(boat, Math.min(30, boat.use.topSpeed)),
      log.helmView(boat, [], 1000),
      log.belowReserve(boat),
      log.tripsAtOdds(boat),
      log.takesMore(boat),
    ],
  },
  { name: 'what the log taught', each: 200, ask: boat => [log.curveLearnt(boat), log.nextUpgrades(boat)] },
  {
    name: 'day out',
    each: 200,
    ask(boat) {
      const run = simulateDay(boat)
      return [
        run,
        dayCsv(run.points),
        routeGpx(boat),
        underWay(boat, { time: boat.day.departs, charge: 0.8, done: 0 } as never, boat.use.cruiseSpeed),
      ]
    },
  },
  { name: 'day with its reach', each: 500, ask: boat => done(dayReport({ project: boat, leg: 0, home: true })) },
  { name: 'year', each: 400, ask: boat => [yearRun(boat, 1), done(yearSpread(boat, 2))] },
  {
    name: 'ways side by side',
    each: 100,
    ask: boat => [waysOf(boat), holdingGenerators(boat, [boat.use.cruiseSpeed])],
  },
  {
    name: 'choices of propeller and gears',
    each: 100,
    ask: boat => [propellerChoices(boat), reductionChoices(boat), system.propellerDesigns(boat)],
  },
  { name: 'volts side by side', each: 1000, ask: boat => voltageChoices(boat) },
  { name: 'size the rest', each: 1000, ask: boat => sizeRest(boat) },
  { name: 'search of designs', each: 5000, ask: boat => done(searchDesigns(boat)) },
  {
    name: 'files',
    each: 4,
    ask(boat) {
      const read = readProject(writeProject(boat))
      if (!read.ok) throw new Error(`its own file is refused: ${read.errors.map(e => `${e.field}: ${e.message}`)}`)
      return null
    },
  },
  {
    name: 'prints',
    each: 500,
    ask: boat => [
      report.decided(boat),
      report.controllerSettings(boat),
      report.chargerSettings(boat),
      report.readingsText(boat),
      report.readingsJson(boat),
      report.curveCsv(boat),
      report.evaluationText(system.evaluate(boat, boat.use.cruiseSpeed)),
      report.sideBySide([boat, boat]),
    ],
  },
]
