import { packFigures } from '../battery'
import { chargeLevels, edit, withEdits, type Edit, type Project, type Trip } from '../project'
import { boatSolarYear, modelOf, operatingPoint, propellerDesigns } from '../system'
import { energyOf, meanSpeed } from '../trial'
import { dayNumber } from '../units'

/** What could be changed next. */
export type UpgradeId = 'propeller' | 'pack' | 'panels' | 'charger'

/** What a change would have made of the season's trips. SI; € at the price of shore power. */
export interface Upgrade {
  id: UpgradeId
  edits: Edit[]
  /** trips that were replayed */
  trips: number
  /** J that the drive would have taken less (+) or more (−) */
  saved: number
  /** trips that ended below the reserve: as they were, and with it */
  below: { was: number; would: number }
  /** s on the charger: as it was, and with it */
  charging: { was: number; would: number }
  /** € of shore power saved over these trips */
  money: number
}

/** Speeds within this share of each other take the same factor. */
const GRAIN = 0.02

/**
 * What another propeller, pack, charger or more panels would have changed of the trips in the log: each replayed at its
 * own speed with the change.
 *
 * @param project the boat
 * @returns changes that can be had, the one that saves most hours and money first; empty without trips
 *
 * Source: energy of a trip × power with ÷ power without, at its mean speed; charge in proportion to the pack.
 */
export function nextUpgrades(project: Project): Upgrade[] {
  const { trips } = project.log
  if (trips.length === 0) return []
  const { design } = project
  const candidates: { id: UpgradeId; edits: Edit[] }[] = [
    { id: 'pack', edits: [edit('design.pack.parallel', design.pack.parallel + 1)] },
    ...(design.charging.count < 4
      ? [{ id: 'charger' as const, edits: [edit('design.charging.count', design.charging.count + 1)] }]
      : []),
    {
      id: 'panels',
      edits: design.solar.fitted
        ? [edit('design.solar.parallel', design.solar.parallel + 1)]
        : [edit('design.solar.fitted', true)],
    },
  ]
  const now = modelOf(project)
  if (now.propulsor.kind !== 'jet') {
    const best = propellerDesigns(project)
      .filter(d => d.basis !== 'free')
      .sort((a, b) => atCruise(a.project) - atCruise(b.project))[0]
    if (best && atCruise(best.project) < atCruise(project))
      candidates.push({
        id: 'propeller',
        edits: [
          edit('design.propeller', best.project.design.propeller),
          edit('design.reduction', best.project.design.reduction),
        ],
      })
  }
  return candidates
    .flatMap(({ id, edits }) => {
      const outcome = replay(project, withEdits(project, edits))
      return outcome.trips > 0 ? [{ id, edits, ...outcome }] : []
    })
    .sort((a, b) => worth(b) - worth(a))
}
const atCruise = (p: Project) => operatingPoint(modelOf(p), p.use.cruiseSpeed).drive.packPower
/** hours, refused trips and money on one scale, for the order alone: an hour as 5 €, a trip as 20 € */
const worth = ({ charging, below, money }: Upgrade) =>
  (5 * (charging.was - charging.would)) / 3600 + 20 * (below.was - below.would) + money

function replay(was: Project, would: Project): Omit<Upgrade, 'id' | 'edits'> {
  const [a, b] = [modelOf(was), modelOf(would)]
  const factors = new Map<number, number>()
  const factor = (speed: number) => {
    const key = Math.round(Math.log(speed) / GRAIN)
    let found = factors.get(key)
    if (found === undefined) {
      const v = Math.exp(key * GRAIN)
      found = operatingPoint(b, v).drive.packPower / operatingPoint(a, v).drive.packPower
      factors.set(key, found)
    }
    return found
  }
  const energy = { was: packFigures(was.design.pack, was.design.banks).energy, would: b.pack.energy }
  const sunOf = (project: Project) => (project.design.solar.fitted ? boatSolarYear(project).map(m => m.perDay) : null)
  const sun = { was: sunOf(was), would: sunOf(would) }
  const { reserve } = chargeLevels(was)
  const sum = { trips: 0, saved: 0, below: { was: 0, would: 0 }, shore: { was: 0, would: 0 } }
  let before: number | null = null
  for (const trip of was.log.trips) {
    const speed = meanSpeed(trip),
      taken = energyOf(trip, energy.was),
      day = dayNumber(trip.date)
    const days = day !== null && before !== null ? Math.min(14, Math.max(0, day - before)) : 7
    before = day ?? before
    if (speed === null || !taken) continue
    const used = taken.energy * factor(speed),
      share = used / taken.energy
    sum.trips++
    sum.saved += taken.energy - used
    below(trip, reserve, (share * energy.was) / energy.would, sum.below)
    const month = Number(trip.date.slice(5, 7)) - 1
    const sunny = (of: number[] | null) => (of && month >= 0 ? of[month]! * days : 0)
    sum.shore.was += Math.max(0, taken.energy - sunny(sun.was))
    sum.shore.would += Math.max(0, used - sunny(sun.would))
  }
  const charger = ({ design: { charging } }: Project) => Math.max(1, charging.count * charging.charger.power)
  return {
    trips: sum.trips,
    saved: sum.saved,
    below: sum.below,
    charging: { was: sum.shore.was / charger(was), would: sum.shore.would / charger(would) },
    money: (sum.shore.was - sum.shore.would) * was.use.costs.shorePrice,
  }
}

/** Counts a trip that ends below the reserve, as it was and with the change. */
function below(trip: Trip, reserve: number, scale: number, to: { was: number; would: number }): void {
  const { chargeFrom, chargeTo } = trip
  if (chargeFrom === null || chargeTo === null) return
  if (chargeTo < reserve) to.was++
  if (chargeFrom - (chargeFrom - chargeTo) * scale < reserve) to.would++
}
