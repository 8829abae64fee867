import { missingFitting } from '../missingFitting'

/** Every source of charge can be stopped by the battery guard. */
export const noChargeRelays = missingFitting({
  fitting: 'chargeRelays',
  part: 'pack',
  checks: 'Every source of charge can be stopped by the battery guard',
  severity: 'caution',
  title: 'charging without a say',
  sentence: 'A charger or a panel that the guard cannot stop goes on into a full or cold cell.',
  caution:
    'Overcharged or frozen lithium cells can catch fire. A relay that the guard opens, for each source. Local ' +
    'code first; a licensed electrician checks it.',
})
