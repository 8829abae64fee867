import { edit, type PathAndValue } from '../../src/project/definition/projectPath'
import { csvParse } from 'd3-dsv'
import { describe, expect, it } from 'vitest'
import { REDUCTION_PRICE } from '../../src/drive'
import { SHIPPED_CABLES } from '../../src/parts'
import { DEMO, DEMO_BOATS, newProject, typicalAnswers, withEdits } from '../../src/project'
import { partsByDevice, partsList, partsListCsv, PARTS_GROUPS } from '../../src/money'
import { modelOf, tapRuns, wiringReport } from '../../src/system'

const named = DEMO_BOATS.map(b => [b.name, b] as const)
const yacht = DEMO.tirrick
const tried = (...edits: PathAndValue[]) =>
  withEdits(
    yacht,
    edits.map(([path, value]) => edit(path, value)),
  )
const of = (boat: typeof yacht, item: RegExp) => partsList(boat).filter(l => item.test(l.item))

describe('the parts list', () => {
  it.each(named)(
    '%s: has each cable as long as its run there and back and a tenth over, with a lug at each end',
    (_, boat) => {
      const report = wiringReport(modelOf(boat)),
        lines = partsByDevice(boat)
      for (const [where, run] of [
        [report.banks > 1 ? 'busbar to controller' : 'pack to controller', report.main],
        ['controller to motor', report.motor],
        ['charger to pack', tapRuns(boat).charge!],
      ] as const) {
        const [cable, lugs] = lines.filter(l => l.use === where && (l.unit === 'm' || l.item.startsWith('Lug')))
        const metres = 1.1 * run.conductors * run.parallel * run.length
        expect(cable!.unit).toBe('m')
        expect(cable!.quantity).toBeGreaterThanOrEqual(metres - 1e-9)
        expect(cable!.quantity).toBeLessThan(metres + 0.1 + 1e-9)
        expect(lugs!.quantity).toBe(2 * run.conductors * run.parallel)
        const stock = SHIPPED_CABLES.find(c => c.area === run.area && c.insulation === run.place.insulation)
        if (stock) expect(cable!.price).toBeCloseTo(cable!.quantity * stock.pricePerMetre, 1)
      }
    },
  )
  it.each(named)('%s: counts cells and links by strings, management by banks, as the diagram draws them', (_, boat) => {
    const { pack, charging } = boat.design,
      lines = partsList(boat)
    expect(lines.find(l => l.use === 'pack')).toMatchObject({
      item: pack.cell.name,
      quantity: pack.series * pack.parallel,
      price: expect.closeTo(pack.series * pack.parallel * pack.cell.price, 2),
    })
    const management = lines.filter(l => l.item.startsWith('BMS, ')),
      links = lines.filter(l => l.item === 'Link between cells')
    expect(management.map(l => l.quantity)).toEqual(pack.cell.complete ? [] : [wiringReport(modelOf(boat)).banks])
    if (!pack.cell.complete && pack.series > 1) expect(links[0]!.quantity).toBe((pack.series - 1) * pack.parallel)
    expect(lines.find(l => l.item === charging.charger.name)).toMatchObject({
      quantity: charging.count,
      price: expect.closeTo(charging.count * charging.charger.price, 2),
    })
  })
  it('has one generator and one switch for it, when there is a generator', () => {
    const on = tried(['design.charging.supply', 'generator'])
    expect(of(on, /^Generator/).map(l => l.quantity)).toEqual([1])
    expect(of(on, /^Changeover/).map(l => l.quantity)).toEqual([1])
    expect(of(yacht, /^Generator|^Changeover/)).toEqual([])
  })
  it('has fuse, disconnect and contactor once for each bank, and bars to join them', () => {
    const banks = tried(['design.pack.parallel', 4], ['design.banks.count', 2])
    for (const item of [/^Disconnect/, /^Contactor/])
      expect(of(banks, item)[0]!.quantity).toBe(2 * of(yacht, item)[0]!.quantity)
    expect(of(banks, /^Busbar/).map(l => l.quantity)).toEqual([2])
    expect(of(yacht, /^Busbar/).map(l => l.use)).toEqual(['plus and minus'])
  })
  it.each(named)('%s: puts the same things into one line, by what is ordered together, and loses none', (_, boat) => {
    const lines = partsList(boat),
      pieces = partsByDevice(boat)
    const groups = lines.map(l => PARTS_GROUPS.indexOf(l.group))
    expect(groups).toEqual([...groups].sort((a, b) => a - b))
    expect(new Set(lines.map(l => `${l.group} ${l.item}`)).size).toBe(lines.length)
    for (const line of lines) {
      const same = pieces.filter(p => p.item === line.item && p.group === line.group)
      expect(line.quantity).toBeCloseTo(
        same.reduce((sum, p) => sum + p.quantity, 0),
        6,
      )
      expect([line.device, ...line.also]).toEqual(same.map(p => p.device))
    }
  })
  it('leaves out what is not fitted', () => {
    for (const [fitting, item] of [
      ['contactor', /^Contactor/],
      ['precharge', /^Resistor/],
      ['emergencyStop', /^Emergency stop/],
      ['shunt', /^Shunt/],
      ['galvanicIsolator', /^Galvanic/],
    ] as const) {
      expect(of(tried([`design.wiring.fitted.${fitting}`, true]), item), fitting).toHaveLength(1)
      expect(of(tried([`design.wiring.fitted.${fitting}`, false]), item), fitting).toHaveLength(0)
    }
  })
  it('has a lug at both ends of every conductor, side by side too', () => {
    const warm = withEdits(
      DEMO_BOATS.find(b => b.boat.drive.kind === 'jet')!,
      [
        { path: 'design.wiring.insulation', value: 70 },
        { path: 'design.wiring.engineSpace', value: false },
        { path: 'design.wiring.bundled', value: 60 },
        { path: 'use.headroom', value: 0.5 },
      ],
    )
    const { main } = wiringReport(modelOf(warm))
    expect(main.parallel).toBeGreaterThan(1)
    expect(partsList(warm).find(l => l.use === 'pack to controller' && l.item.startsWith('Lug'))!.quantity).toBe(
      2 * 2 * main.parallel,
    )
  })
  it('has a gear or a belt at its price, and none for direct drive', () => {
    expect(of(tried(['design.reduction', { kind: 'belt', ratio: 2 }]), /^Toothed belt/)[0]).toMatchObject({
      item: 'Toothed belt drive 2 : 1',
      price: REDUCTION_PRICE.belt,
    })
    expect(of(tried(['design.reduction', { kind: 'gear', ratio: 2.5 }]), /^Gearbox/)[0]).toMatchObject({
      item: 'Gearbox 2.5 : 1',
      price: REDUCTION_PRICE.gear,
    })
    expect(of(tried(['design.reduction', { kind: 'direct', ratio: 1 }]), /^Gearbox|^Toothed/)).toEqual([])
  })
  it('as CSV has the same lines, a price that is not known left empty', () => {
    for (const boat of DEMO_BOATS) {
      const rows = csvParse(partsListCsv(boat)),
        lines = partsList(boat)
      expect(rows.map(r => [r.item, Number(r.quantity), r.unit, r.use])).toEqual(
        lines.map(l => [l.item, l.quantity, l.unit, l.use]),
      )
      rows.forEach((r, i) => expect(r.price_euro).toBe(lines[i]!.price === null ? '' : lines[i]!.price.toFixed(2)))
    }
  })
})

describe('a charger that stays ashore', () => {
  const ashore = newProject(typicalAnswers('dinghy', 3), 'x'),
    SHORE = /Shore inlet|Residual-current|Galvanic isolator/
  it('wants no inlet aboard, and one that comes aboard does', () => {
    expect(ashore.design.charging.inlet).toBe('ashore')
    expect(partsList(ashore).filter(l => SHORE.test(l.item))).toEqual([])
    expect(partsList(ashore).some(l => l.item === ashore.design.charging.charger.name)).toBe(true)
    const aboard = withEdits(ashore, [edit('design.charging.inlet', 'household')])
    expect(partsList(aboard).filter(l => SHORE.test(l.item))).toHaveLength(3)
  })
  it('is what a boat without a house has', () =>
    expect(newProject(typicalAnswers('keelYacht', 8), 'x').design.charging.inlet).toBe('household'))
})

describe('cable and fuse for the amps that there are', () => {
  it.each(named)(
    '%s: the main run carries top, or cruise with its headroom; the motor’s the greater of its amps',
    (_, boat) => {
      const { headroom } = boat.use
      const cruiseAlone = wiringReport(
        modelOf(withEdits(boat, [{ path: 'use.topSpeed', value: boat.use.cruiseSpeed }])),
      )
      const withRoom = wiringReport(
        modelOf(
          withEdits(boat, [
            { path: 'use.topSpeed', value: boat.use.cruiseSpeed },
            { path: 'use.headroom', value: 0 },
          ]),
        ),
      )
      expect(cruiseAlone.current).toBeCloseTo(withRoom.current / (1 - headroom), 6)
      expect(cruiseAlone.motor.current).toBeCloseTo(withRoom.motor.current / (1 - headroom), 6)
    },
  )
})
