import {
  FIELDS,
  FIGURES,
  fillText,
  PART_KINDS,
  type FieldPath,
  type FigureId,
  type Finding,
  type Library,
  type NumberField,
  type Part,
  type PartKindId,
  type PartName,
  type UnitChoice,
} from '@remigo/core'
import { BENCHES, type BenchId } from '~/benches'
import { TO_EMPTY } from '~/composables/useRangeEnd'
import { boardWords } from '~/messages/board'
import { TERMS } from './terms'
import { BENCH_WORDS, FIELD_WORDS, FIGURE_TITLES, FIGURE_WORDS } from './synonyms'

/** What is found: its words, and where it leads. */
export interface FindEntry {
  id: string
  kind: keyof typeof boardWords.find.kinds
  title: string
  /** other words for it, never shown */
  words: string
  /** the bench on which it stands, as shown beside it */
  where: string
  leads:
    | { to: 'bench'; bench: BenchId }
    | { to: 'field'; bench: BenchId; path: FieldPath }
    | { to: 'figure'; bench: BenchId; figure: FigureId }
    | { to: 'part'; kind: PartKindId; part: string }
    | { to: 'finding'; rule: string }
    | { to: 'boat'; boat: string }
    | { to: 'action'; action: ActionId }
    | { to: 'term'; meaning: string }
}

/** What can be done by its name. */
export const ACTIONS = {
  units: [
    'Units and settings',
    'metric imperial us feet pounds knots mph money currency night dark theme to empty to the reserve range end',
  ],
  start: [
    'Begin with a boat of your own',
    'new boat ten answers start first design have already what I have first answers own cells motor',
  ],
  export: ['Export this boat', 'save file download backup json'],
  print: ['Print the sheet', 'paper pdf'],
  history: ['Last changes', 'undo history what did I change'],
  keys: ['Keys', 'keyboard shortcuts help'],
  compare: ['Boats side by side', 'compare variants versus difference options'],
} as const
/** One of them. */
export type ActionId = keyof typeof ACTIONS

/** The bench that asks for a field, by how its path begins; the longest beginning counts. */
const BENCH_OF_FIELD: readonly (readonly [string, BenchId])[] = [
  ['boat.drive.flange', 'motor'],
  ['boat.drive.runOut', 'motor'],
  ['boat.', 'boat'],
  ['use.place.', 'year'],
  ['use.year.', 'year'],
  ['day.', 'day'],
  ['yard.readings', 'power'],
  ['yard.budget', 'money'],
  ['yard.spare', 'money'],
  ['yard.sale', 'money'],
  ['yard.fixed', 'money'],
  ['yard.engineFixed', 'money'],
  ['yard.newEngine', 'money'],
  ['yard.items', 'money'],
  ['yard.start', 'work'],
  ['yard.hoursAWeek', 'work'],
  ['yard.tasks', 'work'],
  ['yard.cells', 'power'],
  ['yard.', 'weights'],
  ['log.due', 'health'],
  ['log.joints', 'health'],
  ['log.trials', 'trial'],
  ['log.waterFactor', 'trial'],
  ['log.', 'trips'],
  ['use.costs.', 'hybrid'],
  ['use.mooredStream', 'propeller'],
  ['use.houseHours', 'charging'],
  ['use.ambient', 'motor'],
  ['use.outings', 'pack'],
  ['use.', 'use'],
  ['design.motor.', 'motor'],
  ['design.controller.', 'motor'],
  ['design.reduction.', 'motor'],
  ['design.throttle.', 'motor'],
  ['design.cooler.', 'motor'],
  ['design.propeller.', 'propeller'],
  ['design.jet.', 'propeller'],
  ['design.pack.', 'pack'],
  ['design.systemVoltage', 'pack'],
  ['design.banks.', 'pack'],
  ['design.wiring.', 'wiring'],
  ['design.charging.', 'charging'],
  ['design.smallMotor.', 'charging'],
  ['design.solar.', 'year'],
]
const benchOfField = (path: string): BenchId | null =>
  BENCH_OF_FIELD.filter(([start]) => path.startsWith(start)).sort((a, b) => b[0].length - a[0].length)[0]?.[1] ?? null

const BENCH_OF_PART: Record<PartName | 'use', BenchId> = {
  use: 'use',
  pack: 'pack',
  controller: 'motor',
  motor: 'motor',
  propeller: 'propeller',
  hull: 'curve',
}
const labelOf = (id: BenchId) => BENCHES.find(b => b.id === id)!.label

/** Figures and fields never change while the page lives: made once. */
let still: FindEntry[] | null = null
function stillEntries(): FindEntry[] {
  if (still) return still
  const benches = BENCHES.map((bench): FindEntry => ({
    id: `bench/${bench.id}`,
    kind: 'bench',
    title: bench.label,
    words: BENCH_WORDS[bench.id] ?? '',
    where: '',
    leads: { to: 'bench', bench: bench.id },
  }))
  const fields = Object.entries(FIELDS as Record<FieldPath, NumberField>).flatMap(([path, field]): FindEntry[] => {
    const bench = benchOfField(path)
    return bench
      ? [
          {
            id: `field/${path}`,
            kind: 'field',
            title: field.label,
            words: `${FIELD_WORDS[path as FieldPath] ?? ''} ${field.hint ?? ''}`,
            where: labelOf(bench),
            leads: { to: 'field', bench, path: path as FieldPath },
          },
        ]
      : []
  })
  const instead = Object.values(TO_EMPTY)
  const figures = (Object.keys(FIGURES) as FigureId[])
    .filter(id => !instead.includes(id))
    .map((id): FindEntry => {
      const { label, part } = FIGURES[id]
      const bench = BENCH_OF_PART[part]
      return {
        id: `figure/${id}`,
        kind: 'figure',
        title: FIGURE_TITLES[id] ?? label,
        words: `${FIGURE_WORDS[id] ?? ''}`,
        where: labelOf(bench),
        leads: { to: 'figure', bench, figure: id },
      }
    })
  const actions = (Object.keys(ACTIONS) as ActionId[]).map((id): FindEntry => ({
    id: `action/${id}`,
    kind: 'action',
    title: ACTIONS[id][0],
    words: ACTIONS[id][1],
    where: '',
    leads: { to: 'action', action: id },
  }))
  const terms = TERMS.map(([term, also, meaning]): FindEntry => ({
    id: `term/${term}`,
    kind: 'term',
    title: term,
    words: also,
    where: '',
    leads: { to: 'term', meaning },
  }))
  return (still = [...benches, ...fields, ...figures, ...actions, ...terms])
}

/**
 * Everything that can be found: benches, fields, figures, parts of the library, findings of this boat, boats, actions.
 *
 * @param of what changes with the boat and the library
 * @returns entries
 */
export function findEntries(of: {
  library: Library
  findings: readonly Pick<Finding, 'rule' | 'severity' | 'title' | 'sentence'>[]
  boats: readonly { id: string; name: string }[]
  units: UnitChoice
}): FindEntry[] {
  const parts = (Object.keys(PART_KINDS) as PartKindId[]).flatMap(kind =>
    (of.library[`${kind}s`] as unknown as readonly Part[]).slice(0, MOST_OF_A_KIND).map((part): FindEntry => ({
      id: `part/${kind}/${part.id}`,
      kind: 'part',
      title: part.name,
      words: PART_KINDS[kind].label,
      where: PART_KINDS[kind].many,
      leads: { to: 'part', kind, part: part.id },
    })),
  )
  const findings = of.findings.map((f): FindEntry => ({
    id: `finding/${f.rule}`,
    kind: 'finding',
    title: `${boardWords.states[f.severity]}, ${f.title}`,
    words: fillText(f.sentence, of.units),
    where: '',
    leads: { to: 'finding', rule: f.rule },
  }))
  const boats = of.boats.map((b): FindEntry => ({
    id: `boat/${b.id}`,
    kind: 'boat',
    title: b.name,
    words: '',
    where: '',
    leads: { to: 'boat', boat: b.id },
  }))
  return [...stillEntries(), ...findings, ...boats, ...parts]
}
/** A library may hold thousands of one kind: the library's own search finds those. */
const MOST_OF_A_KIND = 400
