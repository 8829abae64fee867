import { rollback } from '../drive'
import type { Sample, InstrumentId } from '../instruments'
import { INSTRUMENTS } from '../instruments'
import { chargeLevels, type ChargeLevels, type Project } from '../project'
import { chargeLasts, driveHeat, modelOf } from '../system'
import type { Text } from '../units'
import { lastRead, type LastRead } from './lastRead'

/** What the helm reads from the instruments. SI. */
export interface HelmView {
  ground: number | null
  water: number | null
  power: number | null
  charge: number | null
  /** m until only the reserve is left, at the power and speed of the last minutes; Infinity while she takes nothing */
  left: number | null
  /** m until the pack is empty */
  empty: number | null
  /** s until only the reserve is left */
  time: number | null
  levels: ChargeLevels
  winding: number | null
  controller: number | null
  /** the last value of what has become silent, and its age, s */
  aged: Partial<Record<InstrumentId, LastRead>>
  /** what matters now, the worst first */
  says: HelmWord[]
  /** charge, heat, cells, the way home and the age of the instruments are all known and well */
  fine: boolean
}

/** A sentence for the helm. */
export interface HelmWord {
  id: string
  state: 'stop' | 'caution' | 'note'
  text: Text
}

/** Means of so many seconds: what is left does not jump with each wave. */
const MEAN = 60
/** K of cells that are warm, and too warm (common practice: 45 and 55 °C). */
const CELLS_WARM = [318.15, 328.15] as const
/** What the helm cannot do without. */
const NEEDED: readonly InstrumentId[] = ['ground', 'power', 'charge', 'winding', 'controller', 'cells']
/** K below a limit at which it is said. */
const NEAR = 10

/**
 * What the instruments mean for this boat.
 *
 * @param project the boat
 * @param samples the last minutes, in order
 * @param toGo m that the plan still has; null without a plan
 * @returns figures and sentences
 *
 * Source: energy above the reserve at the current that flows ÷ power × speed over ground.
 */
export function helmView(project: Project, samples: readonly Sample[], toGo: number | null): HelmView {
  const last = samples.at(-1),
    recent = last ? samples.filter(s => last.time - s.time <= MEAN) : []
  const model = modelOf(project),
    levels = chargeLevels(project),
    { reserve, spared } = levels
  const now = (id: InstrumentId): number | null => last?.values[id] ?? null
  const mean = (id: InstrumentId): number | null => {
    const read = recent.flatMap(s => s.values[id] ?? [])
    return read.length ? read.reduce((a, b) => a + b, 0) / read.length : null
  }
  const charge = now('charge'),
    power = mean('power'),
    ground = mean('ground') ?? mean('water')
  /** s until a charge is left, at the amps that flow: lead gives less the faster it is drawn */
  const timeTo = (level: number): number | null => {
    if (charge === null || power === null) return null
    const load = { power: power > 1 ? power : 0, current: Math.max(0, mean('amps') ?? 0) }
    return chargeLasts(model, load, charge, level)
  }
  const wayIn = (time: number | null): number | null =>
    time === null || ground === null ? null : ground > 0.05 ? time * ground : time === Infinity ? Infinity : 0
  const time = timeTo(reserve),
    left = wayIn(time)
  const winding = now('winding'),
    controller = now('controller')
  const says: HelmWord[] = []
  const say = (id: string, state: HelmWord['state'], text: string, params: Text['params'] = {}) =>
    says.push({ id, state, text: { text, params } })
  if (charge !== null && charge < reserve)
    say('reserve', 'stop', 'The reserve is in use: {c} left. Slow down and go to a socket.', {
      c: { quantity: 'ratio', value: charge },
    })
  const settled = recent.length > 1 && last!.time - recent[0]!.time > MEAN / 2 && (ground ?? 0) > 0.5
  if (settled && left !== null && toGo !== null && toGo > 0 && left < toGo)
    say('range', left < 0.8 * toGo ? 'stop' : 'caution', 'At this power {l} are left of {w}: go slower or turn.', {
      l: { quantity: 'distance', value: left },
      w: { quantity: 'distance', value: toGo },
    })
  const ways = driveHeat(model)
  if (ways && winding !== null && winding > ways.path.limit - NEAR)
    say('winding', winding >= ways.path.limit ? 'stop' : 'caution', 'The winding is at {t}; its limit is {m}.', {
      t: { quantity: 'temperature', value: winding },
      m: { quantity: 'temperature', value: ways.path.limit },
    })
  if (ways && controller !== null && rollback(ways.controller, controller + NEAR) < 1)
    say(
      'controller',
      rollback(ways.controller, controller) < 1 ? 'stop' : 'caution',
      'The controller is at {t} and cuts back from {m}.',
      {
        t: { quantity: 'temperature', value: controller },
        m: { quantity: 'temperature', value: ways.controller.from },
      },
    )
  const amps = mean('amps'),
    most = model.pack.current
  if (amps !== null && most > 0 && amps > most)
    say('amps', 'caution', 'The pack gives {a}; its continuous rating is {m}.', {
      a: { quantity: 'current', value: amps },
      m: { quantity: 'current', value: most },
    })
  for (const [id, mark] of Object.entries(last?.marks ?? {}) as [InstrumentId, 'stale' | 'impossible' | 'stuck'][])
    say(
      `mark-${id}`,
      'note',
      {
        stale: '{w} is silent.',
        impossible: '{w} says what cannot be.',
        stuck: '{w} stands still while she runs.',
      }[mark],
      { w: INSTRUMENTS[id].label },
    )
  const cells = now('cells'),
    [, hot] = CELLS_WARM
  if (cells !== null && cells > CELLS_WARM[0])
    say('cells', cells >= hot ? 'stop' : 'caution', 'The cells are at {t}: less power, air to the pack.', {
      t: { quantity: 'temperature', value: cells },
    })
  const aged: HelmView['aged'] = {}
  if (last)
    for (const id of NEEDED) {
      const read = lastRead(samples, id)
      if (read && read.age > 0) aged[id] = read
    }
  // what nobody reads is not well, it is not known
  const unknown = last
    ? [
        ...(charge === null ? ['charge'] : []),
        ...(winding === null && controller === null ? ['heat of motor and controller'] : []),
        ...(cells === null ? ['warmth of the cells'] : []),
        ...(ground === null ? ['speed'] : []),
        ...(toGo === null || toGo <= 0 ? ['the way home: no day is planned'] : left === null ? ['the way home'] : []),
      ]
    : []
  if (!last) say('silent', 'note', 'No instrument speaks.')
  if (unknown.length > 0) say('unknown', 'note', `Not known: ${unknown.join(', ')}.`)
  const order = { stop: 0, caution: 1, note: 2 }
  says.sort((a, b) => order[a.state] - order[b.state])
  return {
    ground: now('ground') ?? now('water'),
    water: now('water'),
    power: now('power'),
    charge,
    left,
    empty: wayIn(timeTo(spared)),
    time,
    levels,
    winding,
    controller,
    aged,
    says,
    fine: says.length === 0,
  }
}
