import { fieldError, readField, type NumberField } from '../../fields'
import { readHave, type Had } from '../../have'
import { DRIVE_KINDS, HULL_TYPE_IDS, hullTypeOf, type DriveKind, type HullTypeId } from '../../hull'
import { quoted } from '../../units'
import { FIELDS, type FieldPath } from '../definition/fields'
import { typicalAnswers, usualLength, type FirstAnswers } from '../begin/newProject'
import { PROJECT_FIELDS } from '../definition/projectFields'
import type { FieldError } from './readProject'

const LONGEST_NAME = PROJECT_FIELDS.name.longest

/** The numbers among the answers, by the field of the document that they become. */
export const ANSWER_FIELDS = {
  lengthOverAll: 'boat.lengthOverAll',
  beam: 'boat.beam',
  mass: 'boat.mass',
  greatestDiameter: 'boat.drive.greatestDiameter',
  oldEnginePower: 'boat.oldEngine.ratedPower',
  cruiseSpeed: 'use.cruiseSpeed',
  duration: 'use.duration',
  houseLoad: 'use.houseLoad',
  topSpeed: 'use.topSpeed',
  topTime: 'use.topTime',
} as const satisfies Partial<Record<keyof FirstAnswers, FieldPath>>
type NumberAnswer = keyof typeof ANSWER_FIELDS
const NUMBERS = Object.keys(ANSWER_FIELDS) as NumberAnswer[]

/** Answers read, with what the owner knows of her power, for readKnown; or every reason why not. */
export type ReadAnswers =
  | {
      ok: true
      answers: FirstAnswers
      known: unknown[]
      have: Had[]
      /** whether a speed or a time was asked for, and a place for the propeller told */
      wish: boolean
      placeTold: boolean
    }
  | { ok: false; errors: FieldError[] }

/**
 * Reads the ten answers from data that came from JSON: a number is SI, words carry their unit ("25 ft 5 in"). What is
 * left out, empty or null is usual for the kind and length of boat; only the kind of hull must be said.
 *
 * @param data { hullType, name, drive, variant, lengthOverAll, beam, mass, massHolds, drives, greatestDiameter,
 * oldEnginePower,
 *   cruiseSpeed, topSpeed, topTime, duration, houseLoad, known, have }; `have` is what he has, a sentence each
 * @returns the answers, or errors by field
 * @example readAnswers({ hullType: 'keelYacht', lengthOverAll: '25 ft' }).ok // true
 */
export function readAnswers(data: unknown): ReadAnswers {
  if (typeof data !== 'object' || data === null || Array.isArray(data))
    return { ok: false, errors: [{ field: 'file', message: 'The answers should be one object, { "hullType": … }.' }] }
  const given = data as Record<string, unknown>
  const errors: FieldError[] = []
  const wrong = (field: string, message: string) => void errors.push({ field, message })
  const known = new Set([...NUMBERS, 'name', 'hullType', 'variant', 'drive', 'drives', 'massHolds', 'known', 'have'])
  for (const key of Object.keys(given))
    if (!known.has(key)) wrong(key, `${quoted(key)} is not one of the answers: ${[...known].join(', ')}.`)
  const hullType = oneOf<HullTypeId>(given.hullType, HULL_TYPE_IDS)
  if (!hullType) {
    wrong('hullType', `Say what kind of hull she is: ${HULL_TYPE_IDS.join(', ')}.`)
    return { ok: false, errors }
  }
  const { drives, variants } = hullTypeOf(hullType)
  const read = (key: NumberAnswer): number | undefined => {
    const value = numberOf(given[key], FIELDS[ANSWER_FIELDS[key]])
    if (typeof value === 'string') wrong(key, value)
    return typeof value === 'number' ? value : undefined
  }
  const lengthOverAll = read('lengthOverAll') ?? usualLength(hullType)
  const typical = typicalAnswers(hullType, lengthOverAll)
  const numbers = Object.fromEntries(
    NUMBERS.filter(key => key !== 'lengthOverAll').map(key => [key, read(key) ?? typical[key]]),
  ) as Partial<FirstAnswers>
  const drive = given.drive === undefined ? drives[0]! : oneOf<DriveKind>(given.drive, DRIVE_KINDS)
  if (!drive) wrong('drive', `The drive should be one of ${drives.join(', ')}.`)
  const variant = given.variant === undefined ? undefined : oneOf(given.variant, Object.keys(variants))
  if (variant === null)
    wrong(
      'variant',
      Object.keys(variants).length > 0
        ? `It should be one of ${Object.keys(variants).join(', ')}.`
        : 'This kind of hull has none.',
    )
  const massHolds = given.massHolds === undefined ? undefined : oneOf(given.massHolds, ['before', 'after'] as const)
  if (massHolds === null)
    wrong(
      'massHolds',
      'It should be “before” (old engine aboard) or “after” (new drive aboard, as is taken if left out).',
    )
  const count = given.drives
  if (count !== undefined && count !== 1 && count !== 2) wrong('drives', 'The drives side by side are 1 or 2.')
  const sentences = given.known === undefined ? [] : given.known
  if (!Array.isArray(sentences))
    wrong('known', 'What you know already should be a list of sentences: ["3.9 kn 1850 W"].')
  const lines = given.have === undefined ? [] : given.have,
    have: Had[] = []
  if (!Array.isArray(lines)) wrong('have', 'What you have should be a list of sentences: ["48 cells LFP 304 Ah"].')
  else
    for (const [i, line] of lines.entries()) {
      const read = typeof line === 'string' ? readHave(line) : null
      have.push(...(read?.had ?? []))
      if (!read) wrong(`have.${i}`, 'This should be a sentence, such as "48 cells LFP 304 Ah".')
      else if (read.readings) wrong(`have.${i}`, `${quoted(read.readings)} is a reading: it belongs in "known".`)
      else if (read.errors[0]) wrong(`have.${i}`, read.errors[0].message)
    }
  if (given.name !== undefined && (typeof given.name !== 'string' || given.name.length > LONGEST_NAME))
    wrong('name', `The name should be words, at most ${LONGEST_NAME} letters.`)
  if (errors.length > 0) return { ok: false, errors }
  return {
    ok: true,
    answers: {
      ...typical,
      ...numbers,
      name: (given.name as string | undefined)?.trim() ?? '',
      hullType,
      lengthOverAll,
      drive: drive!,
      ...(variant ? { variant } : {}),
      ...(massHolds ? { massHolds } : {}),
      ...(count === 2 ? { drives: count } : {}),
    },
    known: sentences as unknown[],
    have,
    wish: ['cruiseSpeed', 'topSpeed', 'duration'].some(key => read(key as NumberAnswer) !== undefined),
    placeTold: read('greatestDiameter') !== undefined,
  }
}

const oneOf = <T extends string>(value: unknown, of: readonly T[]): T | null => of.find(o => o === value) ?? null

/** A number in SI, or words with a unit; undefined for nothing; a sentence when it will not do. */
function numberOf(value: unknown, field: NumberField): number | string | undefined {
  if (value === undefined || value === null || value === '') return undefined
  if (typeof value !== 'string') return fieldError(field, value) ?? (value as number)
  const read = readField(field, value)
  return read.ok ? (read.value ?? undefined) : read.message
}
