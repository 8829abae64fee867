import { missingFitting } from '../../missingFitting'

/** Every source of charge can be stopped by the BMS. */
export const noChargeRelays = missingFitting({
  fitting: 'chargeRelays',
  part: 'pack',
  checks: 'Every source of charge can be stopped by the BMS',
  severity: 'caution',
  title: 'charging without a say',
  sentence: 'A charger or a panel that the BMS cannot stop goes on into a full or cold cell.',
  caution:
    'Overcharged or frozen lithium cells can catch fire. A relay that the BMS opens, for each source. Local ' +
    'code first; a licensed electrician checks it.',
})
