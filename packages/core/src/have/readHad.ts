import { checkPart, completePart, emptyPart, ownPartId, PART_KINDS, type Part, type PartKindId } from '../parts'
import { inUnits } from '../fields'
import { METRIC_UNITS, quoted, type Text, type UnitChoice } from '../units'
import { controllerPlate, jetPlate, legIn, propellerPlate, ratioIn, sizesIn, wholeDrivePlate } from './drivePlates'
import { cablePlate, chargeControllerPlate, chargerPlate, fusePlate, panelPlate } from './gearPlates'
import type { Had, ReadHad } from './had'
import { motorPlate } from './motorPlate'
import { chemistryIn, packPlate } from './packPlate'
import { moneyIn, saidIn, valueOf, type PlateQuantity, type Said } from './said'

/** Lines that are understood, for a field that is empty. */
export const HAVE_EXAMPLES = [
  '48 cells LFP 304 Ah',
  'motor 62 kW at 120 V, 150 V at most',
  'outboard 48 V 105 A 210 lbf',
  '3 panels 215 W',
  '36 V 160 Ah, 96 lb, two of them',
] as const

/** What a line can be about, in an owner's words. */
type Subject = PartKindId | 'reduction' | 'leg' | 'oldEngine' | 'budget'

const has = (said: Said, quantity: PlateQuantity) => said.numbers.some(n => n.quantity === quantity)
const ELECTRIC = /\b(?:electric|e-?drive|trolling|hub|brushless|brushed|dc|ac motor|bldc|pmac)\b/i
const isElectric = (said: Said) =>
  ELECTRIC.test(said.words) ||
  has(said, 'voltage') ||
  has(said, 'current') ||
  has(said, 'force') ||
  /kw\b/i.test(said.words)

/** Nothing but money: 3000 €. */
const onlyPrice = (said: Said) => said.price !== null && said.price > 0 && !/[a-z0-9]/i.test(said.words)

/** Words of each subject, those that name it most surely first; a noun beats what stands beside it. */
const SUBJECTS: readonly (readonly [Subject, (said: Said) => boolean])[] = [
  ['budget', s => /\b(?:budget|money|to spend|savings)\b/i.test(s.words) || onlyPrice(s)],
  [
    'chargeController',
    s => /\b(?:charge controller|mppt|pwm controller|solar (?:controller|regulator|charger))\b/i.test(s.words),
  ],
  ['charger', s => /\bchargers?\b/i.test(s.words)],
  ['controller', s => /\b(?:controllers?|inverters?|esc)\b/i.test(s.words)],
  ['fuse', s => /\bfuses?\b/i.test(s.words)],
  ['cable', s => /\b(?:cables?|wire)\b/i.test(s.words)],
  ['leg', s => legIn(s.words) !== null && !has(s, 'voltage') && !has(s, 'force')],
  [
    'reduction',
    s =>
      /\b(?:reduction|gearbox|gear|belt|pulleys?|chain)\b/i.test(s.words) &&
      ratioIn(s.words) !== null &&
      !/motor|outboard|drive\b/i.test(s.words),
  ],
  [
    'oldEngine',
    s =>
      /\b(?:diesel|petrol|gasoline|two-stroke|four-stroke|old engine|old outboard|old motor|engine|inboard)\b/i.test(
        s.words,
      ) && !has(s, 'voltage'),
  ],
  ['jet', s => /\b(?:jet|impeller)\b/i.test(s.words)],
  ['propeller', s => /\b(?:propellers?|props?|screw)\b/i.test(s.words) && !has(s, 'voltage')],
  ['wholeDrive', s => /\b(?:trolling|outboards?|pods?|sail ?drives?)\b/i.test(s.words) && isElectric(s)],
  ['oldEngine', s => /\boutboard\b/i.test(s.words) && has(s, 'power')],
  ['motor', s => /\bmotors?\b/i.test(s.words)],
  ['panel', s => /\b(?:panels?|solar|pv)\b/i.test(s.words)],
  ['cell', s => /\bcells?\b|\bprismatic\b|\b(?:18650|21700)s?\b/i.test(s.words) || /\bcells?\b/i.test(s.line)],
  ['pack', s => /\b(?:batter(?:y|ies)|packs?|modules?|blocks?|bricks?|accumulators?)\b/i.test(s.line)],
  ['pack', s => has(s, 'energy') || (has(s, 'charge') && (valueOf(s, 'voltage') ?? 99) >= 4.5)],
  ['cell', s => has(s, 'charge')],
  ['wholeDrive', s => has(s, 'force') && has(s, 'voltage')],
  ['motor', s => has(s, 'torque') || (has(s, 'power') && (has(s, 'rotation') || has(s, 'voltage')))],
  ['oldEngine', s => has(s, 'power') && /\d\s*(?:hp|ps|bhp)\b/i.test(s.words)],
  ['propeller', s => sizesIn(s.words) !== null],
]

/** What is told of a part in the fields of the library, with what in it cannot be so or was taken for granted. */
type Plate = (said: Said) => { given: Record<string, unknown>; doubts?: Text[] }
const plain =
  (plate: (said: Said) => Record<string, unknown>): Plate =>
  said => ({ given: plate(said) })
const PLATES: Readonly<Record<PartKindId, Plate>> = {
  motor: motorPlate,
  controller: plain(controllerPlate),
  wholeDrive: plain(wholeDrivePlate),
  propeller: plain(propellerPlate),
  jet: plain(jetPlate),
  cell: said => packPlate(said, 'cell'),
  pack: said => packPlate(said, 'pack'),
  charger: plain(chargerPlate),
  cable: plain(cablePlate),
  fuse: plain(fusePlate),
  panel: plain(panelPlate),
  chargeController: plain(chargeControllerPlate),
}

/** A belt is made up to about so much; more wants gears (common practice). */
const MOST_BELT = 3.2

/**
 * Understands one thing that an owner has, in his own words and units.
 *
 * @param line such as "motor 62 kW at 120 V, 150 V at most" or "two 12 V 100 Ah AGM"
 * @param choice the owner's units, for messages
 * @returns the thing with what was told of it and what was estimated; or a sentence that helps
 * @example readHad('54 cells LFP 270 Ah').ok // true
 */
export function readHad(line: string, choice: UnitChoice = METRIC_UNITS): ReadHad {
  const said = saidIn(line, sizesIn(line) === null || /\b(?:ah|v)\b/i.test(line))
  const subject = SUBJECTS.find(([, is]) => is(said))?.[0]
  if (!subject)
    return {
      ok: false,
      message:
        `${quoted(said.line)}: is it a motor, a battery, an outboard, a panel, a charger, a propeller or a ` +
        `reading? Name it with its figures, as in “${HAVE_EXAMPLES[1]}”.`,
    }
  const base = { line: said.line, count: said.count, doubts: [] as Text[] }
  switch (subject) {
    case 'reduction': {
      const ratio = ratioIn(said.words)!
      const kind =
        /gear/i.test(said.words) || (ratio > MOST_BELT && !/belt|chain|pulley/i.test(said.words)) ? 'gear' : 'belt'
      return { ok: true, had: { ...base, what: 'reduction', kind, ratio } }
    }
    case 'leg':
      return { ok: true, had: { ...base, what: 'leg', drive: legIn(said.words)!, ratio: ratioIn(said.words) } }
    case 'oldEngine': {
      const power = valueOf(said, 'power', ['rated', 'peak']),
        turns = valueOf(said, 'rotation', ['rated', 'peak']) ?? bareTurns(said.words)
      if (power === null)
        return {
          ok: false,
          message: `${quoted(said.line)}: how strong is it? Add it, as in “old diesel 18 hp at 2800 rpm”.`,
        }
      return { ok: true, had: { ...base, what: 'oldEngine', power, rpm: turns } }
    }
    case 'budget': {
      const amount = said.price ?? moneyIn(said.words)
      return amount
        ? { ok: true, had: { ...base, what: 'budget', amount } }
        : { ok: false, message: `${quoted(said.line)}: how much is it? Add it, as in “budget 4000”.` }
    }
    default:
      return partHad(said, subject, choice)
  }
}

/** Turns told without their unit: 18 hp at 2800. */
function bareTurns(words: string): number | null {
  const found = /\bat\s+(\d{3,4})\b/i.exec(words)
  return found ? Number(found[1]) : null
}

function partHad(said: Said, kind: PartKindId, choice: UnitChoice): ReadHad {
  const { label } = PART_KINDS[kind]
  const { given: plate, doubts = [] } = PLATES[kind](said),
    told = Object.fromEntries(
      Object.entries(plate).flatMap(([key, value]) =>
        value === null ? [] : [[key, typeof value === 'number' ? Number(value.toPrecision(6)) : value]],
      ),
    )
  if (!Object.values(told).some(value => typeof value === 'number'))
    return {
      ok: false,
      message:
        `${quoted(said.line)}: what stands on its plate? Add volts, amps, watts or a size, ` +
        `as in “${exampleOf(kind)}”.`,
    }
  const name = nameOf(said, label)
  const given: Part = { ...emptyPart(kind), ...told, id: ownPartId(name), name, price: said.price ?? 0 }
  const { part } = completePart(kind, given)
  const wrong = checkPart(kind, part, inUnits(choice))[0]
  if (wrong) return { ok: false, message: `${quoted(said.line)}: ${wrong.message}` }
  return {
    ok: true,
    had: {
      line: said.line,
      count: said.count,
      doubts,
      what: 'part',
      kind,
      given,
      part,
      health: kind === 'cell' || kind === 'pack' ? valueOf(said, 'ratio', ['left', 'rated']) : null,
    },
  }
}

/** "Own motor 62 kW 120 V": its kind, and the first figures as they were typed. */
function nameOf(said: Said, label: string): string {
  const sizes = /\d[\d.,]*\s*\w*["″]?\s*[x×]\s*\d[\d.,]*\s*(?:mm|cm|in)?/i.exec(said.words)?.[0],
    figures = said.numbers.slice(0, 3).map(n => n.text.replace(/\s+/g, ' ')),
    chemistry = chemistryIn(said.words)
  return [
    'Own',
    label.toLowerCase(),
    /^(?:cell|pack)$/i.test(label) ? chemistry : null,
    ...(sizes ? [sizes] : figures.length > 0 ? figures : [said.words.replace(new RegExp(label, 'i'), '').trim()]),
  ]
    .filter(Boolean)
    .join(' ')
    .slice(0, 80)
}

const EXAMPLES: Partial<Record<PartKindId, string>> = {
  motor: HAVE_EXAMPLES[1],
  wholeDrive: HAVE_EXAMPLES[2],
  panel: HAVE_EXAMPLES[3],
  pack: HAVE_EXAMPLES[4],
  cell: HAVE_EXAMPLES[0],
  controller: 'controller 48 V 300 A',
  charger: 'charger 2 kW',
  propeller: 'propeller 12 × 9',
  jet: 'jet 8.1 in impeller',
  chargeController: 'MPPT 100 V 30 A',
  cable: 'cable 35 mm²',
  fuse: 'fuse 300 A 58 V',
}
const exampleOf = (kind: PartKindId) => EXAMPLES[kind] ?? HAVE_EXAMPLES[0]

/** All lines of a field: what was understood, readings as they were typed, and the first line that was not. */
export interface ReadHave {
  had: Had[]
  /** lines that tell a reading, for readEarlyAll */
  readings: string
  /** by the number of their line, from 0 */
  errors: { at: number; message: string }[]
}

/** A line that tells a speed, fuel for a time or a table's row is a reading. */
const SPEED = /\d\s*(?:kn|kts?|knots?|mph|km\/h|kmh|kph|m\/s|l\/h|gph|gal\/h)\b/i,
  TRIP = /\b\d[\d.,]*\s*(?:nm|nmi|km|mi|miles)\b.*\b(?:min|h|hr|hours?)\b/i,
  ROW = /^[\d\s.,;|\t]+$|^\s*speed\b/i
const isReading = (line: string) => SPEED.test(line) || TRIP.test(line) || ROW.test(line)

/**
 * Understands what an owner has, a thing a line.
 *
 * @param text lines; empty ones are passed over
 * @param choice the owner's units, for messages
 * @returns things, lines that are readings, and what is wrong with the others
 * @example readHave('3 panels 215 W\n4 kn 900 W').readings // '4 kn 900 W'
 */
export function readHave(text: string, choice: UnitChoice = METRIC_UNITS): ReadHave {
  const found: ReadHave = { had: [], readings: '', errors: [] },
    readings: string[] = []
  for (const [at, line] of text.split(/\r?\n/).entries()) {
    if (!line.trim()) continue
    if (isReading(line)) {
      readings.push(line)
      continue
    }
    const read = readHad(line, choice)
    if (read.ok) found.had.push(read.had)
    else found.errors.push({ at, message: read.message })
  }
  return { ...found, readings: readings.join('\n') }
}
