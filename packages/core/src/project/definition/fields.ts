import { numbersOf, type NumberField, type NumberPath } from '../../fields'
import { PROJECT_FIELDS } from './projectFields'

/** A path of FIELDS: that of a number in a boat's document. */
export type FieldPath = NumberPath<typeof PROJECT_FIELDS>

/** Every number that an owner may change, by its path. */
export const FIELDS: Readonly<Record<FieldPath, NumberField>> = numbersOf(PROJECT_FIELDS)

/** Whether a path names a number of a boat's document. */
export const isFieldPath = (path: string): path is FieldPath => path in FIELDS
