import { usualOf } from '../../fields'
import { PROJECT_FIELDS } from '../definition/projectFields'

/** Dimensions of a boat whose owner has not measured them, and what is usual of the rest. */
export const NOT_MEASURED = usualOf(PROJECT_FIELDS.boat.fields)

/** Old gears of which nothing is known. */
export const UNKNOWN_GEARS = usualOf(PROJECT_FIELDS.boat.fields.drive.fields)

/** A document without runs, readings and typed words. */
export const NOTHING_RECORDED = {
  trial: { points: [], setups: [], use: 'theory' as const },
  heat: { points: [] },
  day: usualOf(PROJECT_FIELDS.day.fields),
  yard: usualOf(PROJECT_FIELDS.yard.fields),
  log: usualOf(PROJECT_FIELDS.log.fields),
  typed: {},
}

/** A design of which nothing is bought yet. */
export const NOTHING_HELD = usualOf(PROJECT_FIELDS.held.fields)
