import { missingFitting } from '../../missingFitting'

/** Nothing keeps the motor dead while someone is at the propeller. */
export const propellerUnlocked = missingFitting({
  fitting: 'propellerLock',
  part: 'propeller',
  checks: 'The drive can be locked off while someone is at the propeller',
  severity: 'caution',
  title: 'nothing locks the propeller',
  sentence:
    'A lever that is touched, or a stream that turns the propeller, moves it while a hand is there. A key that is ' +
    'taken along, disconnect open, and a line on the blades.',
  caution: 'Key in the pocket of whoever is at the propeller or in the water beside it.',
})
