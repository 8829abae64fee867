import { FREEZING } from '../../constants'
import type { LivePart } from '../voltWindows'
import type { PowerStep } from '../powerStep'
import { METER } from '../voltWindows'
import { those, ticked, type PowerContext } from './context'
import { voltStep } from './voltStep'

/** Share of the pack's volts at which the contactor may close (common practice: 90 to 95 %). */
const CLOSE_AT = 0.95
/** What the disconnect and the contactor make live. */
const AHEAD: readonly LivePart[] = ['fuse', 'contactor', 'precharge', 'controller', 'converter', 'meter']

/** Up to the terminals of the controller. */
export function prechargeSteps(context: PowerContext): PowerStep[] {
  const { high, wires, stands, full, model } = context,
    { fitted } = model.project.design.wiring,
    switched = fitted.disconnect ? 'disconnect' : fitted.contactor ? 'contactor' : 'main fuse'
  return those(
    ticked(
      'precharge',
      'fuseIn',
      fitted.disconnect ? 'Main fuse in, disconnect open' : 'Main fuse in, nothing else on',
      'hands off the lugs',
      'Sparks: stop, something is connected.',
      high,
    ),
    voltStep(context, ['pack', ...AHEAD], {
      id: 'beforeDisconnect',
      group: 'precharge',
      title: `Volts before the ${switched}`,
      by: 'meter',
      look:
        'Nothing: fuse blown or not seated. Too much: the charger was on within the hour, a second ' +
        'meter, a cell above the rest, a charger set too high.',
      stop: `Leave the ${switched} open: closed, it may fail at once and for good.`,
      licensed: high,
    }),
    fitted.precharge &&
      voltStep(context, AHEAD, {
        id: 'prechargeVolts',
        group: 'precharge',
        title: 'Volts at the controller before the contactor closes',
        by: 'meter on the controller’s plus and minus',
        own: {
          part: 'pack',
          name: 'the pack',
          why: '95 % of what it was read to have; below, the contacts weld',
          from: CLOSE_AT * stands,
          to: Math.max(full * (1 + METER), stands),
        },
        fineLow: 0.97 * stands,
        look:
          'Too little: resistor, its fuse, a load that draws while it charges (converter, pump). Too ' +
          'much: as before the disconnect.',
        stop: 'Do not close the contactor. Disconnect open, and wait until it reads below 5 V.',
      }),
    fitted.precharge && {
      id: 'prechargeTime',
      group: 'precharge',
      title: 'Seconds of the precharge',
      by: 'watch; to 95 % of the pack’s volts',
      quantity: 'seconds',
      low: 0.2 * wires.precharge.time,
      high: Math.max(3, 1.5 * wires.precharge.time),
      fineHigh: Math.max(2, wires.precharge.time),
      why: 'resistor and controller: five time constants, give or take half',
      look: 'Too long: a load draws, or the resistor is larger than meant. At once: the resistor is bridged.',
    },
    fitted.precharge && {
      id: 'resistor',
      group: 'precharge',
      title: 'Resistor after three closings in a row',
      by: 'infrared; touch nothing',
      quantity: 'temperature',
      low: null,
      high: FREEZING + 60,
      why: 'cool enough for three closings (common practice)',
      look: 'A larger resistor in watts, or a longer wait.',
    },
  )
}
