import { hullSpeed } from '../hull'
import type { Project } from '../project/projectFields'
import { modelOf } from './model'
import { operatingPoint, type OperatingPoint } from './operatingPoint'
import { topSpeed, type TopSpeed } from './topSpeed'

/** Slowest speed that counts as getting home, m/s (about 1.2 kn). */
const CRAWL = 0.6
/** Share of hull speed at which a boat limps home on what is left (common practice: half to two thirds). */
const HOMEWARD = 0.6

/** A boat with one bank lost. */
export interface BankGone {
  /** strings left, of so many */
  left: number
  of: number
  /** greatest speed that is left, all day, and what ends it */
  fastest: TopSpeed
  /** the drive at the homeward speed */
  home: OperatingPoint
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
  let found = known.get(project)
  if (found === undefined) known.set(project, (found = withoutLargest(project)))
  return found
}
const known = new WeakMap<Project, BankGone | null>()

function withoutLargest(project: Project): BankGone | null {
  const { pack, banks } = project.design
  if (banks.count < 2 || pack.parallel < banks.count) return null
  const left = pack.parallel - Math.ceil(pack.parallel / banks.count)
  const lame = modelOf({
    ...project,
    design: { ...project.design, pack: { ...pack, parallel: left }, banks: { ...banks, count: 1, others: [] } },
  })
  const fastest = topSpeed(lame, 'allDay')
  const most = fastest.outcome === 'none' ? CRAWL : fastest.speed
  const home = operatingPoint(lame, Math.max(CRAWL, Math.min(most, HOMEWARD * hullSpeed(lame.form.lengthWaterline))))
  return { left, of: pack.parallel, fastest, home }
}
