import { DROP_LIMIT, FUSE_MARGIN, type CableRun } from '../wiring'
import { tapRuns, wiringReport, type Evaluation, type TapName } from '../system'
import type { QuantityId } from '../units'
import { ALWAYS, PACK_FIELDS, type Figure, type WorkingInput } from './figure'

const AMPACITY = 'ISO 13297 annex A table A.1, single conductor, 30 °C (recalled)'
const COPPER = 'IEC 60028: copper 1.7241e-8 ohm m at 20 °C, 0.393 % a kelvin; taken at 50 °C'
const report = ({ model }: Evaluation) => wiringReport(model)
const RUN_FIELDS = [...PACK_FIELDS, 'design.wiring.mainLength'] as const

interface RunWords {
  of: (e: Evaluation) => CableRun
  name: string
  part: Figure['part']
}
const MAIN: RunWords = { of: e => report(e).main, name: 'pack to controller', part: 'pack' }
const MOTOR: RunWords = { of: e => report(e).motor, name: 'controller to motor', part: 'motor' }

/** A run of a tap: the panels' are there only when they are fitted. */
const tap = (name: TapName): RunWords => ({ of: e => tapRuns(e.model.project)[name]!, name, part: 'pack' })
const CHARGE = tap('charge'),
  HOUSE = tap('house'),
  PANELS = tap('panels')
const withPanels = (figure: Figure): Figure => ({
  ...figure,
  applies: e => e.model.project.design.solar.fitted,
  depends: ['design.wiring.panelLength'],
})

/** A figure of a run of cable. */
function ofRun(
  { of, part }: RunWords,
  label: string,
  quantity: QuantityId,
  read: (run: CableRun) => number,
  formula: string,
  inputs: (run: CableRun) => WorkingInput[],
  source: string,
): Figure {
  return {
    label,
    quantity,
    part,
    read: e => ({ value: read(of(e)) }),
    formula,
    inputs: e => inputs(of(e)),
    source,
    holds: ALWAYS,
    depends: RUN_FIELDS,
  }
}
const size = (run: CableRun): WorkingInput => ({
  value: run.area * 1e-6,
  quantity: 'copperArea',
  what: run.parallel > 1 ? `a conductor, ${run.parallel} side by side` : 'a conductor',
})
const area = (words: RunWords, label: string) =>
  ofRun(
    words,
    label,
    'copperArea',
    r => r.area * 1e-6,
    'the thinnest stock cable that carries its fuse where it lies and loses at most 3 %',
    r => [
      { value: r.current, quantity: 'current', what: 'all day, with headroom' },
      { value: r.guard, quantity: 'current', what: 'the fuse that it must carry' },
      { value: r.length, quantity: 'length', what: 'one way' },
      { value: r.ampacity, quantity: 'current', what: `it carries; decided by ${r.decidedBy}` },
    ],
    AMPACITY,
  )
const ampacity = (words: RunWords, label: string) =>
  ofRun(
    words,
    label,
    'current',
    r => r.ampacity,
    'carries = table × engine space × bundling × conductors side by side',
    r => [
      size(r),
      {
        value: r.place.insulation + 273.15,
        quantity: 'temperature',
        what: r.place.engineSpace ? 'insulation, in an engine space' : 'insulation, outside engine spaces',
      },
      { value: r.place.bundled, quantity: 'count', what: 'conductors together' },
    ],
    AMPACITY,
  )
const drop = (words: RunWords, label: string) =>
  ofRun(
    words,
    label,
    'cellVoltage',
    r => r.drop,
    'volts = 2 × resistivity × length ÷ area × amps',
    r => [
      { value: r.current, quantity: 'current', what: 'all day, with headroom' },
      { value: r.length, quantity: 'length', what: 'one way' },
      size(r),
      { value: r.dropShare, quantity: 'ratio', what: 'of the volts' },
      { value: DROP_LIMIT, quantity: 'ratio', what: 'good practice at most' },
    ],
    COPPER,
  )
const loss = (words: RunWords, label: string) =>
  ofRun(
    words,
    label,
    'smallPower',
    r => r.loss,
    'heat = conductors × resistance of one × amps²',
    r => [
      { value: r.conductors, quantity: 'count', what: 'conductors' },
      { value: r.current, quantity: 'current', what: 'in each' },
      { value: r.lossPerMetre, quantity: 'smallPower', what: 'for each metre of the run' },
    ],
    COPPER,
  )
const copper = (words: RunWords, label: string) =>
  ofRun(
    words,
    label,
    'partMass',
    r => r.copper,
    'weight = conductors × length × area × 8890 kg/m³',
    r => [
      { value: r.conductors * r.parallel, quantity: 'count', what: 'conductors' },
      { value: r.length, quantity: 'length', what: 'one way' },
      size(r),
    ],
    'Density of copper',
  )

/** Figures of cables, fuse and precharge. */
export const WIRING_FIGURES = {
  wiringCurrent: {
    label: 'Drawn all day',
    quantity: 'current',
    part: 'pack',
    read: e => ({ value: report(e).current }),
    formula: 'the greater of amps at cruise ÷ (1 − headroom) and amps at top',
    inputs: e => [
      { value: e.cruise.drive.packCurrent, quantity: 'current', what: 'at cruise' },
      { value: e.model.project.use.headroom, quantity: 'ratio', what: 'headroom' },
      { value: e.top.drive.packCurrent, quantity: 'current', what: 'at top' },
    ],
    source: 'Operating points',
    holds: ALWAYS,
    depends: RUN_FIELDS,
  },
  mainArea: area(MAIN, 'Cable from the pack'),
  mainAmpacity: ampacity(MAIN, 'It carries'),
  mainDrop: drop(MAIN, 'It loses'),
  mainLoss: loss(MAIN, 'As heat'),
  mainCopper: copper(MAIN, 'Its copper'),
  motorArea: area(MOTOR, 'Cable to the motor'),
  motorAmpacity: ampacity(MOTOR, 'Each lead carries'),
  motorDrop: drop(MOTOR, 'It loses'),
  chargeArea: { ...area(CHARGE, 'Cable of the charger'), depends: ['design.wiring.chargeLength'] },
  chargeDrop: { ...drop(CHARGE, 'It loses'), depends: ['design.wiring.chargeLength'] },
  houseArea: { ...area(HOUSE, 'Cable of the converter'), depends: ['design.wiring.houseLength'] },
  houseDrop: { ...drop(HOUSE, 'It loses'), depends: ['design.wiring.houseLength'] },
  panelArea: withPanels(area(PANELS, 'Cable of the panels')),
  panelDrop: withPanels(drop(PANELS, 'It loses')),
  shortCircuit: {
    label: 'A dead short draws',
    quantity: 'current',
    part: 'pack',
    read: e => ({ value: report(e).shortCircuit }),
    formula: 'amps = full volts ÷ (cells + a hand’s breadth of cable)',
    inputs: e => [
      { value: e.model.pack.fullVoltage, quantity: 'voltage', what: 'full pack' },
      {
        value: (e.model.pack.resistance * report(e).joinedShort) / report(e).shortCircuit,
        quantity: 'resistance',
        what: report(e).banks > 1 ? 'cells of a bank, without links' : 'cells, without links',
      },
    ],
    source: 'Ohm’s law',
    holds: () => ({ text: 'On the safe side: links and contacts make it less.' }),
    depends: ['design.pack.chargeVoltage'],
  },
  fuseRating: {
    label: 'Main fuse',
    quantity: 'current',
    part: 'pack',
    read: e => ({ value: report(e).fuse?.rating ?? 0 }),
    applies: e => report(e).fuse !== null,
    formula:
      `the smallest above ${FUSE_MARGIN} × amps all day that clears the volts and breaks the short, and that ` +
      'its cable carries',
    inputs: e => [
      {
        value: report(e).bank.current,
        quantity: 'current',
        what: report(e).banks > 1 ? 'of the bank all day, with headroom' : 'all day, with headroom',
      },
      { value: report(e).bank.lead.ampacity, quantity: 'current', what: 'the cable carries' },
      { value: report(e).fuse?.voltage ?? null, quantity: 'voltage', what: 'it clears' },
      { value: report(e).fuse?.interrupt ?? null, quantity: 'current', what: 'it breaks' },
    ],
    source: 'Common practice; ISO 13297 and ABYC E-11 by name',
    holds: () => ({
      text: 'At the pack, within 178 mm of its pole (common practice). Ratings differ by maker: read the plate.',
    }),
    depends: RUN_FIELDS,
  },
  prechargeTime: {
    label: 'Precharge takes',
    quantity: 'seconds',
    part: 'controller',
    read: e => ({ value: report(e).precharge.time }),
    formula: 'time = 5 × resistance × capacitance',
    inputs: e => [
      { value: report(e).precharge.resistance, quantity: 'bigResistance', what: 'resistor' },
      { value: e.model.project.design.wiring.capacitance, quantity: 'capacitance', what: 'the controller’s input' },
      { value: report(e).precharge.peak, quantity: 'current', what: 'at first' },
    ],
    source: 'RC circuit, to 99 %',
    holds: ALWAYS,
    depends: ['design.wiring.capacitance'],
  },
  prechargeEnergy: {
    label: 'Its resistor swallows',
    quantity: 'jouleEnergy',
    part: 'controller',
    read: e => ({ value: report(e).precharge.energy }),
    formula: 'energy = ½ × capacitance × volts²',
    inputs: e => [
      { value: e.model.project.design.wiring.capacitance, quantity: 'capacitance', what: 'the controller’s input' },
      { value: e.model.pack.fullVoltage, quantity: 'voltage', what: 'full pack' },
    ],
    source: 'As much as the capacitor takes',
    holds: ALWAYS,
    depends: ['design.wiring.capacitance'],
  },
} satisfies Record<string, Figure>
