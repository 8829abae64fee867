import { METRIC_UNITS, type UnitChoice } from '../units'
import { readReading, type ReadSentence } from './readReading'
import { READINGS } from './readingCharacter'

/** σ of ln of what was read through a drive of which nothing is known (judgement: drives of one kind differ by it). */
const OTHER_DRIVE = 0.2

/**
 * Understands what an owner tells of her before there is a design: another drive stood in her then.
 *
 * @param sentence in the owner's words, such as "with 90 hp she did 17 mph"
 * @param choice the owner's units, for messages
 * @returns the reading with the doubt that this leaves; rpm say nothing without their motor and propeller
 * @example readEarly('4 kn 900 W').ok // true
 */
export function readEarly(sentence: string, choice: UnitChoice = METRIC_UNITS): ReadSentence {
  const read = readReading(sentence, choice)
  if (!read.ok) return read
  const { kind, doubt } = read.point
  if (kind === 'rpm')
    return {
      ok: false,
      message:
        'Rpm tell something once the motor and propeller that turned are on the benches. Add it on the power curve ' +
        'then.',
    }
  if (!READINGS[kind].throughDrive) return read
  return { ok: true, point: { ...read.point, doubt: Math.max(OTHER_DRIVE, doubt ?? 0) } }
}
