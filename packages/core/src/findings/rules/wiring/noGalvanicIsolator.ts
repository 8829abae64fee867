import { missingFitting } from '../../missingFitting'

/** The shore's earth, cut off for small currents. */
export const noGalvanicIsolator = missingFitting({
  fitting: 'galvanicIsolator',
  part: 'hull',
  checks: 'The shore’s earth cannot carry galvanic current',
  severity: 'caution',
  applies: ({ design, day }) =>
    design.charging.inlet !== 'ashore' && (design.charging.supply === 'shore' || day.legs.some(l => l.plugged)),
  title: 'no galvanic isolator',
  sentence:
    'On shore power the earth wire joins her to every boat beside her: anodes, shaft and propeller are eaten ' +
    'in months. An isolator or an isolating transformer stops it.',
  caution: 'Never cut the earth wire itself: it keeps people in the water alive. A licensed electrician fits it.',
})
