import { choice, group, list, record, text, yes, type ValueOf } from '../../fields/field'
import { LOG_FIELDS } from './logFields'
import { YARD } from './yardFields'
import { DAY_OUT } from './dayFields'
import { PROJECT_VERSION } from './projectVersion'
import { BOAT } from './boatFields'
import { USE } from './useFields'
import { DESIGN } from './designFields'
import { HEAT_POINT, RUN_SETUP, TRIAL_POINT } from './readingFields'

// Every field of a boat's document, once: form, messages, schema, files, JSON Schema, lists and types are made of it.
// SI, but for what carries another unit in its name (rpm, Ah) and mm² of copper.

const held = <const L extends string>(label: L) => yes({ label, usual: false })
/** The whole document. */
export const PROJECT_FIELDS = {
  format: choice({ label: 'Format', options: ['remigo-boat'] }),
  version: choice({ label: 'Version', options: [PROJECT_VERSION] }),
  id: text({ label: 'Id', shortest: 1, longest: 80 }),
  name: text({ label: 'Name', shortest: 1, longest: 60 }),
  story: text({ label: 'Story', shortest: 0, longest: 600, usual: '' }),
  boat: BOAT,
  use: USE,
  design: DESIGN,
  trial: group('Sea trial', {
    points: list({ label: 'Readings', of: TRIAL_POINT, longest: 200 }),
    setups: list({ label: 'Setups of the readings', of: RUN_SETUP, longest: 200 }),
    use: choice({ label: 'Curve used', options: ['theory', 'measured'] }),
  }),
  heat: group('Heat', { points: list({ label: 'Readings', of: HEAT_POINT, longest: 500 }) }),
  day: DAY_OUT,
  yard: YARD,
  log: group('Log', {
    ...LOG_FIELDS,
    setups: list({ label: 'Setups of the trips', of: RUN_SETUP, longest: 200, usual: [] }),
  }),
  held: group('Held: bought already', {
    motor: held('Motor held'),
    controller: held('Controller held'),
    reduction: held('Reduction held'),
    leg: held('Leg held'),
    propeller: held('Propeller or jet held'),
    pack: held('Pack held'),
    voltage: held('Voltage held'),
    charger: held('Charger held'),
    panels: held('Panels held'),
  }),
  typed: record({ label: 'As typed', longest: 60, entries: 2000 }),
} as const

/** One boat: what it is, what it is for, what drives it. SI units; other units carry their name. */
export type Project = ValueOf<{ kind: 'group'; fields: typeof PROJECT_FIELDS }>
/** One reading of what the boat takes at a speed. */
export type TrialPoint = ValueOf<typeof TRIAL_POINT>
/** The drive that a reading was made with. */
export type RunSetup = ValueOf<typeof RUN_SETUP>
/** The parts that can be held. */
export type HeldPart = keyof Project['held']
