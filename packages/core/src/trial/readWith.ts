import { fieldError, readField, type ChoiceField, type NumberField } from '../fields'
import { RUN_SETUP, TRIAL_POINT } from '../project/definition/readingFields'
import type { RunSetup, TrialPoint } from '../project/definition/projectFields'
import type { FieldError } from '../project/reading/readProject'
import { knowsWheel } from '../project/told/runSetup'
import { METRIC_UNITS, parseQuantity, quoted, type UnitChoice } from '../units'
import { readReading } from './readReading'
import { readEarly } from './readEarly'

/** A reading as its owner tells it, and what it was made with. */
export interface ToldReading {
  point: TrialPoint
  made: Partial<RunSetup>
}
/** Readings understood, or every reason why not, by field. */
export type ReadKnown = { ok: true; told: ToldReading[] } | { ok: false; errors: FieldError[] }

/** Nobody said what drove her: nothing of the boat's own parts is taken for it. */
export const NOT_SAID = { made: 'unknown', packKnown: false, houseLoad: 0 } as const satisfies Partial<RunSetup>

type Reader = (value: unknown, choice: UnitChoice) => Partial<RunSetup> | string
const { fields } = RUN_SETUP

/** A number of the setup, in SI or in words with a unit. */
const numberAs =
  (key: keyof RunSetup, field: NumberField): Reader =>
  (value, choice) => {
    if (typeof value === 'number') return fieldError(field, value) ?? { [key]: value }
    const read = readField(field, words(value), choice)
    return read.ok ? { [key]: read.value } : read.message
  }
const choiceAs =
  (key: keyof RunSetup, { options }: ChoiceField): Reader =>
  value =>
    options.includes(value as string) ? { [key]: value } : `It should be one of ${options.join(', ')}.`
const words = (value: unknown): string => (typeof value === 'string' ? value : (JSON.stringify(value) ?? ''))

/** What a reading was made with, by the names under which it is told. */
const WITH: Readonly<Record<string, Reader>> = {
  drive: choiceAs('made', fields.made),
  name: value =>
    typeof value === 'string' && value.length <= fields.name.longest
      ? { name: value }
      : `The name should be words, at most ${fields.name.longest} letters.`,
  kind: choiceAs('kind', fields.kind),
  plate: numberAs('plate', fields.plate),
  notches: numberAs('notches', fields.notches),
  gear: numberAs('gear', fields.gear),
  propeller: readWheel,
  dragged: choiceAs('still', fields.still),
  pack: readPack,
  mass: numberAs('mass', fields.mass),
  bottom: choiceAs('hullCondition', fields.hullCondition),
  wind: numberAs('headWind', fields.headWind),
  house: numberAs('houseLoad', fields.houseLoad),
}

/** "12 × 9", "12 x 9 in", "305 mm × 229 mm": bare numbers are inches, as propellers are sold. */
function readWheel(value: unknown, choice: UnitChoice): Partial<RunSetup> | string {
  const found = /^\s*([\d.,]+)\s*([a-z"″]*)\s*[×x*]\s*([\d.,]+)\s*([a-z"″]*)\s*$/i.exec(words(value))
  if (!found) return `${quoted(words(value))} is no propeller: say how far across and its pitch, “12 × 9 in”.`
  const unit = found[4] || found[2] || 'in'
  const [diameter, pitch] = [
    readField(fields.diameter, `${found[1]} ${found[2] || unit}`, choice),
    readField(fields.pitch, `${found[3]} ${unit}`, choice),
  ]
  if (!diameter.ok) return diameter.message
  return pitch.ok ? { diameter: diameter.value, pitch: pitch.value } : pitch.message
}

/** "12 V 100 Ah", "1.2 kWh", "48 V 5 kWh". */
function readPack(value: unknown): Partial<RunSetup> | string {
  const told = words(value)
  const of = (pattern: RegExp, quantity: 'voltage' | 'charge' | 'energy') => {
    const amount = pattern.exec(told)?.[0]
    const read = amount === undefined ? null : parseQuantity(amount, quantity)
    return read?.ok ? read.value : null
  }
  const volts = of(/[\d.,]+\s*V(?:olts?)?\b/i, 'voltage'),
    charge = of(/[\d.,]+\s*Ah\b/i, 'charge')
  const energy = of(/[\d.,]+\s*k?Wh\b/i, 'energy') ?? (volts !== null && charge !== null ? volts * charge * 3600 : null)
  if (!energy || !(energy > 0)) return `${quoted(told)} is no pack: say its volts and Ah, “12 V 100 Ah”, or its kWh.`
  return { packKnown: true, packEnergy: energy, ...(volts ? { packVoltage: volts } : {}) }
}

/**
 * Readings from data that came from JSON: sentences, each bare or with what it was made with. A bare one is made with a
 * drive that nobody knows.
 *
 * @param data a list of "3.9 kn 1850 W" or { say, with: { drive, kind, name, plate, notches, gear, propeller, dragged,
 *   pack, mass, bottom, wind, house, sea } }; numbers in SI or words with a unit
 * @param field its name, for messages
 * @param choice units for bare numbers
 * @returns the readings, or errors by field
 * @example readKnown([{ say: '1.6 kn 12 V 9 A', with: { kind: 'trollingMotor' } }], 'known').ok // true
 */
export function readKnown(data: unknown, field: string, choice: UnitChoice = METRIC_UNITS): ReadKnown {
  if (!Array.isArray(data))
    return {
      ok: false,
      errors: [{ field, message: 'What you know already should be a list of sentences: ["3.9 kn 1850 W"].' }],
    }
  const errors: FieldError[] = [],
    told: ToldReading[] = []
  for (const [i, entry] of (data as unknown[]).entries()) {
    const at = `${field}.${i}`,
      before = errors.length
    const { say, with: given } = typeof entry === 'string' ? { say: entry, with: undefined } : asEntry(entry)
    if (typeof say !== 'string') {
      errors.push({ field: at, message: 'It should be a sentence, or { "say": "4 kn 900 W", "with": { … } }.' })
      continue
    }
    const { made, sea } = readMade(given, `${at}.with`, choice, errors)
    // turns tell something through a gear and a propeller alone
    const { made: by = 'unknown', gear = null, diameter = null, pitch = null } = made
    const read = knowsWheel({ made: by, gear, diameter, pitch }) ? readReading(say, choice) : readEarly(say, choice)
    if (!read.ok) errors.push({ field: at, message: read.message })
    else if (errors.length === before) told.push({ point: { ...read.point, sea: sea ?? read.point.sea }, made })
  }
  return errors.length > 0 ? { ok: false, errors } : { ok: true, told }
}

const asEntry = (entry: unknown): { say?: unknown; with?: unknown } =>
  typeof entry === 'object' && entry !== null ? entry : {}

/** What a reading was made with; what makes no sense is added to the errors. */
function readMade(
  given: unknown,
  field: string,
  choice: UnitChoice,
  errors: FieldError[],
): { made: Partial<RunSetup>; sea: TrialPoint['sea'] | null } {
  if (given === undefined) return { made: NOT_SAID, sea: null }
  if (typeof given !== 'object' || given === null || Array.isArray(given)) {
    errors.push({ field, message: `It should be one object: { ${Object.keys(WITH).join(', ')}, sea }.` })
    return { made: NOT_SAID, sea: null }
  }
  let made: Partial<RunSetup> = {},
    sea: TrialPoint['sea'] | null = null
  for (const [key, value] of Object.entries(given)) {
    if (key === 'sea') {
      const known = TRIAL_POINT.fields.sea.options.find(s => s === value)
      if (known === undefined)
        errors.push({ field: `${field}.sea`, message: 'It should be smooth, slight, moderate or rough.' })
      else sea = known
      continue
    }
    const read = Object.hasOwn(WITH, key)
      ? WITH[key]!(value, choice)
      : `${quoted(key)} is not among ${Object.keys(WITH).join(', ')}, sea.`
    if (typeof read === 'string') errors.push({ field: `${field}.${key}`, message: read })
    else made = { ...made, ...read }
  }
  // who names a kind or a plate and no drive speaks of one that is not on the board
  const fallback = ['kind', 'plate', 'notches', 'gear', 'propeller', 'name'].some(key => key in given)
    ? 'another'
    : 'unknown'
  const drive = made.made ?? fallback
  return { made: drive === 'asFitted' ? made : { ...NOT_SAID, made: drive, ...made }, sea }
}
