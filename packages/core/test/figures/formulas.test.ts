import { describe, expect, it } from 'vitest'
import { figureOn, figuresOf, readFigure, type FigureId } from '../../src/figures'
import { DEMO_BOATS, withEdits, type Project } from '../../src/project'
import {
  chargeHelpers,
  chargeReport,
  chargeStart,
  coolingChoices,
  driveWarming,
  evaluate,
  solarReport,
  voltageNeeds,
  wiringReport,
  type Evaluation,
} from '../../src/system'
import { mixReport, packFootprint, packPower } from '../../src/battery'
import { propellerDrag } from '../../src/resistance'
import { stringVoltage } from '../../src/solar'
import { SIZED_FLEET } from '../fleet/fleetBoats'
import { everyNth } from '../howMany'

/**
 * What the engine gives by itself for figures whose formula works on the inputs that are shown: two ways to the same
 * number.
 */
const ENGINE: Partial<Record<FigureId, (e: Evaluation) => number>> = {
  pull: e => e.point.resistance.centre,
  effectivePower: e => e.point.drive.effectivePower,
  waveLength: e => e.point.waveLength,
  froude: e => e.point.froude,
  hullSpeed: e => e.hullSpeed,
  displacedVolume: e => e.model.form.volume,
  thrust: e => e.point.drive.thrust,
  deliveredPower: e => e.point.drive.deliveredPower,
  propellerRpm: e => e.point.drive.shaftSpeed,
  propellerEfficiency: e => e.point.drive.propellerEfficiency,
  slip: e => e.point.drive.slip,
  areaNeeded: e => e.point.drive.kellerAreaRatio,
  jetVelocity: e => e.point.drive.jetVelocity,
  suctionSpeed: e => e.point.drive.suctionSpeed,
  shaftPower: e => e.point.drive.shaftPower,
  motorRpm: e => e.point.drive.motorRpm / 60,
  motorTorque: e => e.point.drive.motorTorque,
  motorUse: e => e.point.drive.continuousShare,
  ratingUse: e => e.point.tightest.share,
  motorEfficiency: e => e.point.drive.motorEfficiency,
  motorInput: e => e.point.drive.motorInput,
  phaseCurrent: e => e.point.drive.phaseCurrent,
  controllerInput: e => e.point.drive.controllerInput,
  controllerCurrent: e => e.point.drive.controllerCurrent,
  packPower: e => e.point.drive.packPower,
  packCurrent: e => e.point.drive.packCurrent,
  packVoltage: e => e.point.drive.packVoltage,
  packLength: e => packFootprint(e.model.project.design.pack).length,
  packWidth: e => packFootprint(e.model.project.design.pack).width,
  packEnergy: e => e.model.pack.energy,
  packAvailable: e => e.energy.available,
  packFull: e => e.model.pack.fullVoltage,
  packNominal: e => e.model.pack.nominalVoltage,
  packMass: e => e.model.pack.mass,
  timeLeft: e => e.point.timeLeft,
  distanceLeft: e => e.point.distanceLeft,
  energyPerDistance: e => e.point.energyPerDistance,
  overallEfficiency: e => e.point.drive.overallEfficiency,
  cruisePower: e => e.cruise.drive.packPower,
  energyNeeded: e => e.energy.needed,
  cruiseRange: e => e.cruise.distanceLeft,
  windThrust: e => e.holding.drag,
  windingTemperature: e => driveWarming(e.model, e.point.drive, e.cruise.drive)!.motor.winding,
  caseTemperature: e => driveWarming(e.model, e.point.drive, e.cruise.drive)!.motor.case,
  controllerTemperature: e => driveWarming(e.model, e.point.drive, e.cruise.drive)!.controller,
  coolAir: e => coolingChoices(e.model)[0]!.power,
  coolLoop: e => coolingChoices(e.model)[1]!.power,
  coolRaw: e => coolingChoices(e.model)[2]!.power,
  towedLocked: e => towed(e, 'locked'),
  towedFree: e => towed(e, 'freewheeling'),
  towedFolded: e => towed(e, 'folded'),
  wiringCurrent: e => wiringReport(e.model).current,
  mainDrop: e => wiringReport(e.model).main.drop,
  mainLoss: e => wiringReport(e.model).main.loss,
  mainCopper: e => wiringReport(e.model).main.copper,
  motorDrop: e => wiringReport(e.model).motor.drop,
  shortCircuit: e => wiringReport(e.model).shortCircuit,
  prechargeTime: e => wiringReport(e.model).precharge.time,
  prechargeEnergy: e => wiringReport(e.model).precharge.energy,
  chargePower: e => chargeStart(e.model.project).current * chargeStart(e.model.project).voltage,
  voltageCruise: e => needs(e).cruiseCurrent,
  voltageTop: e => needs(e).topCurrent,
  voltageCopper: e => needs(e).run!.copper,
  voltageLoss: e => needs(e).loss,
  mixCurrent: e => mixReport(e.model.project.design.pack, e.model.project.design.banks).current,
  coldPowerHalf: e => coldPower(e, 0.5).power,
  coldSagHalf: e => coldPower(e, 0.5).loaded!,
  coldPowerLow: e => coldPower(e, 0.2).power,
  coldSagLow: e => coldPower(e, 0.2).loaded!,
  cellsAllDay: e => e.model.pack.current,
  sunYear: e => solarReport(e.model.project).year,
  sunDayPace: e => solarReport(e.model.project).months[e.model.project.design.charging.month]!.dayPace,
  sunNoonPace: e => solarReport(e.model.project).months[e.model.project.design.charging.month]!.noonPace,
  stringCold: e => stringVoltage(e.model.project.design.solar).cold,
  stringHot: e => stringVoltage(e.model.project.design.solar).hot,
  chargeFuel: e => chargeReport(e.model.project).fuel,
  chargeSun: e => chargeHelpers(e.model.project).sun,
  chargeSailing: e => chargeHelpers(e.model.project).sailing,
}
const needs = (e: Evaluation) => voltageNeeds(e.model, e.model.project.design.systemVoltage)
function towed({ model, point }: Evaluation, state: 'locked' | 'freewheeling' | 'folded') {
  const { diameter, areaRatio } = model.project.design.propeller
  const water = point.speed * (1 - model.interaction.wakeFraction)
  return propellerDrag(state, diameter, areaRatio, water, model.water.density)
}
function coldPower({ model, point }: Evaluation, charge: number) {
  const { pack, banks, charging, controller, motor } = model.project.design
  const leastVoltage = Math.max(controller.leastVoltage, motor.leastVoltage)
  const demand = { power: point.drive.packPower, leastVoltage, which: 'minutes' as const }
  return packPower(pack, demand, charge, charging.coldest, banks)
}

/**
 * The same boats with what only some designs have: two drives; sun, sail and generator; banks and mixed strings;
 * lead.
 */
const dressed = (boat: Project): Project[] => [
  boat,
  withEdits(boat, [{ path: 'boat.drive.count', value: 2 }]),
  withEdits(boat, [
    { path: 'design.charging.supply', value: 'generator' },
    { path: 'design.charging.sun', value: true },
    { path: 'design.charging.sailing', value: true },
    { path: 'design.solar.fitted', value: true },
  ]),
  withEdits(boat, [
    { path: 'design.banks.count', value: 2 },
    { path: 'design.pack.parallel', value: 2 },
    {
      path: 'design.banks.others',
      value: [
        {
          cell: boat.design.pack.cell,
          series: boat.design.pack.series,
          parallel: 1,
          health: 0.7,
          lowCut: null,
          highCut: null,
        },
      ],
    },
  ]),
  withEdits(boat, [
    { path: 'design.pack.cell.chemistry', value: 'AGM' },
    { path: 'design.solar.controller', value: null },
    { path: 'design.solar.fitted', value: true },
  ]),
]

const checked = new Set<string>()
describe('the formula that is shown gives the value that is shown', () => {
  it.each([...DEMO_BOATS, ...everyNth(SIZED_FLEET, 3)].map(boat => [boat.name, boat] as const))('%s', (_, boat) => {
    for (const project of dressed(boat)) {
      for (const speed of [0, 0.4 * boat.use.cruiseSpeed, boat.use.cruiseSpeed, 1.1 * boat.use.topSpeed]) {
        const e = evaluate(project, speed)
        for (const id of figuresOf(e)) {
          const { value, low, high } = readFigure(id, e)
          const said = `${id} at ${speed.toFixed(2)} m/s`
          expect(Number.isNaN(value), said).toBe(false)
          const slack = Number.isFinite(value) ? 1e-9 * Math.abs(value) : 0
          if (low !== undefined && high !== undefined) {
            expect(low, `${said}, low end`).toBeLessThanOrEqual(value + slack)
            expect(high, `${said}, high end`).toBeGreaterThanOrEqual(value - slack)
          }
          const engine = ENGINE[id]?.(e)
          if (engine === undefined || (id === 'phaseCurrent' && e.model.motor.outcome !== 'fitted')) continue
          checked.add(id)
          if (value !== engine) expect(Math.abs(value - engine), said).toBeLessThanOrEqual(1e-6 * Math.abs(engine))
        }
      }
    }
  })
  it('each that has a second way was compared', () => {
    expect(Object.keys(ENGINE).filter(id => !checked.has(id))).toEqual([])
  })
  it('says what it does in words', () => {
    const e = evaluate(DEMO_BOATS[0]!, 2)
    for (const id of figuresOf(e)) expect(figureOn(id, e.model.project).words, id).toMatch(/\w+ .*\w/)
  })
})
