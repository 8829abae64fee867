import { GUARDED_ABOVE } from '../../../wiring'
import { missingFitting } from '../../missingFitting'

/** Controller’s input is charged through a resistor first. */
export const noPrecharge = missingFitting({
  fitting: 'precharge',
  part: 'controller',
  checks: 'Controller’s input is charged through a resistor first',
  severity: 'caution',
  clashAbove: GUARDED_ABOVE,
  title: 'no precharge',
  sentence: 'Closed onto empty capacitors the contactor sees thousands of amps: contacts weld, capacitors age.',
})
