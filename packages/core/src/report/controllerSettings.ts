import { CHEMISTRIES, packLoad, restVoltage } from '../battery'
import { INSULATION_LIMIT, peakTorque } from '../drive'
import type { Project } from '../project'
import { evaluate, modelOf } from '../system'
import type { Text } from '../units'

/** One line of the settings sheet: what any controller asks for, in whatever words, and where the figure comes from. */
export interface Setting {
  label: string
  value: Text
  why: string
}

/** Settings that belong together. */
export interface SettingGroup {
  head: string
  settings: Setting[]
}

/**
 * Winding temperature at which a controller should begin to cut back, below the limit of the insulation, K (common
 * practice).
 */
const WINDING_MARGIN = 15
/**
 * Share of the pack's full volts at which regeneration should have stopped (common practice: before the BMS
 * opens).
 */
const REGEN_STOP = 0.985

const one = (
  value: number,
  quantity: 'voltage' | 'current' | 'rotation' | 'temperature' | 'torque' | 'seconds' | 'ratio' | 'shortTime',
): Text => ({ text: '{v}', params: { v: { value, quantity } } })

/**
 * Settings to type into any motor controller, from the boat's own parts.
 *
 * @param project the boat
 * @returns groups of settings; each with its reason
 */
export function controllerSettings(project: Project): SettingGroup[] {
  const { motor, controller, pack, throttle } = project.design
  /** share of the lever's way at which a point of its curve lies */
  const leverAt = (i: number) => throttle.deadband + ((1 - throttle.deadband) * i) / (throttle.points.length - 1)
  const model = modelOf(project),
    chemistry = CHEMISTRIES[pack.cell.chemistry],
    cells = model.pack.cellsInSeries
  const { top, cruise } = evaluate(project, project.use.cruiseSpeed)
  const full = model.pack.fullVoltage,
    cutOff = Math.max(cells * chemistry.sensibleVoltage[0], controller.leastVoltage)
  const loaded = packLoad(restVoltage(pack, project.use.reserve), model.pack.resistance, top.drive.packPower)
  const kt = model.motor.outcome === 'fitted' ? model.motor.losses.torqueConstant : null
  const phasePeak = kt ? Math.min(controller.phaseCurrentPeak, peakTorque(motor, 1) / kt) : controller.phaseCurrentPeak
  const phase = kt
    ? Math.min(controller.phaseCurrent, motor.ratedPower / ((motor.ratedRpm * Math.PI) / 30) / kt)
    : controller.phaseCurrent
  const charge = model.project.design.pack.parallel * pack.cell.chargeCurrent
  return [
    {
      head: 'Volts',
      settings: [
        {
          label: 'Over-voltage, off above',
          value: one(Math.min(controller.greatestVoltage, cells * chemistry.absoluteVoltage[1]), 'voltage'),
          why: `the smaller of the controller’s own limit and what ${cells} cells survive`,
        },
        {
          label: 'Full pack',
          value: one(full, 'voltage'),
          why: `${cells} cells at ${pack.chargeVoltage.toFixed(2)} V`,
        },
        {
          label: 'Begin to cut back below',
          value: one(Math.max(cutOff, Math.min(loaded.voltage, model.pack.nominalVoltage)), 'voltage'),
          why: 'loaded volts at top with only the reserve left',
        },
        {
          label: 'Under-voltage, off below',
          value: one(cutOff, 'voltage'),
          why:
            cutOff > cells * chemistry.sensibleVoltage[0]
              ? 'the controller’s own lower limit'
              : `${cells} cells at ${chemistry.sensibleVoltage[0].toFixed(2)} V; the battery management ` +
                'stays below this',
        },
      ],
    },
    {
      head: 'Amps',
      settings: [
        {
          label: 'Battery amps, continuous',
          value: one(Math.min(controller.batteryCurrent, model.pack.current), 'current'),
          why: 'the smaller of controller and cells',
        },
        {
          label: 'Battery amps, for half a minute',
          value: one(Math.min(controller.batteryCurrentPeak, model.pack.currentPeak), 'current'),
          why:
            `the smaller of controller and cells; top takes ${Math.round(top.drive.controllerCurrent)} A, ` +
            `cruise ${Math.round(cruise.drive.controllerCurrent)} A`,
        },
        {
          label: 'Motor amps, continuous',
          value: one(phase, 'current'),
          why:
            'the smaller of controller and the motor’s rated torque; DC amps, some controllers want them × 0.82 ' +
            'as RMS of a phase',
        },
        {
          label: 'Motor amps, at most',
          value: one(phasePeak, 'current'),
          why: `the motor’s peak torque, for ${Math.round(motor.peakSeconds)} s`,
        },
        {
          label: 'Regeneration, battery amps',
          value: one(Math.min(controller.regenCurrent, charge), 'current'),
          why: 'the smaller of controller and the cells’ charge limit',
        },
        {
          label: 'Regeneration stops at',
          value: one(REGEN_STOP * full, 'voltage'),
          why: 'before the BMS opens under way',
        },
      ],
    },
    {
      head: 'Motor',
      settings: [
        { label: 'Greatest speed', value: one(motor.greatestRpm / 60, 'rotation'), why: 'its plate' },
        {
          label: 'Speed per volt',
          value: { text: '{v}', params: { v: { value: motor.kvRpmPerVolt, quantity: 'speedPerVolt' } } },
          why: 'its plate',
        },
        {
          label: 'Winding, cut back from',
          value: one(INSULATION_LIMIT[motor.insulation] - WINDING_MARGIN, 'temperature'),
          why: `class ${motor.insulation}, ${WINDING_MARGIN} K early: a sensor is never at the hottest place`,
        },
        { label: 'Controller, cut back from', value: one(controller.rollbackFrom, 'temperature'), why: 'its plate' },
        { label: 'Controller, off at', value: one(controller.rollbackTo, 'temperature'), why: 'its plate' },
      ],
    },
    {
      head: 'Lever',
      settings: [
        {
          label: 'Lever sets',
          value: { text: throttle.controls === 'torque' ? 'torque' : 'turns' },
          why:
            throttle.controls === 'torque'
              ? 'the motor slows in a wave, as an engine does'
              : 'the motor keeps its turns in a wave; amps swing',
        },
        { label: 'Dead band', value: one(throttle.deadband, 'ratio'), why: 'a nudge must not start the propeller' },
        ...throttle.points.slice(1).map((p, i) => ({
          label: `At ${Math.round(100 * leverAt(i + 1))} % of its way`,
          value: one(p, 'ratio'),
          why: `of the greatest ${throttle.controls === 'torque' ? 'torque' : 'turns'}`,
        })),
        {
          label: 'From stop to full in',
          value: one(throttle.rampUp, 'seconds'),
          why: 'spares shaft, coupling and cells',
        },
        {
          label: 'From full to stop in',
          value: one(throttle.rampDown, 'seconds'),
          why: 'short: a hand that lets go wants the propeller still',
        },
        {
          label: 'Start only with the lever at stop',
          value: { text: 'on' },
          why: 'switched on with the lever ahead she must not move',
        },
      ],
    },
  ]
}
