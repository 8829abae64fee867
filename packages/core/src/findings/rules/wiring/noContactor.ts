import { missingFitting } from '../../missingFitting'

/** A contactor can part pack and drive. */
export const noContactor = missingFitting({
  fitting: 'contactor',
  part: 'pack',
  checks: 'A contactor can part pack and drive',
  severity: 'caution',
  title: 'no contactor',
  sentence: 'Nothing but a hand at the fuse can part pack and drive while amps flow.',
  caution: 'A DC arc burns on at any boat voltage. Local code first; a licensed electrician checks it.',
})
