import { describe, expect, it } from 'vitest'
import { hullTest } from '../../src/build/hullTest'
import { firstPower, meeting, powerSteps, verdict, voltWindows, withReading } from '../../src/build'
import { powerAsItStands } from '../../src/advice'
import { DEMO, edit, withEdits, type Edit, type Project } from '../../src/project'

const step = (boat: Project, id: string) => powerSteps(boat).find(s => s.id === id)
const read = (boat: Project, id: string, value: number) =>
  withEdits(boat, [edit('yard.readings', withReading(boat, id, { value, done: true }))])
const bare = withEdits(DEMO.tirrick, [edit('yard.readings', []), edit('yard.cells', [])])

describe('volts are accepted where the windows of all that is live meet', () => {
  // the controller of the demo yacht stands 58.0 V, her pack is charged to 58.4
  it.each([
    ['beforeDisconnect', 57.99, 'fits'],
    ['beforeDisconnect', 58, 'fits'],
    ['beforeDisconnect', 58.01, 'stop'],
    ['beforeDisconnect', 58.4, 'stop'],
    ['prechargeVolts', 58, 'fits'],
    ['prechargeVolts', 58.01, 'stop'],
    ['controllerVolts', 58.01, 'stop'],
    // the pack by itself holds them, and it is told that they must come down
    ['packVolts', 58, 'fits'],
    ['packVolts', 58.4, 'tight'],
  ] as const)('%s at %f V: %s', (id, volts, expected) => {
    const boat = id === 'prechargeVolts' ? read(bare, 'beforeDisconnect', 57) : bare
    expect(verdict(step(boat, id)!, volts)).toBe(expected)
  })
  it('the weakest part is named', () => {
    const { meets, why } = step(bare, 'beforeDisconnect')!
    expect(meets!.topBy.part).toBe('controller')
    expect(why).toContain('controller')
  })
  it.each<[string, Edit, number]>([
    ['contactor', edit('design.wiring.contactorVoltage', 56), 56],
    ['converter', edit('design.wiring.dcdcGreatest', 55), 55],
    [
      'fuse',
      edit('design.wiring.fuse', {
        id: 'own/f',
        name: 'F',
        estimated: [],
        standIn: false,
        kind: 'fast, current-limiting',
        rating: 125,
        voltage: 54,
        interrupt: 4e4,
        price: 1,
      }),
      54,
    ],
  ])('a %s that stands less ends it', (part, change, most) => {
    const weak = withEdits(bare, [change]),
      { high, meets } = step(weak, 'beforeDisconnect')!
    expect(high).toBe(most)
    expect(meets!.topBy.part).toBe(part)
  })
  it('every step of volts lies within the window of each part that is live', () => {
    for (const boat of Object.values(DEMO))
      for (const s of powerSteps(boat).filter(s => s.windows)) {
        for (const w of s.windows!) expect(s.high!, `${boat.name} ${s.id} ${w.part}`).toBeLessThanOrEqual(w.to + 1e-9)
        expect(s.meets!.top).toBe(Math.min(...s.windows!.map(w => w.to)))
      }
  })
  it('windows that do not meet accept nothing', () => {
    const { foot, top } = meeting([
      { part: 'pack', name: 'a', why: '', from: 60, to: 70 },
      { part: 'controller', name: 'b', why: '', from: 40, to: 50 },
    ])
    expect(foot).toBeGreaterThan(top)
    expect(voltWindows(bare).map(w => w.part)).toContain('meter')
  })
})

describe('a clash keeps the stage shut that makes it live', () => {
  it('the precharge stays shut at 58.0 V for 58.4, the stage before it does not', () => {
    const { groups } = powerAsItStands(bare),
      [fuse, precharge] = groups
    expect([fuse!.locked, fuse!.clashed]).toEqual([false, false])
    expect([precharge!.locked, precharge!.clashed]).toEqual([true, true])
    expect(precharge!.steps[0]!.step.title).toContain('pack and controller')
    // and it is open once the clash is gone
    const mended = withEdits(bare, [edit('design.pack.chargeVoltage', 3.6)])
    expect(powerAsItStands(mended).groups[1]!.clashed).toBe(false)
  })
  it('without clashes it is the same list', () => {
    const calm = withEdits(bare, [edit('design.pack.chargeVoltage', 3.6)])
    expect(powerAsItStands(calm).total).toBe(firstPower(calm).total)
  })
})

describe('steps follow the boat', () => {
  const ids = (boat: Project) => powerSteps(boat).map(s => s.id)
  it('a 12 V kayak has no 500 V tester, nor a hull to test', () => {
    const kayak = withEdits(DEMO.wisp, [edit('boat.variant', 'kayak'), edit('design.pack.series', 1)])
    expect(hullTest(kayak)).toBeNull()
    expect(ids(kayak).some(id => id.startsWith('insulation'))).toBe(false)
    expect(JSON.stringify(powerSteps(kayak))).not.toMatch(/500 V/)
  })
  it.each([
    ['plastic', 'shaft', 16, 'shaft and motor case', /ohmmeter/],
    ['steel', 'shaft', 16, 'hull and shaft', /ohmmeter/],
    ['plastic', 'shaft', 17, 'shaft and motor case', /500 V tester/],
    ['aluminium', 'outboard', 16, 'hull and leg', /ohmmeter/],
    ['plastic', 'shaft', 130, 'shaft and motor case', /1,000 V tester/],
  ] as const)('%s, %s, %i in series: against %s', (material, kind, series, against, by) => {
    const test = hullTest(
      withEdits(DEMO.tirrick, [
        edit('boat.material', material),
        edit('boat.drive.kind', kind),
        edit('design.pack.series', series),
      ]),
    )!
    expect(test.against).toBe(against)
    expect(test.by).toMatch(by)
  })
  it('no shore breaker without shore, no stop or precharge where none is fitted', () => {
    const none = withEdits(DEMO.tirrick, [
      edit('design.charging.supply', 'none'),
      edit('design.wiring.fitted.precharge', false),
      edit('design.wiring.fitted.emergencyStop', false),
    ])
    const has = ids(none)
    expect(has).not.toContain('shoreTrip')
    expect(has).not.toContain('chargerStops')
    expect(has).not.toContain('prechargeVolts')
    expect(has).not.toContain('emergencyStop')
    expect(ids(DEMO.tirrick)).toEqual(
      expect.arrayContaining(['shoreTrip', 'chargerStops', 'prechargeVolts', 'emergencyStop']),
    )
  })
})
