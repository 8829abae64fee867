import { CHEMISTRIES, type ChemistryId } from '../../battery'
import { choose, estimate, type EstimateRule } from './estimateRule'

/** What a chemistry's cells are like, as sold in boxes of some 100 Ah (common practice). */
interface Habit {
  /** Wh for a kg, Wh for a litre */
  perKilogram: number
  perLitre: number
  /** Ω·Ah of one cell: half the amps, twice the resistance */
  resistanceCharge: number
  /** amps all day, for 30 s, and on charge, over the Ah */
  current: number
  peak: number
  charge: number
  /** price of a kWh */
  price: number
}
const HABITS: Readonly<Record<ChemistryId, Habit>> = {
  LFP: { perKilogram: 130, perLitre: 230, resistanceCharge: 0.06, current: 1, peak: 2, charge: 0.5, price: 260 },
  NMC: { perKilogram: 180, perLitre: 330, resistanceCharge: 0.06, current: 1.5, peak: 3, charge: 0.7, price: 300 },
  LTO: { perKilogram: 70, perLitre: 130, resistanceCharge: 0.02, current: 4, peak: 8, charge: 4, price: 800 },
  AGM: { perKilogram: 38, perLitre: 85, resistanceCharge: 0.08, current: 0.5, peak: 2, charge: 0.2, price: 180 },
  FLOODED: { perKilogram: 34, perLitre: 75, resistanceCharge: 0.11, current: 0.4, peak: 1.5, charge: 0.15, price: 130 },
}

/** Rules that need the chemistry read it by its place in the list. */
const CHEMISTRY_IDS = Object.keys(CHEMISTRIES) as ChemistryId[]
/** A chemistry as a number, for rules. */
export const chemistryNumber = (id: unknown): number => CHEMISTRY_IDS.indexOf(id as ChemistryId)
const idOf = (c: Record<string, number>): ChemistryId => CHEMISTRY_IDS[c.chemistry!] ?? 'LFP'
const habit = (c: Record<string, number>) => HABITS[idOf(c)]
const wattHours = (c: Record<string, number>) => c.capacityAh! * c.cellsInSeries! * CHEMISTRIES[idOf(c)].nominalVoltage
/** Sides of a block as shares of the cube root of its volume. */
const SIDES = { width: 1.25, depth: 0.66, height: 1.21 } as const

/** Figures of a cell or a block of cells that its owner does not know (common practice by chemistry). */
export const CELL_ESTIMATES: readonly EstimateRule[] = [
  choose('chemistry', [], () => 'LFP', 'iron phosphate is what most fit today'),
  estimate(
    'capacityAh',
    ['mass', 'cellsInSeries', 'chemistry'],
    c => (c.mass! * habit(c).perKilogram) / (c.cellsInSeries! * CHEMISTRIES[idOf(c)].nominalVoltage),
    1.3,
    'its weight × what its chemistry stores in a kilogram',
  ),
  estimate('capacityAh', ['currentPeak', 'chemistry'], c => c.currentPeak! / habit(c).peak, 1.5, 'usual for its amps'),
  estimate('capacityAh', ['current', 'chemistry'], c => c.current! / habit(c).current, 1.5, 'usual for its amps'),
  estimate('cellsInSeries', ['chemistry'], () => 1, 1, 'a single cell'),
  estimate(
    'resistance',
    ['capacityAh', 'cellsInSeries', 'chemistry'],
    c => (habit(c).resistanceCharge * c.cellsInSeries!) / c.capacityAh!,
    1.6,
    'usual of its chemistry and Ah',
  ),
  estimate('currentPeak', ['current'], c => 2 * c.current!, 1.3, 'twice the continuous amps'),
  estimate(
    'current',
    ['capacityAh', 'chemistry'],
    c => habit(c).current * c.capacityAh!,
    1.4,
    'usual of its chemistry and Ah',
  ),
  estimate(
    'currentPeak',
    ['capacityAh', 'chemistry'],
    c => habit(c).peak * c.capacityAh!,
    1.4,
    'usual of its chemistry and Ah',
  ),
  estimate(
    'chargeCurrent',
    ['capacityAh', 'chemistry'],
    c => habit(c).charge * c.capacityAh!,
    1.4,
    'usual of its chemistry and Ah',
  ),
  estimate(
    'mass',
    ['capacityAh', 'cellsInSeries', 'chemistry'],
    c => wattHours(c) / habit(c).perKilogram,
    1.2,
    'usual of its chemistry and Wh',
  ),
  ...(Object.keys(SIDES) as (keyof typeof SIDES)[]).map(side =>
    estimate(
      side,
      ['capacityAh', 'cellsInSeries', 'chemistry'],
      c => SIDES[side] * Math.cbrt(wattHours(c) / habit(c).perLitre / 1000),
      1.3,
      'usual of its chemistry and Wh',
    ),
  ),
  estimate(
    'price',
    ['capacityAh', 'cellsInSeries', 'chemistry'],
    c => (wattHours(c) / 1000) * habit(c).price,
    1.5,
    'usual of its chemistry and Wh',
  ),
  choose('complete', [], () => false, 'taken as bare'),
  estimate('capacityAh', [], () => 100, 2, 'nothing is known: 50 to 200 Ah'),
]

/** Figures of a whole pack that its owner does not know: as of its cells, but what it weighs and costs is all of it. */
export const PACK_ESTIMATES: readonly EstimateRule[] = [
  choose('complete', [], () => true, 'a pack is weighed with its box and BMS'),
  ...CELL_ESTIMATES.filter(rule => rule.key !== 'complete'),
]

/** Figures of a charger that its owner does not know (common practice). */
export const CHARGER_ESTIMATES: readonly EstimateRule[] = [
  estimate('greatestVoltage', ['leastVoltage'], c => 1.7 * c.leastVoltage!, 1.1, '1.7 × its least volts'),
  estimate(
    'power',
    ['current', 'greatestVoltage'],
    c => 0.93 * c.current! * c.greatestVoltage!,
    1.06,
    'its amps × the volts of a nearly full pack',
  ),
  estimate(
    'current',
    ['power', 'greatestVoltage'],
    c => c.power! / (0.93 * c.greatestVoltage!),
    1.06,
    'its power ÷ the volts of a nearly full pack',
  ),
  estimate('efficiency', [], () => 0.92, 1.03, 'switching chargers reach 0.90 to 0.95'),
  estimate('inputVoltage', [], () => 230, 1, 'taken as made for 230 V'),
  estimate(
    'power',
    ['inputVoltage', 'inputCurrent', 'efficiency'],
    c => c.inputVoltage! * c.inputCurrent! * c.efficiency! * 0.97,
    1.06,
    'shore volts × amps × efficiency',
  ),
  estimate(
    'inputCurrent',
    ['power', 'inputVoltage', 'efficiency'],
    c => c.power! / (c.inputVoltage! * c.efficiency! * 0.97),
    1.06,
    'power ÷ efficiency ÷ shore volts',
  ),
  estimate('greatestVoltage', ['power', 'current'], c => c.power! / (0.93 * c.current!), 1.06, 'power ÷ amps'),
  estimate('leastVoltage', ['greatestVoltage'], c => 0.58 * c.greatestVoltage!, 1.1, '0.58 × its greatest volts'),
  choose('listens', [], () => false, 'taken as one that does not'),
  choose('pilot', [], () => false, 'taken as one that does not'),
  estimate('mass', ['power'], c => 0.8 + 2.2 * (c.power! / 1000), 1.5, '3 kg at 1 kW'),
  estimate('price', ['power'], c => 120 + 300 * (c.power! / 1000), 1.6, '420 at 1 kW'),
  estimate('power', ['mass'], c => (1000 * Math.max(0.2, c.mass! - 0.8)) / 2.2, 1.6, 'usual of its weight'),
  estimate('greatestVoltage', [], () => 58, 1, 'taken as made for 48 V'),
  estimate('current', [], () => 15, 2, 'nothing is known: 8 to 30 A'),
]

/** Figures of a solar panel that its owner does not know (common practice: silicon, 36 cells for 12 V). */
export const PANEL_ESTIMATES: readonly EstimateRule[] = [
  estimate('power', ['voltage', 'current'], p => p.voltage! * p.current!, 1.02, 'volts × amps'),
  estimate('voltage', ['openVoltage'], p => 0.82 * p.openVoltage!, 1.04, '0.82 × its open volts'),
  estimate('current', ['shortCurrent'], p => 0.94 * p.shortCurrent!, 1.03, '0.94 × its shorted amps'),
  estimate('current', ['power', 'voltage'], p => p.power! / p.voltage!, 1.03, 'power ÷ volts'),
  estimate('voltage', ['power', 'current'], p => p.power! / p.current!, 1.03, 'power ÷ amps'),
  estimate('power', ['length', 'width'], p => 205 * p.length! * p.width!, 1.12, '205 W for a square metre'),
  estimate('voltage', ['power'], p => (p.power! < 200 ? 18.5 : 33), 1.15, 'usual of its power'),
  estimate('openVoltage', ['voltage'], p => p.voltage! / 0.82, 1.04, 'volts ÷ 0.82'),
  estimate('shortCurrent', ['current'], p => p.current! / 0.94, 1.03, 'amps ÷ 0.94'),
  estimate('voltagePerKelvin', [], () => 0.0028, 1.15, '0.28 % a degree for silicon'),
  estimate('powerPerKelvin', [], () => 0.0036, 1.15, '0.36 % a degree for silicon'),
  estimate('width', ['power'], p => 0.66 * Math.sqrt(p.power! / 205 / 0.66) * 1.0, 1.15, 'a square metre for 205 W'),
  estimate('length', ['power', 'width'], p => p.power! / 205 / p.width!, 1.15, 'a square metre for 205 W'),
  estimate('mass', ['length', 'width'], p => 11 * p.length! * p.width!, 1.4, '11 kg for a square metre in a frame'),
  estimate('price', ['power'], p => 0.75 * p.power!, 1.7, '75 for 100 W'),
  estimate('power', ['price'], p => p.price! / 0.75, 2, 'usual of its price'),
  estimate('power', ['mass'], p => (205 * p.mass!) / 11, 1.6, 'usual of its weight'),
  estimate('power', [], () => 100, 2, 'nothing is known: 50 to 200 W'),
]

/** Figures of a solar charge controller that its owner does not know (common practice). */
export const CHARGE_CONTROLLER_ESTIMATES: readonly EstimateRule[] = [
  choose('tracking', [], () => true, 'most follow the best point'),
  choose('boosts', [], () => false, 'most do not'),
  estimate('greatestVoltage', ['leastVoltage'], c => 1.7 * c.leastVoltage!, 1.15, '1.7 × the least volts of its pack'),
  estimate(
    'greatestVoltage',
    ['greatestPanelVoltage'],
    c => 0.6 * c.greatestPanelVoltage!,
    1.3,
    '0.6 × the volts of its panels',
  ),
  estimate('greatestVoltage', [], () => 62, 1, 'taken as made for 48 V'),
  estimate('leastVoltage', ['greatestVoltage'], c => 0.5 * c.greatestVoltage!, 1.2, 'half of its greatest volts'),
  estimate(
    'greatestPanelVoltage',
    ['greatestVoltage'],
    c => 1.6 * c.greatestVoltage!,
    1.2,
    '1.6 × the volts of its pack',
  ),
  estimate(
    'leastPanelVoltage',
    ['leastVoltage'],
    c => Math.min(c.leastVoltage! + 3, 1.2 * c.leastVoltage!),
    1.2,
    'a little above its pack',
  ),
  estimate('current', [], () => 20, 1.5, '15 to 30 A are usual'),
  estimate('efficiency', [], () => 0.96, 1.02, '0.94 to 0.98'),
  choose('listens', [], () => false, 'taken as one that does not'),
  estimate('mass', ['current'], c => 0.4 + 0.05 * c.current!, 1.4, '1.4 kg for 20 A'),
  estimate(
    'price',
    ['current', 'greatestPanelVoltage'],
    c => 40 + 0.06 * c.current! * c.greatestPanelVoltage!,
    1.6,
    'usual of its amps and volts',
  ),
]
