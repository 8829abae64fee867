import { missingFitting } from '../../missingFitting'

/** Energy is counted by a shunt. */
export const noShunt = missingFitting({
  fitting: 'shunt',
  part: 'pack',
  checks: 'Energy is counted by a shunt',
  severity: 'note',
  title: 'no shunt',
  sentence: 'Volts say little of what is left, least of all with these cells. A shunt counts what goes in and out.',
})
