import { rollback } from '../drive'
import type { Sample, InstrumentId } from '../instruments'
import { INSTRUMENTS } from '../instruments'
import { chargeLevels, type Project } from '../project'
import { driveHeat, modelOf, usableAt } from '../system'
import { CHEMISTRIES } from '../battery'
import type { Text } from '../units'

/** What the helm reads from the instruments. SI. */
export interface HelmView {
  ground: number | null
  water: number | null
  power: number | null
  charge: number | null
  /** m until only the reserve is left, at the power and speed of the last minutes; Infinity while she takes nothing */
  left: number | null
  /** s until then */
  time: number | null
  reserve: number
  winding: number | null
  controller: number | null
  /** what matters now, the worst first */
  says: HelmWord[]
}

/** A sentence for the helm. */
export interface HelmWord {
  id: string
  state: 'stop' | 'caution' | 'note'
  text: Text
}

/** Means of so many seconds: what is left does not jump with each wave. */
const MEAN = 60
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
    { reserve } = chargeLevels(project)
  const now = (id: InstrumentId): number | null => last?.values[id] ?? null
  const mean = (id: InstrumentId): number | null => {
    const read = recent.flatMap(s => s.values[id] ?? [])
    return read.length ? read.reduce((a, b) => a + b, 0) / read.length : null
  }
  const charge = now('charge'),
    power = mean('power'),
    ground = mean('ground') ?? mean('water')
  const { usableShare } = CHEMISTRIES[project.design.pack.cell.chemistry]
  let time: number | null = null
  if (charge !== null && power !== null) {
    const whole = usableAt(model, Math.max(0, mean('amps') ?? 0)) / usableShare
    time = power <= 1 ? Infinity : (Math.max(0, charge - reserve) * whole) / power
  }
  const left =
    time === null || ground === null ? null : ground > 0.05 ? time * ground : time === Infinity ? Infinity : 0
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
  const order = { stop: 0, caution: 1, note: 2 }
  says.sort((a, b) => order[a.state] - order[b.state])
  return {
    ground: now('ground') ?? now('water'),
    water: now('water'),
    power: now('power'),
    charge,
    left,
    time,
    reserve,
    winding,
    controller,
    says,
  }
}
