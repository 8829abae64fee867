import { LIMIT_LABELS, limitShares } from '../system'
import { ALWAYS, MOTOR_FIELDS, PACK_FIELDS, type Figure } from './figure'

/** Figures of motor and controller. */
export const MOTOR_FIGURES = {
  shaftPower: {
    label: 'Power at the motor shaft', quantity: 'electricPower', part: 'motor',
    read: ({ point }) => ({ value: point.drive.shaftPower, low: point.shaftPowerLow, high: point.shaftPowerHigh }),
    formula: 'power = pull × speed ÷ (propeller × hull × transmission)',
    inputs: e => [
      { value: e.point.resistance.centre, quantity: 'force', what: 'pull' },
      { value: e.point.speed, quantity: 'speed', what: 'the lever' },
      { value: e.point.drive.propellerEfficiency, quantity: 'ratio', what: 'propeller' },
      { value: (1 - e.model.interaction.thrustDeduction) / (1 - e.model.interaction.wakeFraction), quantity: 'ratio', what: 'hull: (1 − t) ÷ (1 − w)' },
      { value: e.model.transmission, quantity: 'ratio', what: 'shaft, seal and reduction' },
    ],
    source: 'Power at the hull over power delivered = hull × open water × relative rotative efficiency; losses of belt, gear and shaft are common practice', holds: ALWAYS, depends: MOTOR_FIELDS,
  },
  motorRpm: {
    label: 'Motor speed', quantity: 'rotation', part: 'motor',
    read: ({ point }) => ({ value: point.drive.motorRpm / 60 }),
    formula: 'motor = propeller × reduction',
    inputs: e => [{ value: e.point.drive.shaftSpeed, quantity: 'rotation', what: 'propeller' }, { value: e.model.totalRatio, quantity: 'plain', what: 'reduction' }],
    source: 'Gear ratio', holds: e => ({ text: 'Up to {n}.', params: { n: { value: e.model.project.design.motor.greatestRpm / 60, quantity: 'rotation' } } }), depends: MOTOR_FIELDS,
  },
  motorTorque: {
    label: 'Motor torque', quantity: 'torque', part: 'motor',
    read: ({ point }) => ({ value: point.drive.motorTorque }),
    formula: 'torque = power ÷ (2 pi × turns)',
    inputs: e => [{ value: e.point.drive.shaftPower, quantity: 'electricPower', what: 'at the motor shaft' }, { value: e.point.drive.motorRpm / 60, quantity: 'rotation', what: 'motor' }],
    source: 'Power is torque times angular speed', holds: ALWAYS, depends: MOTOR_FIELDS,
  },
  motorUse: {
    label: 'Of its all-day rating', quantity: 'ratio', part: 'motor',
    read: ({ point }) => ({ value: point.drive.continuousShare }),
    formula: 'share = torque ÷ torque it holds all day at this speed',
    inputs: e => [
      { value: e.point.drive.motorTorque, quantity: 'torque', what: 'torque wanted' },
      { value: e.model.project.design.motor.ratedPower, quantity: 'power', what: 'rated power' },
      { value: e.model.project.design.motor.ratedRpm / 60, quantity: 'rotation', what: 'rated speed' },
    ],
    source: 'Nameplate: rated torque to rated speed, rated power above', holds: ALWAYS, depends: [...MOTOR_FIELDS, 'design.motor.ratedPower'],
  },
  ratingUse: {
    label: 'Of the tightest rating', quantity: 'ratio', part: 'motor',
    read: ({ point }) => ({ value: point.tightest.share }),
    formula: 'the largest of: what is asked ÷ what the part holds all day',
    inputs: e => limitShares(e.model, e.point.drive).filter(s => s.name !== 'packPower').map(s => ({ value: s.allDay, quantity: 'ratio' as const, what: LIMIT_LABELS[s.name] })),
    source: 'Ratings of motor, controller and cells', holds: ALWAYS, depends: [...PACK_FIELDS, 'design.motor.ratedPower', 'design.pack.series'],
  },
  motorEfficiency: {
    label: 'Motor efficiency', quantity: 'ratio', part: 'motor',
    read: ({ point }) => ({ value: point.drive.motorEfficiency }),
    formula: 'efficiency = out ÷ (out + losses); losses = c1 × turns + c2 × turns² + r × torque²',
    inputs: e => [
      { value: e.point.drive.shaftPower, quantity: 'electricPower', what: 'out, at the shaft' },
      { value: e.point.drive.motorLoss, quantity: 'smallPower', what: 'lost as heat' },
      { value: e.model.project.design.motor.ratedEfficiency, quantity: 'ratio', what: 'at its rated point' },
      { value: e.model.project.design.motor.noLoadCurrent, quantity: 'current', what: 'turning free' },
    ],
    source: 'Loss model fitted to the nameplate', holds: ALWAYS, depends: [...MOTOR_FIELDS, 'design.motor.ratedEfficiency', 'design.motor.noLoadCurrent'],
  },
  motorInput: {
    label: 'Power into the motor', quantity: 'electricPower', part: 'motor',
    read: ({ point }) => ({ value: point.drive.motorInput }),
    formula: 'in = out + losses',
    inputs: e => [{ value: e.point.drive.shaftPower, quantity: 'electricPower', what: 'out, at the shaft' }, { value: e.point.drive.motorLoss, quantity: 'smallPower', what: 'lost as heat' }],
    source: 'Loss model fitted to the nameplate', holds: ALWAYS, depends: MOTOR_FIELDS,
  },
  phaseCurrent: {
    label: 'Motor amps', quantity: 'current', part: 'controller',
    read: ({ point }) => ({ value: point.drive.phaseCurrent }),
    formula: 'amps = torque ÷ torque per amp',
    inputs: e => [
      { value: e.point.drive.motorTorque, quantity: 'torque', what: 'torque' },
      { value: e.model.project.design.motor.kvRpmPerVolt, quantity: 'speedPerVolt', what: 'speed per volt; torque per amp is 60 ÷ (2 pi × it)' },
    ],
    source: 'Kt = 60 / (2 pi Kv), DC-equivalent', holds: ALWAYS, depends: [...MOTOR_FIELDS, 'design.motor.kvRpmPerVolt'],
  },
  controllerInput: {
    label: 'Power into the controller', quantity: 'electricPower', part: 'controller',
    read: ({ point }) => ({ value: point.drive.controllerInput }),
    formula: 'in = motor ÷ efficiency + idle',
    inputs: e => [
      { value: e.point.drive.motorInput, quantity: 'electricPower', what: 'to the motor' },
      { value: e.model.project.design.controller.efficiency, quantity: 'ratio', what: 'controller' },
      { value: e.model.project.design.controller.idlePower, quantity: 'smallPower', what: 'idle' },
    ],
    source: 'Controllers reach 0.95 to 0.98 (common practice)', holds: ALWAYS, depends: PACK_FIELDS,
  },
  controllerCurrent: {
    label: 'Battery amps', quantity: 'current', part: 'controller',
    read: ({ point }) => ({ value: point.drive.controllerCurrent }),
    formula: 'amps = power into the controller ÷ volts',
    inputs: e => [{ value: e.point.drive.controllerInput, quantity: 'electricPower', what: 'into the controller' }, { value: e.point.drive.packVoltage, quantity: 'voltage', what: 'pack under load, half full' }],
    source: 'I = P / V', holds: ALWAYS, depends: [...PACK_FIELDS, 'design.pack.series'],
  },
  heat: {
    label: 'Lost as heat', quantity: 'electricPower', part: 'motor',
    read: ({ point: { drive } }) => ({ value: drive.motorLoss + drive.controllerLoss }),
    formula: 'heat = motor losses + controller losses',
    inputs: e => [{ value: e.point.drive.motorLoss, quantity: 'smallPower', what: 'motor' }, { value: e.point.drive.controllerLoss, quantity: 'smallPower', what: 'controller' }],
    source: 'Loss model fitted to the nameplate', holds: ALWAYS, depends: PACK_FIELDS,
  },
} satisfies Record<string, Figure>
