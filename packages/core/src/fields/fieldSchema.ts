import { z } from 'zod'
import { QUANTITIES, quoted, UNITS, type QuantityId, type Unit } from '../units'
import type { Field, NumberField, ValueOf } from './field'
import { fieldError } from './fieldError'

/** SI where no unit that an owner types is it. */
const SI_UNIT: Partial<Record<QuantityId, string>> = {
  distance: 'm',
  rotation: 'turns/s',
  gap: 'm',
  insulation: 'ohm',
  capacitance: 'F',
  energy: 'J',
  energyPerDistance: 'J/m',
  runningTime: 's',
  years: 's',
  angle: 'rad',
  coordinate: 'rad',
  fuelRate: 'm³/s',
  fuelVolume: 'm³',
  fuelPerEnergy: 'm³/J',
  flow: 'm³/s',
  sunlight: 'J/m²',
  perKelvin: '1/K',
  ratio: 'as a share',
  copperArea: 'm²',
  pricePerFuel: 'money/m³',
  pricePerEnergy: 'money/J',
}

/** The unit that a number is kept in, for a description: SI, or what the document names (rpm, mm², Ah). */
function keptUnit({ quantity, keptPerSi = 1 }: NumberField): string {
  if (quantity === 'temperature') return ', K'
  const units: readonly Unit[] = QUANTITIES[quantity].units.map(id => UNITS[id])
  const kept = units.find(unit => Math.abs(unit.scale * keptPerSi - 1) < 1e-9)
  const symbol = kept?.symbol ?? (keptPerSi === 1 ? SI_UNIT[quantity] : '')
  return symbol ? `, ${symbol}` : ''
}

/**
 * The Zod schema of a field: its range, its words, and its sentence for what is wrong.
 *
 * @param field its definition
 * @returns the schema, of the type that the field holds
 */
export function fieldSchema<const N extends Field>(field: N): z.ZodType<ValueOf<N>> {
  const schema = bareSchema(field)
  return ('open' in field && field.open ? schema.nullable() : schema) as unknown as z.ZodType<ValueOf<N>>
}

function bareSchema(field: Field): z.ZodType {
  const error = (issue: { input?: unknown }) => fieldError(field, issue.input) ?? undefined
  switch (field.kind) {
    case 'number': {
      const { least, most, whole, label, hint } = field
      const words = `${label}${keptUnit(field)}${hint ? `. ${hint}` : ''}`
      return (whole ? z.int({ error }) : z.number({ error })).min(least, { error }).max(most, { error }).describe(words)
    }
    case 'choice':
      return z.literal([...field.options], { error }).describe(field.label)
    case 'yes':
      return z.boolean({ error }).describe(field.label)
    case 'text':
      return z
        .string({ error })
        .min(field.shortest, { error })
        .max(field.longest, { error })
        .regex(field.like?.pattern ?? /^/, { error })
        .describe(field.label)
    case 'group':
      return groupSchema(field.fields, error).describe(field.label)
    case 'list':
      return z
        .array(fieldSchema(field.of), { error })
        .min(field.shortest ?? 0, { error })
        .max(field.longest, { error })
        .describe(field.label)
    case 'record':
      return z
        .record(z.string().max(80), z.string().max(field.longest), { error })
        .refine(kept => Object.keys(kept).length <= field.entries, {
          error: issue =>
            `${field.label} has at most ${field.entries} entries; ` +
            `these are ${Object.keys(issue.input as object).length}.`,
        })
        .describe(field.label)
  }
}

/** More names than these help nobody. */
const MOST_KEYS = 3
function unknownKeys(keys: readonly string[]): string {
  const named = keys.slice(0, MOST_KEYS).map(quoted),
    more = keys.length - named.length
  return more > 0
    ? `${named.join(', ')} and ${more} more names are not part of a Remigo boat.`
    : `${named.join(', ')} ${named.length > 1 ? 'are' : 'is'} not part of a Remigo boat.`
}

type ErrorOf = (issue: { input?: unknown }) => string | undefined
function groupSchema(fields: Record<string, Field>, error: ErrorOf): z.ZodObject {
  const shape = Object.fromEntries(Object.entries(fields).map(([key, field]) => [key, filled(field)]))
  return z.strictObject(shape, {
    error: issue => (issue.code === 'unrecognized_keys' ? unknownKeys(issue.keys) : error(issue)),
  })
}

/**
 * A field of a group as a reader takes it: what is not there has its usual value, or is open. So a field that comes
 * later needs no new version of the document.
 */
function filled(field: Field): z.ZodType {
  const schema: z.ZodType = fieldSchema(field)
  if ('usual' in field && field.usual !== undefined) return schema.default(field.usual)
  if ('open' in field && field.open) return schema.default(null)
  return field.kind === 'group' && Object.values(field.fields).every(isFilled) ? schema.prefault({}) : schema
}

const isFilled = (field: Field): boolean =>
  ('usual' in field && field.usual !== undefined) ||
  ('open' in field && field.open === true) ||
  (field.kind === 'group' && Object.values(field.fields).every(isFilled))
