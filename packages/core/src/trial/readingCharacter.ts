import type { ReadingKind } from '../project/told/readingKind'

/** What is particular to a kind of reading. */
export interface ReadingCharacter {
  label: string
  /** σ of ln of what was read, in slack water both ways (handbook, one curve; common practice) */
  noise: number
  /** it went through the electric drive, so what the drive leaves open is in it */
  throughDrive: boolean
}

/** Each kind of reading. */
export const READINGS: Readonly<Record<ReadingKind, ReadingCharacter>> = {
  battery: { label: 'power at the battery', noise: 0.05, throughDrive: true },
  shaft: { label: 'power at the shaft', noise: 0.05, throughDrive: true },
  // what rpm tell hangs on pitch and wake, which are known to a few per cent
  rpm: { label: 'motor speed', noise: 0.04, throughDrive: false },
  pull: { label: 'pull of a tow line', noise: 0.1, throughDrive: false },
  // what is not known of the engine and its propeller is not noise: all its readings share it
  fuel: { label: 'fuel of the old engine', noise: 0.1, throughDrive: false },
  engine: { label: 'old engine at full throttle', noise: 0.1, throughDrive: false },
  charge: { label: 'charge used in a time', noise: 0.1, throughDrive: true },
}
