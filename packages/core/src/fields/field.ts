import type { QuantityId, UnitId } from '../units'

interface Named {
  /** as forms, messages and files name it */
  label: string
  /** in an owner's words, below the label */
  hint?: string
  /** what a new boat has, where that is the same for all */
  usual?: unknown
}

/** A number: what it is, the range that it may have (as it is kept), and how files and forms write it. */
export interface NumberField extends Named {
  kind: 'number'
  quantity: QuantityId
  least: number
  most: number
  /** a count: no fractions */
  whole?: boolean
  /** it may be left open (null): estimated, or not known */
  open?: boolean
  /** kept units in one SI unit, where another is kept (rpm: 60 in one rev/s; mm²: a million in one m²) */
  keptPerSi?: number
  /** unit of a column in a CSV file; the quantity's first where it is left out */
  fileUnit?: UnitId
}

/** One of a few words or numbers. */
export interface ChoiceField<O extends string | number = string | number> extends Named {
  kind: 'choice'
  options: readonly O[]
  open?: boolean
}

/** Yes or no. */
export interface YesField extends Named {
  kind: 'yes'
}

/** Words of the owner's. */
export interface TextField extends Named {
  kind: 'text'
  shortest: number
  longest: number
  /** what it must look like, with an example */
  like?: { pattern: RegExp; example: string }
}

/** Fields that belong together. */
export interface GroupField<F extends Fields = Fields> {
  kind: 'group'
  label: string
  fields: F
  open?: boolean
}

/** Several of the same. */
export interface ListField<N extends Field = Field> {
  kind: 'list'
  label: string
  of: N
  longest: number
  shortest?: number
  open?: boolean
}

/** Words by a key of the owner's or of Remigo's, such as what was typed in a field, by its path. */
export interface RecordField {
  kind: 'record'
  label: string
  /** letters of a value, and how many values there are at most */
  longest: number
  entries: number
}

/** What a document or a part is made of. */
export type Field = NumberField | ChoiceField | YesField | TextField | GroupField | ListField | RecordField
/** Fields by their keys. */
export interface Fields {
  readonly [key: string]: Field
}

type Bare<N> = N extends { kind: 'number' }
  ? number
  : N extends { kind: 'choice'; options: readonly (infer O)[] }
    ? O
    : N extends { kind: 'yes' }
      ? boolean
      : N extends { kind: 'text' }
        ? string
        : N extends { kind: 'group'; fields: infer F }
          ? { -readonly [K in keyof F]: ValueOf<F[K]> }
          : N extends { kind: 'list'; of: infer E }
            ? ValueOf<E>[]
            : N extends { kind: 'record' }
              ? Record<string, string>
              : never

/** The value that a field holds: a document's type is that of its fields. */
export type ValueOf<N> = N extends { open: true } ? Bare<N> | null : Bare<N>

type Of<N> = Omit<N, 'kind'>

/** Builders of the fields; the type of each is kept, so that ValueOf can tell what it holds. */
export const number = <const N extends Of<NumberField>>(of: N) => ({ kind: 'number' as const, ...of })
export const choice = <const N extends Of<ChoiceField>>(of: N) => ({ kind: 'choice' as const, ...of })
export const yes = <const N extends Of<YesField>>(of: N) => ({ kind: 'yes' as const, ...of })
export const text = <const N extends Of<TextField>>(of: N) => ({ kind: 'text' as const, ...of })
export const group = <const F extends Fields>(label: string, fields: F) => ({ kind: 'group' as const, label, fields })
export const list = <const N extends Of<ListField>>(of: N) => ({ kind: 'list' as const, ...of })
export const record = <const N extends Of<RecordField>>(of: N) => ({ kind: 'record' as const, ...of })
/** The same field, left open (null) until it is known or wanted. */
export const open = <const N extends Field>(field: N) => ({ ...field, open: true as const })

/**
 * The fields that something of a known type must have, each of the right kind: a definition that leaves one out fails.
 */
export type FieldsFor<T> = { [K in keyof T]-?: FieldFor<T[K]> }
type FieldFor<V> = null extends V ? FieldOf<NonNullable<V>> & { open: true } : FieldOf<V>
type FieldOf<V> = [V] extends [number]
  ? NumberField | ChoiceField
  : [V] extends [boolean]
    ? YesField
    : [V] extends [string]
      ? TextField | ChoiceField
      : [V] extends [readonly unknown[]]
        ? ListField
        : GroupField
