import { hullSpeed } from '../../hull'
import type { Project } from '../../project/definition/projectFields'
import { largestBank } from './bankDuty'
import { chainRatings } from './chainRatings'
import type { LimitName } from './limitName'
import { modelOf } from '../model'
import { operatingPoint, type OperatingPoint } from '../operatingPoint'
import { topSpeed, type TopSpeed } from '../topSpeed'
import { remember } from '../../numeric'

/** Slowest speed that counts as getting home, m/s (about 1.2 kn). */
const CRAWL = 0.6
/** Share of hull speed at which a boat limps home on what is left (common practice: half to two thirds). */
const HOMEWARD = 0.6

/** A boat with one bank lost. */
export interface BankGone {
  /** strings left, of so many */
  left: number
  of: number
  /** greatest speed that is left, all day, and what ends it: the parts of the banks that are left among it */
  fastest: TopSpeed
  by: LimitName | null
  /** the drive at the homeward speed; null where not even a crawl is held */
  home: OperatingPoint | null
}

/**
 * What is left when one of several banks is gone: the largest of them, since nobody chooses which.
 *
 * @param project a boat with two banks or more
 * @returns speed, power and range on the rest; null with one bank, or fewer strings than banks
 *
 * Source: the same chain on the strings that are left.
 */
export function bankGone(project: Project): BankGone | null {
  return known(project, () => withoutLargest(project))
}
const known = remember<Project, BankGone | null>('bankGone')

function withoutLargest(project: Project): BankGone | null {
  const { pack, banks } = project.design
  if (banks.count < 2 || pack.parallel < banks.count) return null
  const left = pack.parallel - largestBank(pack.parallel, banks.count),
    rest = banks.count - 1
  const lame = modelOf({
    ...project,
    design: { ...project.design, pack: { ...pack, parallel: left }, banks: { ...banks, count: rest, others: [] } },
  })
  // what is left drives through the fuses and cables that she has
  const through = {
    ...lame,
    chain: chainRatings(modelOf(project), banks.together === 'one at a time' ? 1 : rest),
  }
  const fastest = topSpeed(through, 'allDay')
  const speed = fastest.outcome === 'none' ? 0 : fastest.speed,
    home =
      speed < CRAWL ? null : operatingPoint(through, Math.min(speed, HOMEWARD * hullSpeed(lame.form.lengthWaterline)))
  return { left, of: pack.parallel, fastest, by: fastest.outcome === 'noLimit' ? null : fastest.by, home }
}
