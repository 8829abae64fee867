import { describe, expect, it } from 'vitest'
import { SIZED_FLEET } from '../fleet/fleetBoats'
import { findingsOf } from '../../src/advice'
import { DEMO, edit, withEdits, type Project } from '../../src/project'
import { BANKS_TOGETHER } from '../../src/battery'
import { FUSE_MARGIN } from '../../src/wiring'
import {
  bankDuty,
  bankGone,
  centreResistance,
  chainRatings,
  driveTrain,
  evaluate,
  modelOf,
  summaryOf,
  wiringReport,
} from '../../src/system'

const figures = { current: 90, resistance: 0.01 }
const duty = (parallel: number, count: number, together: (typeof BANKS_TOGETHER)[number]) =>
  bankDuty({ parallel }, { count, together }, figures)

describe('what a bank must carry', () => {
  it('one at a time: all of it', () => {
    const one = duty(2, 2, 'one at a time')
    expect([one.banks, one.working, one.carries(58), one.cells]).toEqual([2, 1, 58, 90])
  })
  it('together: its share, and with another gone what its cells give of the rest', () => {
    const both = duty(2, 2, 'common')
    expect([both.banks, both.working, both.cells]).toEqual([2, 2, 45])
    expect(both.shares(58)).toBe(29)
    // just below, at and just above what its cells give
    expect([44, 45, 46].map(a => both.carries(a))).toEqual([44, 45, 45])
    // more than both give: still its share
    expect(both.carries(100)).toBe(50)
  })
  it('uneven banks: the largest has the stronger short, whichever works', () => {
    // five strings of 0.05 ohm: 0.01 together; banks of three and two, the smaller of which tells the amps
    const all = duty(5, 2, 'common'),
      switched = bankDuty({ parallel: 5 }, { count: 2, together: 'one at a time' }, { current: 36, resistance: 0.025 })
    expect(all.resistance).toBeCloseTo(0.05 / 3, 12)
    expect(switched.resistance).toBeCloseTo(0.05 / 3, 12)
    expect(switched.joined).toBe(1)
    expect(all.joined).toBeCloseTo(5 / 3, 12)
  })
  it('as many banks as strings at most', () => expect(duty(1, 4, 'one at a time').banks).toBe(1))
})

const boats: [string, Project][] = [
  ...Object.entries(DEMO),
  ...SIZED_FLEET.map((boat): [string, Project] => [boat.name, boat]),
]
/** The same boat with strings for so many banks, and with parts that she may have, too small for her. */
const variants = (boat: Project): Project[] =>
  BANKS_TOGETHER.flatMap(together =>
    [2, 3].flatMap(count => {
      const parallel = Math.max(1, Math.ceil(boat.design.pack.parallel / count)) * count
      const banked = withEdits(boat, [
        edit('design.banks.count', count),
        edit('design.banks.together', together),
        edit('design.pack.parallel', parallel),
      ])
      const { fuse, contactor } = wiringReport(modelOf(banked))
      return [
        banked,
        withEdits(banked, [
          edit('design.wiring.fuse', fuse && { ...fuse, rating: fuse.rating / 2 }),
          edit('design.wiring.contactorCurrent', contactor.current / 2),
          edit('design.wiring.mainArea', 10),
        ]),
        withEdits(banked, [edit('design.wiring.bmsCurrent', 20)]),
      ]
    }),
  )

describe('nothing in the chain is asked for more than it gives continuously', () => {
  it.each(boats)('%s: at the speed held all day, and with a bank gone', (_, boat) => {
    for (const her of [boat, ...variants(boat)]) {
      const { model, allDaySpeed } = summaryOf(her)
      if (allDaySpeed.outcome !== 'none') {
        const { packCurrent } = driveTrain(model, allDaySpeed.speed, centreResistance(model, allDaySpeed.speed))
        for (const link of chainRatings(model)) expect(packCurrent, link.name).toBeLessThanOrEqual(link.allDay * 1.001)
      }
      const gone = bankGone(her)
      if (!gone?.home) continue
      const { fuse, bmsCurrent, contactor, main, bank, banks } = wiringReport(model),
        left = her.design.banks.together === 'one at a time' ? 1 : banks - 1,
        each = gone.home.drive.packCurrent / left
      if (fuse) expect(each).toBeLessThanOrEqual((fuse.rating / FUSE_MARGIN) * 1.001)
      expect(each).toBeLessThanOrEqual(bmsCurrent * 1.001)
      if (her.design.wiring.fitted.contactor) expect(each).toBeLessThanOrEqual(contactor.current * 1.001)
      expect(each).toBeLessThanOrEqual(bank.lead.ampacity * 1.001)
      expect(gone.home.drive.packCurrent).toBeLessThanOrEqual(main.ampacity * 1.001)
    }
  })
  it('two strings switched one at a time: every part of a bank carries the whole drive', () => {
    for (const [, boat] of boats) {
      const her = withEdits(boat, [
        edit('design.pack.parallel', 2),
        edit('design.banks.count', 2),
        edit('design.banks.together', 'one at a time'),
        edit('design.wiring.fuse', null),
        edit('design.wiring.contactorCurrent', null),
        edit('design.wiring.bmsCurrent', null),
      ])
      const { fuse, bank, current, contactor, bmsCurrent } = wiringReport(modelOf(her))
      expect(bank.current).toBe(current)
      if (fuse) expect(fuse.rating).toBeGreaterThanOrEqual(FUSE_MARGIN * current)
      if (current <= 480) expect(contactor.current).toBeGreaterThanOrEqual(1.25 * current)
      if (fuse) expect(bank.lead.ampacity).toBeGreaterThanOrEqual(fuse.rating)
      // the cells are the owner's; the BMS is no smaller than they are
      expect(bmsCurrent).toBeCloseTo(modelOf(her).pack.current, 9)
    }
  })
  it('a BMS that is too small for the bank that drives: just below, at and just above', () => {
    const her = withEdits(DEMO.osprel, [
      edit('design.pack.parallel', 2),
      edit('design.banks.count', 2),
      edit('design.banks.together', 'one at a time'),
    ])
    const { current } = wiringReport(modelOf(her))
    const told = (bms: number) =>
      findingsOf(evaluate(withEdits(her, [edit('design.wiring.bmsCurrent', bms)]), 1)).findings.some(
        f => f.rule === 'bmsAmps',
      )
    expect([current - 0.1, current, current + 0.1].map(told)).toEqual([true, false, false])
  })
})
