import { describe, expect, it } from 'vitest'
import { DEMO, DEMO_BOATS, withEdits } from '../../src/project'
import { edit } from '../../src/project/definition/projectPath'
import { againstCheapest, designForbids } from '../../src/sizing/designWords'
import { chargeReport, summaryOf } from '../../src/system'
import { fillText } from '../../src/units'

/** With plain spaces between numbers and units. */
const plain = (text: Parameters<typeof fillText>[0]) => fillText(text).replace(/\s/g, ' ')

const cheapest = { cost: 4000, mass: 100, range: 20_000, cruisePower: 1000 }

describe('how a design differs and what it shuts out', () => {
  it('names what is more and what is less, and nothing below a hundredth', () => {
    expect(plain(againstCheapest({ cost: 5000, mass: 90, range: 29_260, cruisePower: 1005 }, cheapest))).toBe(
      '1000 € dearer, 10.0 kg lighter and 5.0 NM farther than the cheapest.',
    )
    expect(plain(againstCheapest({ ...cheapest, cost: 4039, cruisePower: 950 }, cheapest))).toBe(
      '50 W less at cruise than the cheapest.',
    )
    expect(plain(againstCheapest({ ...cheapest, range: 18_148 }, cheapest))).toBe('1.0 NM less far than the cheapest.')
    expect(plain(againstCheapest({ ...cheapest, mass: 112.5 }, cheapest))).toBe('12.5 kg heavier than the cheapest.')
    expect(plain(againstCheapest({ ...cheapest, cost: 4030 }, cheapest))).toBe('Hardly different from the cheapest.')
  })
  it.each(DEMO_BOATS.map(p => [p.name, p] as const))('%s: the figures in it are those of the boat', (_, boat) => {
    const [speed, ...more] = designForbids(boat),
      { cruise, top, allDaySpeed, minutesSpeed, model } = summaryOf(boat)
    expect(speed!.params!.way).toMatchObject({ value: cruise.distanceLeft })
    expect(speed!.params!.t).toMatchObject({ value: top.timeLeft })
    expect(speed!.params!.fast).toMatchObject({ value: minutesSpeed.outcome === 'none' ? 0 : minutesSpeed.speed })
    expect(speed!.params!.day).toMatchObject({ value: allDaySpeed.outcome === 'none' ? 0 : allDaySpeed.speed })
    const day = speed!.params!.day as { value: number },
      fast = speed!.params!.fast as { value: number }
    expect(speed!.text.includes('continuously'), 'two speeds only where they differ by 3 %').toBe(
      fast.value - day.value > 0.03 * fast.value,
    )
    expect(more.some(t => t.text.includes('wires'))).toBe(model.pack.fullVoltage > 60)
    expect(more.some(t => t.text.includes('night'))).toBe((chargeReport(boat).toEnd ?? 0) > 12 * 3600)
  })
  it('a small charger leaves her short in the morning', () => {
    const [, night] = designForbids(withEdits(DEMO.tirrick, [edit('design.charging.charger.current', 3)]))
    expect(plain(night!)).toMatch(/^Not full again after a night in this berth: that takes \d/)
  })
})
