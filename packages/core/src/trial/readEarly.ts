import { METRIC_UNITS, type UnitChoice } from '../units'
import { readReading, type ReadSentence } from './readReading'

/**
 * Understands what an owner tells of her before there is a design: another drive stood in her then.
 *
 * @param sentence in the owner's words, such as "with 90 hp she did 17 mph"
 * @param choice the owner's units, for messages
 * @returns the reading; rpm say nothing without their motor and propeller
 * @example readEarly('4 kn 900 W').ok // true
 */
export function readEarly(sentence: string, choice: UnitChoice = METRIC_UNITS): ReadSentence {
  const read = readReading(sentence, choice)
  if (!read.ok) return read
  return read.point.kind !== 'rpm'
    ? read
    : {
        ok: false,
        message:
          'Rpm tell something once the motor and propeller that turned are on the benches. Add it on the power curve ' +
          'then.',
      }
}
