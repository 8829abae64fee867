import { FUSE_MARGIN } from '../../wiring'
import type { ChainRating } from './chainRating'
import type { Model } from '../model'
import { wiringReport, type WiringReport } from '../wiringReport'

/** A fuse stands so many times its rating for minutes before it opens (common practice: it opens within the hour). */
const FUSE_MINUTES = 1.35
/** A contactor or cable that carries its amps all day carries so many times as much for minutes (common practice). */
const COPPER_MINUTES = 1.25

/**
 * What the pack's amps pass through on their way to the controllers, and what it carries with so many banks at work.
 *
 * @param model the boat
 * @param working banks that drive at the same time
 * @returns ratings of the whole chain
 *
 * Source: plates; a fuse carries four fifths of its rating all day (common practice).
 */
export function chainRatings(model: Model, working = wiringReport(model).working): ChainRating[] {
  const report: WiringReport = wiringReport(model),
    { bank, banks, bmsCurrent, fuse, contactor, main } = report,
    { wiring } = model.project.design,
    cable = Math.min(main.ampacity, banks > 1 ? working * bank.lead.ampacity : Infinity)
  const chain: ChainRating[] = [
    {
      name: 'bms',
      allDay: working * bmsCurrent,
      // the plate of a BMS is where it opens; where none is typed, it stands what the cells give
      minutes:
        wiring.bmsCurrent === null ? Math.max(working * bmsCurrent, model.pack.currentPeak) : working * bmsCurrent,
    },
    { name: 'mainCable', allDay: cable, minutes: COPPER_MINUTES * cable },
  ]
  if (fuse)
    chain.push({
      name: 'fuse',
      allDay: (working * fuse.rating) / FUSE_MARGIN,
      minutes: FUSE_MINUTES * working * fuse.rating,
    })
  if (wiring.fitted.contactor)
    chain.push({
      name: 'contactor',
      allDay: working * contactor.current,
      minutes: COPPER_MINUTES * working * contactor.current,
    })
  return chain
}
