import { GUARDED_ABOVE } from '../../../wiring'
import { missingFitting } from '../../missingFitting'

/** An emergency stop that asks a computer to stop. */
export const stopByComputer = missingFitting({
  fitting: 'hardwiredStop',
  part: 'controller',
  checks: 'The emergency stop cuts the contactor’s coil by itself',
  severity: 'caution',
  clashAbove: GUARDED_ABOVE,
  title: 'stop through a computer',
  sentence:
    'The button only asks the controller or a display to stop: when that hangs, nothing stops. Lead it through the ' +
    'coil of the contactor.',
  caution: 'A turning propeller near people wants a stop that needs no program. A licensed electrician checks it.',
  applies: ({ design }) => design.wiring.fitted.emergencyStop,
})
