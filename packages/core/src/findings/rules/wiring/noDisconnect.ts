import { missingFitting } from '../../missingFitting'

/** A main disconnect parts the pack by hand. */
export const noDisconnect = missingFitting({
  fitting: 'disconnect',
  part: 'pack',
  checks: 'A main disconnect parts the pack by hand',
  severity: 'caution',
  title: 'no main disconnect',
  sentence: 'For work and for leaving her the pack must be parted by hand, close to it, without tools.',
  caution: 'Work only on a parted pack, with its poles covered. Local code first.',
})
