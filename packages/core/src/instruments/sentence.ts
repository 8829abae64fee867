/** A sentence of NMEA 0183: who speaks, what it is, and its fields. */
export interface Sentence {
  talker: string
  type: string
  fields: string[]
}

/** A line as it was read, or why it is none. */
export type SentenceOutcome = { ok: true; sentence: Sentence } | { ok: false; why: 'empty' | 'form' | 'checksum' }

/** A sentence has 82 characters; what talks longer than this is noise. */
const LONGEST = 160
const FORM = /^[$!]([A-Z0-9]{2})([A-Z]{3}),([\x20-\x29\x2b-\x7e]*?)(?:\*([0-9A-F]{2}))?$/i

/**
 * Checksum of what stands between $ and *.
 *
 * @param body the characters
 * @returns two hexadecimal digits
 * @example checksum('GPGLL,5057.970,N,00146.110,E,142451,A') // '27'
 *
 * Source: NMEA 0183, exclusive or of all characters.
 */
export function checksum(body: string): string {
  let sum = 0
  for (let i = 0; i < body.length; i++) sum ^= body.charCodeAt(i)
  return (sum & 0xff).toString(16).toUpperCase().padStart(2, '0')
}

/**
 * Reads a line. One without a checksum is taken; one whose checksum is wrong is not.
 *
 * @param line as it came, with or without its end and a tag block before it
 * @returns the sentence, or why it is none
 * @example readSentence('$HEHDT,274.07,T*19').ok // true
 */
export function readSentence(line: string): SentenceOutcome {
  if (line.length > 2 * LONGEST) return { ok: false, why: 'form' }
  const clean = line.trim().replace(/^\\[^\\]*\\/, '')
  if (!clean) return { ok: false, why: 'empty' }
  if (clean.length > LONGEST) return { ok: false, why: 'form' }
  const match = FORM.exec(clean)
  if (!match) return { ok: false, why: 'form' }
  const [, talker, type, fields, sum] = match as unknown as [string, string, string, string, string | undefined]
  if (sum && checksum(clean.slice(1, clean.lastIndexOf('*'))) !== sum.toUpperCase())
    return { ok: false, why: 'checksum' }
  return {
    ok: true,
    sentence: { talker: talker.toUpperCase(), type: type.toUpperCase(), fields: fields.split(',').map(f => f.trim()) },
  }
}

/**
 * Writes a sentence with its checksum.
 *
 * @param talker two letters
 * @param type three letters
 * @param fields in their order
 * @returns the line without its end
 * @example writeSentence('HE', 'HDT', ['274.07', 'T']) // '$HEHDT,274.07,T*19'
 */
export function writeSentence(talker: string, type: string, fields: readonly string[]): string {
  const body = `${talker}${type},${fields.join(',')}`
  return `$${body}*${checksum(body)}`
}
