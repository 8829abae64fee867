import type { PowerStep } from '../powerStep'
import { those, ticked, type PowerContext } from './context'

/** Share of the amps that a first spin may take (common practice: 10 to 20 %). */
const FIRST_SPIN = 0.2

/** The motor turns, nothing drives. */
export function motorTurns({ most, pusher, high, model }: PowerContext): PowerStep[] {
  const { design, boat } = model.project,
    { fitted } = design.wiring,
    outside = boat.drive.kind === 'outboard' || boat.drive.kind === 'pod'
  return those(
    ticked(
      'bare',
      'propellerOff',
      pusher === 'pump'
        ? 'Belt or coupling off, or four lines out and the shaft clear'
        : outside
          ? 'Propeller off, nobody within reach of the leg'
          : 'Propeller off, or four lines out and the shaft clear',
      'seen by two; the key in the pocket of whoever works on it',
      'Nobody near what turns.',
    ),
    {
      id: 'spinAmps',
      group: 'bare',
      title: 'Battery amps at a slow turn',
      by: 'display, or a clamp',
      quantity: 'current',
      low: 0,
      high: FIRST_SPIN * most,
      fineHigh: 0.5 * FIRST_SPIN * most,
      why: 'a fifth of the limit at most for a first spin',
      look: 'Shaft stiff, belt too tight, phases or sensor wrong.',
    },
    ticked(
      'bare',
      'rotation',
      'Ahead turns as the propeller wants it',
      'seen from astern',
      'Swap two phases, or set the direction, never both.',
    ),
    ticked('bare', 'astern', 'Astern turns the other way, only through zero', 'lever', 'Set the reverse lock.'),
    fitted.emergencyStop &&
      ticked(
        'bare',
        'emergencyStop',
        fitted.contactor
          ? 'Emergency stop drops the contactor, motor at no load'
          : 'Emergency stop cuts the power, motor at no load',
        'press it',
        'Wire it into the coil, not into the display.',
        high,
      ),
    ticked(
      'bare',
      'noise',
      'No rubbing, no shaking over its turns',
      outside ? 'hand on the bracket' : 'hand on the mounts',
      'Alignment, run-out, a loose mount.',
    ),
  )
}
