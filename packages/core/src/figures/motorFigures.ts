import { revsPerSecond } from '../units'
import { continuousTorque, torqueConstant } from '../drive'
import { LIMIT_LABELS, limitShares, NO_RATING, toldLimits, type Evaluation } from '../system'
import {
  ALWAYS,
  current,
  figure,
  listed,
  MOTOR_FIELDS,
  of,
  PACK_FIELDS,
  plain,
  power,
  ratio,
  smallPower,
} from './figure'

const rotation = of('rotation')
const torque = of('torque')
const plate = ({ model }: Evaluation) => model.project.design.motor
const shaft = ({ point }: Evaluation) => power(point.drive.shaftPower, 'out, at the shaft')
const lost = ({ point }: Evaluation) => smallPower(point.drive.motorLoss, 'lost as heat')

/** Figures of motor and controller. */
export const MOTOR_FIGURES = {
  shaftPower: figure({
    label: 'Power at the motor shaft',
    quantity: 'electricPower',
    part: 'motor',
    inputs: e => ({
      delivered: power(e.point.drive.deliveredPower, 'at the propeller: pull × speed ÷ (propeller × hull)'),
      transmission: ratio(e.model.transmission, 'shaft, seal and reduction'),
    }),
    formula: ({ delivered, transmission }) => delivered / transmission,
    words: 'power = power at the propeller ÷ transmission',
    band: ({ point }) => ({ low: point.shaftPowerLow, high: point.shaftPowerHigh }),
    source:
      'Power at the hull over power delivered = hull × open water × relative rotative efficiency; losses of ' +
      'belt, gear and shaft are common practice',
    holds: ALWAYS,
    depends: MOTOR_FIELDS,
  }),
  motorRpm: figure({
    label: 'Motor speed',
    quantity: 'rotation',
    part: 'motor',
    inputs: e => ({
      propeller: rotation(e.point.drive.shaftSpeed, 'propeller'),
      reduction: plain(e.model.totalRatio, 'reduction'),
    }),
    formula: ({ propeller, reduction }) => propeller * reduction,
    words: 'motor = propeller × reduction',
    source: 'Gear ratio',
    holds: e => ({ text: 'Up to {n}.', params: { n: revsPerSecond(plate(e).greatestRpm / 60) } }),
    depends: MOTOR_FIELDS,
  }),
  motorTorque: figure({
    label: 'Motor torque',
    quantity: 'torque',
    part: 'motor',
    inputs: e => ({
      power: power(e.point.drive.shaftPower / e.model.drives, 'at each motor’s shaft'),
      turns: rotation(e.point.drive.motorRpm / 60, 'motor'),
    }),
    formula: ({ power, turns }) => (turns > 0 ? power / (2 * Math.PI * turns) : 0),
    words: 'torque = power ÷ (2 pi × turns)',
    source: 'Power is torque times angular speed',
    holds: ALWAYS,
    depends: MOTOR_FIELDS,
  }),
  motorUse: figure({
    label: 'Of its continuous rating',
    quantity: 'ratio',
    part: 'motor',
    inputs: e => ({
      torque: torque(e.point.drive.motorTorque, 'torque wanted'),
      power: of('power')(plate(e).ratedPower, 'rated power'),
      turns: rotation(plate(e).ratedRpm / 60, 'rated speed'),
      holds: torque(
        continuousTorque(plate(e), (e.point.drive.motorRpm * Math.PI) / 30, e.point.drive.packVoltage),
        'its continuous torque here',
      ),
    }),
    formula: ({ torque, holds }) => (torque <= 0 ? 0 : holds > 0 ? Math.min(NO_RATING, torque / holds) : NO_RATING),
    words: 'share = torque ÷ continuous torque at this speed',
    source: 'Nameplate: rated torque to rated speed, rated power above',
    holds: ALWAYS,
    depends: [...MOTOR_FIELDS, 'design.motor.ratedPower'],
  }),
  ratingUse: figure({
    label: 'Of the tightest rating',
    quantity: 'ratio',
    part: 'motor',
    inputs: e =>
      listed(
        toldLimits(limitShares(e.model, e.point.drive), 'allDay')
          .filter(s => s.name !== 'packPower')
          .map(s => ratio(s.allDay, LIMIT_LABELS[s.name])),
      ),
    formula: shares => Math.max(...Object.values(shares)),
    words: 'the largest of: what is asked ÷ the part’s continuous rating',
    source: 'Ratings of motor, controller and cells; of BMS, fuse, contactor and cable where they are passed',
    holds: ALWAYS,
    depends: [...PACK_FIELDS, 'design.motor.ratedPower', 'design.pack.series'],
  }),
  motorEfficiency: figure({
    label: 'Motor efficiency',
    quantity: 'ratio',
    part: 'motor',
    inputs: e => ({
      out: shaft(e),
      lost: lost(e),
      rated: ratio(plate(e).ratedEfficiency, 'at its rated point'),
      free: current(plate(e).noLoadCurrent, 'turning free'),
    }),
    formula: ({ out, lost }) => (out + lost > 0 ? out / (out + lost) : 0),
    words: 'efficiency = out ÷ (out + losses); losses = c1 × turns + c2 × turns² + r × torque²',
    source: 'Loss model fitted to the nameplate',
    holds: ALWAYS,
    depends: [...MOTOR_FIELDS, 'design.motor.ratedEfficiency', 'design.motor.noLoadCurrent'],
  }),
  motorInput: figure({
    label: 'Power into the motor',
    quantity: 'electricPower',
    part: 'motor',
    inputs: e => ({ out: shaft(e), lost: lost(e) }),
    formula: ({ out, lost }) => out + lost,
    words: 'in = out + losses',
    source: 'Loss model fitted to the nameplate',
    holds: ALWAYS,
    depends: MOTOR_FIELDS,
  }),
  phaseCurrent: figure({
    label: 'Motor amps',
    quantity: 'current',
    part: 'controller',
    inputs: e => ({
      torque: torque(e.point.drive.motorTorque, 'torque'),
      perVolt: of('speedPerVolt')(plate(e).kvRpmPerVolt, 'speed per volt; torque per amp is 60 ÷ (2 pi × it)'),
      field: ratio(e.point.drive.torqueField, 'field that is left for torque'),
      along: of('current')(e.point.drive.fieldCurrent, 'amps that weaken the field'),
    }),
    formula: ({ torque, perVolt, along, field }) => Math.hypot(torque / torqueConstant(perVolt) / field, along),
    words: 'amps = torque ÷ torque per amp ÷ field left, and those along the field at right angles',
    source: 'Kt = 60 / (2 pi Kv), DC-equivalent; the field is whole while the volts are enough',
    holds: ALWAYS,
    depends: [...MOTOR_FIELDS, 'design.motor.kvRpmPerVolt'],
  }),
  controllerInput: figure({
    label: 'Power into the controller',
    quantity: 'electricPower',
    part: 'controller',
    inputs: ({ point, model: { project, drives } }) => ({
      motor: power(point.drive.motorInput, 'to the motor'),
      efficiency: ratio(project.design.controller.efficiency, 'controller'),
      // switched off at rest
      idle: smallPower(point.speed > 0 ? drives * project.design.controller.idlePower : 0, 'idle'),
    }),
    formula: ({ motor, efficiency, idle }) => motor / efficiency + idle,
    words: 'in = motor ÷ efficiency + idle',
    source: 'Controllers reach 0.95 to 0.98 (common practice)',
    holds: ALWAYS,
    depends: PACK_FIELDS,
  }),
  controllerCurrent: figure({
    label: 'Battery amps',
    quantity: 'current',
    part: 'controller',
    inputs: e => ({
      power: power(e.point.drive.controllerInput / e.model.drives, 'into each controller'),
      volts: of('voltage')(e.point.drive.packVoltage, 'pack under load, half full'),
    }),
    formula: ({ power, volts }) => power / volts,
    words: 'amps = power into the controller ÷ volts',
    source: 'I = P / V',
    holds: ALWAYS,
    depends: [...PACK_FIELDS, 'design.pack.series'],
  }),
  heat: figure({
    label: 'Lost as heat',
    quantity: 'electricPower',
    part: 'motor',
    inputs: e => ({
      motor: smallPower(e.point.drive.motorLoss, 'motor'),
      controller: smallPower(e.point.drive.controllerLoss, 'controller'),
    }),
    formula: ({ motor, controller }) => motor + controller,
    words: 'heat = motor losses + controller losses',
    source: 'Loss model fitted to the nameplate',
    holds: ALWAYS,
    depends: PACK_FIELDS,
  }),
}
