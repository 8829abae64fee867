import { PREFERRED, RUNNING } from '../hullTest'
import type { PowerStep } from '../powerStep'
import { LIVE_PARTS } from '../voltWindows'
import { those, ticked, type PowerContext } from './context'
import { voltStep } from './voltStep'

/** The controller wakes, the motor stays still. */
export function controllerOn(context: PowerContext): PowerStep[] {
  const { most, full, insulation, high } = context
  return those(
    voltStep(
      context,
      LIVE_PARTS.filter(p => p !== 'charger' && p !== 'regulator'),
      {
        id: 'controllerVolts',
        group: 'controller',
        title: 'Volts that the controller shows',
        by: 'its own display',
        look: 'Far from what the meter reads: another setting of its range.',
        stop: 'Key off, disconnect open.',
      },
    ),
    ticked(
      'controller',
      'limits',
      'Limits of amps, volts and temperature set',
      'as on the sheet of settings',
      'Low and high volts first.',
    ),
    {
      id: 'batteryLimit',
      group: 'controller',
      title: 'Battery amps that it is limited to',
      by: 'its own setting, all controllers together',
      quantity: 'current',
      low: null,
      high: most,
      why: 'the least of BMS, pack, controller and fuse',
      look: 'More than this and the BMS opens under way.',
    },
    ticked(
      'controller',
      'interlock',
      'Lever off zero: it does not start',
      'lever, then power',
      'Set the start lock; reverse only through zero.',
    ),
    ticked(
      'controller',
      'noFault',
      'No fault is shown',
      'display',
      'Read its list; do not clear what is not understood.',
    ),
    insulation && {
      id: 'insulationOn',
      group: 'controller',
      title: 'Insulation with the controller on',
      by: high
        ? `insulation watch, or between each pole and ${insulation.against}`
        : `volts between each pole and ${insulation.against}, through a known resistor`,
      quantity: 'insulation',
      low: RUNNING * full,
      fineLow: PREFERRED * full,
      high: null,
      why: '100 ohm for each volt, 500 preferred',
      look: 'Leave out one circuit after the other until it rises.',
      licensed: high,
    },
  )
}
