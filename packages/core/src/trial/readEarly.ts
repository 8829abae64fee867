import { METRIC_UNITS, type UnitChoice } from '../units'
import type { TrialPoint } from '../project/definition/projectFields'
import { readReading, type ReadSentence } from './readReading'
import { readTrialTable } from './readTrialTable'

const RPM_LATER = {
  ok: false as const,
  message:
    'Rpm tell something once the motor and propeller that turned are on the benches. Add it on the power curve then.',
}

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
  return read.point.kind === 'rpm' ? RPM_LATER : read
}

/** Readings in an owner's words, understood, or a sentence that says which is not and why. */
export type ReadSentences = { ok: true; points: TrialPoint[] } | { ok: false; message: string }

/** What stands between two readings of one line. */
const BETWEEN = /;\s*|,\s+|\s+(?:and|then)\s+/i

/**
 * Understands all that an owner tells of her before there is a design: one reading, several in a line, or rows pasted
 * from a table.
 *
 * @param text lines in the owner's words, or a table with or without a heading (readTrialTable)
 * @param choice the owner's units, for messages
 * @returns the readings in their order; of several lines the one that is not understood is named
 * @example readEarlyAll('4 kn 900 W, 5 kn 1.9 kW').points.length // 2
 */
export function readEarlyAll(text: string, choice: UnitChoice = METRIC_UNITS): ReadSentences {
  const lines = text.split(/\r?\n/).filter(line => line.trim()),
    points: TrialPoint[] = []
  for (const [i, line] of lines.entries()) {
    const read = readLine(line, choice)
    if (read.ok) {
      points.push(...read.points)
      continue
    }
    if (lines.length === 1) return read
    const table = readTrialTable(text, choice)
    if (table.outcome === 'read' && table.points.length > 0)
      return table.points.some(p => p.kind === 'rpm') ? RPM_LATER : { ok: true, points: table.points }
    return { ok: false, message: `Line ${i + 1}: ${read.message}` }
  }
  return { ok: true, points }
}

/** The readings of a line: as much of it is one as makes sense together. */
function readLine(line: string, choice: UnitChoice): ReadSentences {
  const whole = readEarly(line, choice)
  if (whole.ok) return { ok: true, points: [whole.point] }
  const points: TrialPoint[] = []
  let sentence = '',
    last: ReadSentence = whole
  for (const part of line.split(BETWEEN)) {
    const longer = sentence ? `${sentence} ${part}` : part,
      read = readEarly(longer, choice)
    if (last.ok && sentence && !read.ok) {
      points.push(last.point)
      sentence = part
      last = readEarly(part, choice)
    } else {
      sentence = longer
      last = read
    }
  }
  // what is wrong with the whole line is told, where no part of it is a reading
  if (!last.ok) return points.length > 0 ? last : { ok: false, message: whole.message }
  return { ok: true, points: [...points, last.point] }
}
