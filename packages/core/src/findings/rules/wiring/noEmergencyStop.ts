import { GUARDED_ABOVE } from '../../../wiring'
import { missingFitting } from '../../missingFitting'

/** An emergency stop is in reach of the helm. */
export const noEmergencyStop = missingFitting({
  fitting: 'emergencyStop',
  part: 'pack',
  checks: 'An emergency stop is in reach of the helm',
  severity: 'caution',
  clashAbove: GUARDED_ABOVE,
  title: 'no emergency stop',
  sentence:
    'A stuck lever or a caught rope must be stopped from the helm in one blow: a button in the contactor’s ' +
    'coil circuit.',
  caution:
    'A turning propeller near people wants a stop that needs no thought. Local code first; a licensed ' +
    'electrician checks it.',
})
