import type { Mount } from '../drive'
import type { DriveKind } from '../hull'
import { valueOf, voltsOf, type Said } from './said'

const MOUNT_WORDS: readonly (readonly [Mount, RegExp])[] = [
  ['trolling motor', /trolling/i],
  ['pod', /\bpod\b/i],
  ['sail drive', /sail ?drive/i],
  ['outboard', /outboard/i],
]
const inRpm = (si: number | null) => (si === null ? null : 60 * si)
/** A propeller's size told in inches without saying so: no propeller is 12 mm across. */
const INCH = 0.0254,
  IN_INCHES = 60

const LENGTH = '(\\d+(?:[.,]\\d+)?)\\s*(mm|cm|in(?:ch(?:es)?)?|["″”])?',
  SIZES = new RegExp(`${LENGTH}\\s*(?:x|×|\\*|by)\\s*${LENGTH}`, 'i')

/** Two lengths told as 12 × 9, in m; inches where no unit stands and the numbers are small. */
export function sizesIn(words: string): readonly [number, number] | null {
  const found = SIZES.exec(words)
  if (!found) return null
  const unit = found[4] ?? found[2] ?? ''
  const number = (text: string) => Number(text.replace(',', '.'))
  const across = number(found[1]!),
    scale = /^mm/i.test(unit) ? 0.001 : /^cm/i.test(unit) ? 0.01 : unit || across < IN_INCHES ? INCH : 0.001
  return [across * scale, number(found[3]!) * scale]
}

/** Turns of a motor for one of what it drives, told as 2.3:1 or, by teeth, 26:13; null where none is told. */
export function ratioIn(words: string): number | null {
  const found = /(\d+(?:[.,]\d+)?)\s*(?::|to)\s*(\d+(?:[.,]\d+)?)(?!\s*[a-z%])/i.exec(words)
  if (!found) return null
  const [a, b] = [found[1]!, found[2]!].map(t => Number(t.replace(',', '.'))) as [number, number]
  return a > 0 && b > 0 ? Math.max(a, b) / Math.min(a, b) : null
}

/** What is told of a motor, leg and propeller sold as one. */
export function wholeDrivePlate(said: Said): Record<string, unknown> {
  const { rated, least, greatest } = voltsOf(said),
    amps = valueOf(said, 'current'),
    peakAmps = valueOf(said, 'current', ['peak']),
    power = valueOf(said, 'power')
  // horsepower on a cowl are what reaches the propeller; kilowatts are what it takes
  const horses = /\d\s*(?:hp|ps|bhp|cv|pk)\b/i.test(said.words)
  const input = rated !== null && amps !== null ? rated * amps : horses ? null : power
  const sizes = sizesIn(said.words)
  return {
    mount: MOUNT_WORDS.find(([, pattern]) => pattern.test(said.words))?.[0] ?? null,
    inputPower: input,
    ratedPower: horses ? power : input !== null && power !== null && power < 0.98 * input ? power : null,
    peakInput: valueOf(said, 'power', ['peak']) ?? (rated !== null && peakAmps !== null ? rated * peakAmps : null),
    thrust: valueOf(said, 'force', ['rated', 'thrust', 'peak']),
    ratedVoltage: rated,
    leastVoltage: least,
    greatestVoltage: greatest,
    propellerRpm: inRpm(valueOf(said, 'rotation', ['rated', 'peak'])),
    gearRatio: ratioIn(said.words),
    diameter: sizes?.[0] ?? null,
    pitch: sizes?.[1] ?? null,
    blades: bladesIn(said.words),
    mass: valueOf(said, 'partMass'),
  }
}

/** What is told of a controller. */
export function controllerPlate(said: Said): Record<string, unknown> {
  const { rated, least, greatest } = voltsOf(said),
    power = valueOf(said, 'power')
  return {
    leastVoltage: least ?? (rated === null ? null : 0.75 * rated),
    greatestVoltage: greatest ?? (rated === null ? null : 1.25 * rated),
    batteryCurrent: valueOf(said, 'current') ?? (power !== null && rated !== null ? power / rated : null),
    batteryCurrentPeak: valueOf(said, 'current', ['peak']),
    phaseCurrent: valueOf(said, 'current', ['phase']),
    mass: valueOf(said, 'partMass'),
  }
}

const bladesIn = (words: string): number | null => {
  const found = /\b([2-7]|two|three|four|five)[- ]?blade/i.exec(words)?.[1]?.toLowerCase()
  return found ? ({ two: 2, three: 3, four: 4, five: 5 }[found] ?? Number(found)) : null
}

/** What is told of a propeller: 12 × 9, 3 blades. */
export function propellerPlate(said: Said): Record<string, unknown> {
  const sizes = sizesIn(said.words)
  return {
    kind: /folding/i.test(said.words) ? 'folding' : /feathering/i.test(said.words) ? 'feathering' : null,
    blades: bladesIn(said.words),
    diameter: sizes?.[0] ?? valueOf(said, 'smallLength'),
    pitch: sizes?.[1] ?? null,
    hand: /left[- ]hand/i.test(said.words) ? 'left' : null,
    mass: valueOf(said, 'partMass'),
  }
}

/** What is told of a waterjet. */
export const jetPlate = (said: Said): Record<string, unknown> => ({
  impellerDiameter: valueOf(said, 'smallLength'),
  ratedPower: valueOf(said, 'power', ['rated', 'peak']),
  ratedRpm: inRpm(valueOf(said, 'rotation', ['rated', 'peak'])),
  mass: valueOf(said, 'partMass'),
})

/** Which leg a line speaks of; null where it speaks of none. */
export function legIn(words: string): DriveKind | null {
  if (!/\b(?:leg|lower unit|gear ?case|stern ?drive|outdrive)\b/i.test(words)) return null
  return /sail ?drive/i.test(words) ? 'sailDrive' : /stern ?drive|outdrive/i.test(words) ? 'sternDrive' : 'outboard'
}
