/** A motor's nameplate, as makers print it. */
export interface MotorSpec {
  id: string
  name: string
  /** mechanical, all day, W */
  ratedPower: number
  ratedRpm: number
  /** volts at which the rating holds */
  ratedVoltage: number
  /** efficiency at the rated point, 0.5 … 0.98 */
  ratedEfficiency: number
  /** no-load speed per volt, rpm/V */
  kvRpmPerVolt: number
  /** DC amps turning free at the rated voltage */
  noLoadCurrent: number
  /** mechanical, W, for `peakSeconds` */
  peakPower: number
  peakSeconds: number
  greatestRpm: number
  /** V DC */
  leastVoltage: number
  greatestVoltage: number
  cooling: 'air' | 'closed loop' | 'raw water'
  mass: number
  price: number
}
