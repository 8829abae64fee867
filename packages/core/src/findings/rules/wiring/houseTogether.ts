import { missingFitting } from '../../missingFitting'

/** House and traction have batteries of their own. */
export const houseTogether = missingFitting({
  fitting: 'separateHouse',
  part: 'pack',
  checks: 'House and traction have batteries of their own',
  severity: 'caution',
  title: 'house on the traction pack',
  applies: project => project.use.houseLoad > 0,
  sentence:
    'When the BMS opens, lights, bilge pump and radio go with the drive. A small battery of their own keeps them.',
})
