import { XMLParser, XMLValidator } from 'fast-xml-parser'

/** Parts of a file of which nothing is sure. */
export type Loose = Record<string, unknown>

/** What stands once or several times, as a list. */
export const listOf = (value: unknown): Loose[] =>
  value === undefined || value === null || value === ''
    ? []
    : Array.isArray(value)
      ? (value as Loose[])
      : [value as Loose]

const lowerFirst = (s: string) => s.charAt(0).toLowerCase() + s.slice(1)

/**
 * A GPX file as parts, without entities.
 *
 * @param text of the file
 * @returns its root, or a sentence
 */
export function gpxDocument(text: string): { ok: true; gpx: Loose } | { ok: false; message: string } {
  const valid = XMLValidator.validate(text)
  if (valid !== true)
    return {
      ok: false,
      message: `The file is not a whole GPX file: line ${valid.err.line}, ${lowerFirst(valid.err.msg)}`,
    }
  let gpx: Loose | undefined
  try {
    const parser = new XMLParser({ ignoreAttributes: false, attributeNamePrefix: '', processEntities: false })
    gpx = (parser.parse(text) as { gpx?: Loose }).gpx
  } catch (error) {
    return { ok: false, message: `The file is not a whole GPX file: ${lowerFirst((error as Error).message)}` }
  }
  return gpx
    ? { ok: true, gpx }
    : { ok: false, message: 'The file holds no “gpx”. Export the route or track as GPX and try again.' }
}
