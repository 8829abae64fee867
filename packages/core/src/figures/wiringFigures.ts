import { FREEZING } from '../constants'
import { COPPER_DENSITY, DROP_LIMIT, FUSE_MARGIN, type CableRun } from '../wiring'
import { tapRuns, wiringReport, type Evaluation, type TapName } from '../system'
import type { QuantityId } from '../units'
import {
  ALWAYS,
  count,
  current,
  figure,
  length,
  of,
  PACK_FIELDS,
  ratio,
  smallPower,
  temperature,
  voltage,
  type Figure,
  type Inputs,
} from './figure'

const AMPACITY = 'ISO 13297 annex A table A.1, single conductor, 30 °C (recalled)'
const COPPER = 'IEC 60028: copper 1.7241e-8 ohm m at 20 °C, 0.393 % a kelvin; taken at 50 °C'
const report = ({ model }: Evaluation) => wiringReport(model)
const RUN_FIELDS = [...PACK_FIELDS, 'design.wiring.mainLength'] as const

interface RunWords {
  of: (e: Evaluation) => CableRun
  part: Figure['part']
  depends: Figure['depends']
  applies?: Figure['applies']
}
const MAIN: RunWords = { of: e => report(e).main, part: 'pack', depends: RUN_FIELDS }
const MOTOR: RunWords = { of: e => report(e).motor, part: 'motor', depends: RUN_FIELDS }

/** A run of a tap. */
const tap = (name: TapName, depends: RunWords['depends']): RunWords => ({
  of: e => tapRuns(e.model.project)[name]!,
  part: 'pack',
  depends,
})
const CHARGE = tap('charge', ['design.wiring.chargeLength']),
  HOUSE = tap('house', ['design.wiring.houseLength']),
  // only where panels are fitted
  PANELS = {
    ...tap('panels', ['design.wiring.panelLength']),
    applies: (e: Evaluation) => e.model.project.design.solar.fitted,
  }

/** A figure of a run of cable. */
const ofRun = <K extends string>(
  { of: run, ...words }: RunWords,
  label: string,
  quantity: QuantityId,
  made: {
    inputs: (run: CableRun) => Inputs<K>
    formula: (values: Record<K, number>, run: CableRun) => number
    words: string
    source: string
  },
): Figure =>
  figure({
    label,
    quantity,
    ...words,
    inputs: e => made.inputs(run(e)),
    formula: (values, e) => made.formula(values, run(e)),
    words: made.words,
    source: made.source,
    holds: ALWAYS,
  })

const allDay = (run: CableRun) => current(run.current, 'continuous, with headroom')
const oneWay = (run: CableRun) => length(run.length, 'one way')
const size = (run: CableRun) =>
  of('copperArea')(run.area * 1e-6, run.parallel > 1 ? `a conductor, ${run.parallel} side by side` : 'a conductor')
const conductors = (run: CableRun) => count(run.conductors, 'conductors')

const area = (words: RunWords, label: string) =>
  ofRun(words, label, 'copperArea', {
    inputs: run => ({
      amps: allDay(run),
      fuse: current(run.guard, 'the fuse that it must carry'),
      length: oneWay(run),
      carries: current(run.ampacity, `it carries; decided by ${run.decidedBy}`),
    }),
    formula: (_, run) => run.area * 1e-6,
    words: 'the thinnest stock cable that carries its fuse where it lies and loses at most 3 %',
    source: AMPACITY,
  })
const ampacity = (words: RunWords, label: string) =>
  ofRun(words, label, 'current', {
    inputs: run => ({
      area: size(run),
      insulation: temperature(
        run.place.insulation + FREEZING,
        run.place.engineSpace ? 'insulation, in an engine space' : 'insulation, outside engine spaces',
      ),
      bundled: count(run.place.bundled, 'conductors together'),
    }),
    formula: (_, run) => run.ampacity,
    words: 'carries = table × engine space × bundling × conductors side by side',
    source: AMPACITY,
  })
const drop = (words: RunWords, label: string) =>
  ofRun(words, label, 'cellVoltage', {
    inputs: run => ({
      amps: allDay(run),
      length: oneWay(run),
      area: size(run),
      perMetre: of('resistance')(run.resistancePerMetre, 'a metre of one pole'),
      share: ratio(run.dropShare, 'of the volts'),
      limit: ratio(DROP_LIMIT, 'good practice at most'),
    }),
    formula: ({ amps, length, perMetre }) => 2 * perMetre * length * amps,
    words: 'volts = 2 × resistivity × length ÷ area × amps',
    source: COPPER,
  })
const loss = (words: RunWords, label: string) =>
  ofRun(words, label, 'smallPower', {
    inputs: run => ({
      conductors: conductors(run),
      amps: current(run.current, 'in each'),
      length: oneWay(run),
      perMetre: of('resistance')(run.resistancePerMetre, 'a metre of one pole'),
      heat: smallPower(run.lossPerMetre, 'for each metre of the run'),
    }),
    formula: ({ conductors, amps, length, perMetre }) => conductors * perMetre * length * amps ** 2,
    words: 'heat = conductors × resistance of one × amps²',
    source: COPPER,
  })
const copper = (words: RunWords, label: string) =>
  ofRun(words, label, 'partMass', {
    inputs: run => ({
      conductors: count(run.conductors * run.parallel, 'conductors'),
      length: oneWay(run),
      area: size(run),
    }),
    formula: ({ conductors, length, area }) => conductors * length * area * COPPER_DENSITY,
    words: `weight = conductors × length × area × ${COPPER_DENSITY} kg/m³`,
    source: 'Density of copper',
  })

/** Figures of cables, fuse and precharge. */
export const WIRING_FIGURES = {
  wiringCurrent: figure({
    label: 'Continuous current',
    quantity: 'current',
    part: 'pack',
    inputs: e => ({
      cruise: current(e.cruise.drive.packCurrent, 'at cruise'),
      headroom: ratio(e.model.project.use.headroom, 'headroom'),
      top: current(e.top.drive.packCurrent, 'at top'),
    }),
    formula: ({ cruise, headroom, top }) => Math.max(cruise / (1 - headroom), top),
    words: 'the greater of amps at cruise ÷ (1 − headroom) and amps at top',
    source: 'Operating points',
    holds: ALWAYS,
    depends: RUN_FIELDS,
  }),
  mainArea: area(MAIN, 'Cable from the pack'),
  mainAmpacity: ampacity(MAIN, 'It carries'),
  mainDrop: drop(MAIN, 'It loses'),
  mainLoss: loss(MAIN, 'As heat'),
  mainCopper: copper(MAIN, 'Its copper'),
  motorArea: area(MOTOR, 'Cable to the motor'),
  motorAmpacity: ampacity(MOTOR, 'Each lead carries'),
  motorDrop: drop(MOTOR, 'It loses'),
  chargeArea: area(CHARGE, 'Cable of the charger'),
  chargeDrop: drop(CHARGE, 'It loses'),
  houseArea: area(HOUSE, 'Cable of the converter'),
  houseDrop: drop(HOUSE, 'It loses'),
  panelArea: area(PANELS, 'Cable of the panels'),
  panelDrop: drop(PANELS, 'It loses'),
  shortCircuit: figure({
    label: 'A dead short draws',
    quantity: 'current',
    part: 'pack',
    inputs: e => ({
      full: voltage(e.model.pack.fullVoltage, 'full pack'),
      way: of('resistance')(
        e.model.pack.fullVoltage / report(e).shortCircuit,
        report(e).banks > 1 ? 'cells of a bank and cable, without links' : 'cells and cable, without links',
      ),
    }),
    formula: ({ full, way }) => full / way,
    words: 'amps = full volts ÷ (cells + a hand’s breadth of cable)',
    source: 'Ohm’s law',
    holds: () => ({ text: 'On the safe side: links and contacts make it less.' }),
    depends: ['design.pack.chargeVoltage'],
  }),
  fuseRating: figure({
    label: 'Main fuse',
    quantity: 'current',
    part: 'pack',
    applies: e => report(e).fuse !== null,
    inputs: e => ({
      amps: current(
        report(e).bank.current,
        report(e).banks > 1 ? 'of the bank, continuous, with headroom' : 'continuous, with headroom',
      ),
      carries: current(report(e).bank.lead.ampacity, 'the cable carries'),
      clears: voltage(report(e).fuse?.voltage ?? null, 'it clears'),
      breaks: current(report(e).fuse?.interrupt ?? null, 'it breaks'),
    }),
    formula: (_, e) => report(e).fuse?.rating ?? 0,
    words:
      `the smallest above ${FUSE_MARGIN} × the continuous amps that clears the volts and breaks the short, and that ` +
      'its cable carries',
    source: 'Common practice; ISO 13297 and ABYC E-11 by name',
    holds: () => ({
      text: 'At the pack, within 178 mm of its pole (common practice). Ratings differ by maker: read the plate.',
    }),
    depends: RUN_FIELDS,
  }),
  prechargeTime: figure({
    label: 'Precharge takes',
    quantity: 'seconds',
    part: 'controller',
    inputs: e => ({
      resistor: of('bigResistance')(report(e).precharge.resistance, 'resistor'),
      capacitance: of('capacitance')(
        e.model.drives * e.model.project.design.wiring.capacitance,
        'the input of all controllers',
      ),
      peak: current(report(e).precharge.peak, 'at first'),
    }),
    formula: ({ resistor, capacitance }) => 5 * resistor * capacitance,
    words: 'time = 5 × resistance × capacitance',
    source: 'RC circuit, to 99 %',
    holds: ALWAYS,
    depends: ['design.wiring.capacitance'],
  }),
  prechargeEnergy: figure({
    label: 'Its resistor swallows',
    quantity: 'jouleEnergy',
    part: 'controller',
    inputs: e => ({
      capacitance: of('capacitance')(
        e.model.drives * e.model.project.design.wiring.capacitance,
        'the input of all controllers',
      ),
      full: voltage(e.model.pack.fullVoltage, 'full pack'),
    }),
    formula: ({ capacitance, full }) => 0.5 * capacitance * full ** 2,
    words: 'energy = ½ × capacitance × volts²',
    source: 'As much as the capacitor takes',
    holds: ALWAYS,
    depends: ['design.wiring.capacitance'],
  }),
}
