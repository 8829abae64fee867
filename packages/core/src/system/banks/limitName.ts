/** What may stop the boat from going faster. */
export type LimitName =
  | 'motorTorque'
  | 'motorRpm'
  | 'voltage'
  | 'batteryAmps'
  | 'phaseAmps'
  | 'packAmps'
  | 'packPower'
  | 'bms'
  | 'fuse'
  | 'contactor'
  | 'mainCable'

/** Each limit in an owner's words. */
export const LIMIT_LABELS: Record<LimitName, string> = {
  motorTorque: 'motor',
  motorRpm: 'motor rpm',
  voltage: 'volts',
  batteryAmps: 'battery amps',
  phaseAmps: 'motor amps',
  packAmps: 'cell amps',
  packPower: 'pack',
  bms: 'BMS',
  fuse: 'main fuse',
  contactor: 'contactor',
  mainCable: 'main cable',
}
