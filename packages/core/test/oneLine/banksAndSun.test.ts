import { edit } from '../../src/project/definition/projectPath'
import { describe, expect, it } from 'vitest'
import { oneLine, placeOneLine } from '../../src/oneLine'
import { DEMO, withEdits, type Edit, type Project } from '../../src/project'
import { chargerSettings } from '../../src/report'
import { partsList } from '../../src/money'
import { fillText } from '../../src/units'

const launch = DEMO.osprel
const with_ = (...edits: Edit[]) => withEdits(launch, edits)
/** devices that power reaches from a source, along the cables whatever their direction */
function reached(project: Project, from: string): Set<string> {
  const { wires } = oneLine(project),
    seen = new Set([from]),
    open = [from]
  while (open.length) {
    const at = open.pop()!
    for (const w of wires) {
      if (w.kind === 'signal') continue
      const next = w.from === at ? w.to : w.to === at ? w.from : null
      if (next && !seen.has(next)) {
        seen.add(next)
        open.push(next)
      }
    }
  }
  return seen
}

describe('the diagram of banks and sources', () => {
  const edits: [string, Edit[]][] = [
    ['two banks and panels', []],
    ['one bank', [{ path: 'design.banks.count', value: 1 }]],
    ['a generator', [{ path: 'design.charging.supply', value: 'generator' }]],
    ['no panels', [{ path: 'design.solar.fitted', value: false }]],
    ['panels straight on', [{ path: 'design.solar.controller', value: null }]],
    [
      'nothing fitted',
      (
        ['contactor', 'disconnect', 'shunt', 'chargeRelays', 'precharge', 'emergencyStop', 'galvanicIsolator'] as const
      ).map(f => edit(`design.wiring.fitted.${f}`, false)),
    ],
    [
      'worn strings beside it',
      [
        {
          path: 'design.banks.others',
          value: [{ cell: launch.design.pack.cell, series: 16, parallel: 1, health: 0.7, lowCut: null, highCut: null }],
        },
      ],
    ],
  ]
  it.each(edits)(
    '%s: every wire joins two devices, every source reaches the motor, and each line of the parts list is drawn',
    (_, change) => {
      const boat = with_(...change),
        diagram = oneLine(boat),
        { devices, wires } = diagram,
        ids = new Set(devices.map(d => d.id))
      expect(ids.size).toBe(devices.length)
      for (const w of wires) expect([ids.has(w.from), ids.has(w.to)], `${w.from} to ${w.to}`).toEqual([true, true])
      for (const id of ['pack', 'pack2', 'panels', 'inlet', 'generator', 'others1'])
        if (ids.has(id)) expect(reached(boat, id).has('motor'), id).toBe(true)
      for (const line of partsList(boat)) expect(ids.has(line.device), line.item).toBe(true)
      expect(() => placeOneLine(diagram)).not.toThrow()
    },
  )
  it('each bank has its own fuse, contactor and guard, and they carry as much together as one pack', () => {
    const { devices } = oneLine(launch)
    for (const kind of ['Main fuse', 'Contactor', 'BMS', 'Disconnect'])
      expect(devices.filter(d => d.label.startsWith(kind))).toHaveLength(2)
    const fuses = partsList(launch).find(l => l.use === 'main fuse, at each bank')!
    expect(fuses.quantity).toBe(2)
  })
  it('a guard can stop every source of charge', () => {
    const { wires } = oneLine(launch)
    for (const relay of ['chargeRelay', 'panelRelay'])
      expect(wires.some(w => w.kind === 'signal' && w.from === 'guard' && w.to === relay)).toBe(true)
  })
  it('shore and generator meet at a changeover, never both at the charger', () => {
    const { wires } = oneLine(with_({ path: 'design.charging.supply', value: 'generator' }))
    expect(wires.filter(w => w.to === 'charger').map(w => w.from)).toEqual(['changeover'])
  })
})

it('the settings of the solar controller stay below the charger’s and never float lithium', () => {
  const groups = chargerSettings(launch),
    solar = groups.find(g => g.head.startsWith('Solar'))!,
    charger = groups.find(g => g.head === 'Charger')!
  const volts = (g: typeof solar) =>
    Number.parseFloat(fillText(g.settings.find(s => s.label.startsWith('Bulk'))!.value))
  expect(volts(solar)).toBeLessThan(volts(charger))
  expect(fillText(solar.settings.find(s => s.label === 'Float')!.value)).toBe('off')
  expect(
    chargerSettings(with_({ path: 'design.solar.fitted', value: false })).some(g => g.head.startsWith('Solar')),
  ).toBe(false)
})
