import { randomLcg } from 'd3-random'
import type { ChoiceField, Field, NumberField, TextField } from '../../src/fields'
import { HULL_TYPES } from '../../src/hull'
import { atOdds, newProject, PROJECT_FIELDS, typicalAnswers, type Project } from '../../src/project'

/** Numbers from 0 to 1, the same for the same seed. */
export type Dice = () => number

const between = (dice: Dice, least: number, most: number) => least + dice() * (most - least)
const oneOf = <T>(dice: Dice, of: readonly T[]): T => of[Math.floor(dice() * of.length)]!

/** Anywhere in its range: at an end, by its size where the range spans tens, or evenly. */
function randomNumber(dice: Dice, { least, most, whole }: NumberField): number {
  const way = dice()
  const bySize = way < 0.55 && least > 0 && most / least > 20
  const value =
    way < 0.04 ? least : way < 0.08 ? most : bySize ? least * (most / least) ** dice() : between(dice, least, most)
  return whole ? Math.round(value) : Math.min(most, Math.max(least, value))
}

/** What people and other programs put into names: wide, right to left, joined, marked up, like a formula. */
const NAMES = [
  'Wisp',
  'WWWWWWWWWWWWWWWWWWWW',
  '=1+1',
  '@sum',
  'سفينة',
  'Z͑ͫ̓ͪ̂ͫ̽͏̴̙̤̞͉͚a̴̵lgo',
  '👩‍👩‍👧‍👦⛵',
  '<b>bold</b>',
  'a "b", c',
  '日本の船',
  ' ',
  'e\u0301\u200F\u202Eb',
] as const

function randomText(dice: Dice, { shortest, longest, like }: TextField): string {
  if (like) return like.example
  if (shortest === 0 && dice() < 0.3) return ''
  const name = oneOf(dice, NAMES)
  const long = dice() < 0.1 ? name.repeat(Math.ceil(longest / name.length)) : name
  // no half of a letter at the end
  return long.slice(0, longest).replace(/[\uD800-\uDBFF]$/, '') || 'x'
}

const randomChoice = (dice: Dice, { options }: ChoiceField) => oneOf(dice, options)

/** How long lists become: mostly short, at times as long as they may be. */
function lengthOf(dice: Dice, shortest: number, longest: number): number {
  const way = dice()
  return way < 0.002 ? longest : Math.min(longest, Math.max(shortest, way < 0.6 ? 0 : Math.floor(dice() * 5)))
}

/** Any value that a field's own range lets pass. */
function randomValue(dice: Dice, field: Field): unknown {
  if ('open' in field && field.open && dice() < 0.5) return null
  switch (field.kind) {
    case 'number':
      return randomNumber(dice, field)
    case 'choice':
      return randomChoice(dice, field)
    case 'yes':
      return dice() < 0.5
    case 'text':
      return randomText(dice, field)
    case 'group':
      return Object.fromEntries(Object.entries(field.fields).map(([key, of]) => [key, randomValue(dice, of)]))
    case 'list':
      return Array.from({ length: lengthOf(dice, field.shortest ?? 0, field.longest) }, () =>
        randomValue(dice, field.of),
      )
    case 'record':
      return {}
  }
}

/** Some fields of a value put elsewhere in their ranges; the rest stays. */
function shaken(dice: Dice, field: Field, value: unknown, share: number): unknown {
  if (field.kind === 'group' && value !== null)
    return Object.fromEntries(
      Object.entries(field.fields).map(([key, of]) => [
        key,
        shaken(dice, of, (value as Record<string, unknown>)[key], share),
      ]),
    )
  return dice() < share ? randomValue(dice, field) : value
}

type Solar = Project['design']['solar']
const SOLAR = PROJECT_FIELDS.design.fields.solar
const WHOLE: Field = { kind: 'group', label: 'A Remigo boat', fields: PROJECT_FIELDS }

/** A boat as its owner begins with it, of any kind and length. */
function begun(dice: Dice, id: string): Project {
  const type = oneOf(dice, HULL_TYPES)
  const { least, most } = PROJECT_FIELDS.boat.fields.lengthOverAll
  const length = Math.min(most, Math.max(least, type.usual.length * between(dice, 0.6, 1.6)))
  return newProject(typicalAnswers(type.id, length), id)
}

/**
 * A valid boat for each seed. One in three has every field anywhere in its range; the others are boats as owners begin
 * with them, of which one field in thirty or one in four is put elsewhere.
 *
 * @param seed whole
 * @returns a document that the schema lets pass
 */
export function randomBoat(seed: number): Project {
  const dice = randomLcg((seed * 0x9e3779b1) >>> 0)
  for (let i = 0; i < 5; i++) dice()
  const way = seed % 3
  const begins = way === 0 ? null : begun(dice, `storm-${seed}`)
  const share = way === 1 ? 0.03 : 0.25
  const drawn = <T>(field: Field, value: T): T =>
    (begins ? shaken(dice, field, value, share) : randomValue(dice, field)) as T
  let boat = drawn(WHOLE, begins as Project)
  // only the hull's measures and a panel's plate contradict themselves: they alone are drawn again
  for (let tries = 0; tries < 200 && atOdds(boat).length > 0; tries++)
    if (atOdds(boat).some(({ path }) => path.startsWith('boat.')))
      boat = { ...boat, boat: drawn(PROJECT_FIELDS.boat, begins?.boat as Project['boat']) }
    else boat = { ...boat, design: { ...boat.design, solar: drawn(SOLAR, begins?.design.solar as Solar) } }
  return atOdds(boat).length === 0 ? boat : begun(dice, `storm-${seed}`)
}
