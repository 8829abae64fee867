import { missingFitting } from '../../missingFitting'

/** Metal parts joined. */
export const noBonding = missingFitting({
  fitting: 'bonding',
  part: 'hull',
  checks: 'Metal parts and motor case are bonded',
  severity: 'caution',
  title: 'not bonded',
  sentence:
    'A fault can put volts on motor case, shaft or hull unnoticed. Join them to the earth point; the pack’s ' +
    'poles stay clear of it above the touch limit.',
})
