import { describe, expect, it } from 'vitest'
import { checkFindings, findingDevice, RULES, type RuleId, type Severity } from '../../src/findings'
import { DEMO, edit, withEdits, type Edit, type Project } from '../../src/project'
import { powerAsItStands } from '../../src/advice'
import type { Fitting, FuseSpec } from '../../src/wiring'
import { fillText } from '../../src/units'
import { calm } from './calmBoats'

const { pack, controller } = calm.design
const without = (...fittings: Fitting[]): Edit[] => fittings.map(f => edit(`design.wiring.fitted.${f}`, false))
/** The calm boat with so many cells in series, and parts that stand it. */
const atVolts = (series: number): Edit[] => [
  edit('design.pack.series', series),
  edit('design.controller', { ...controller, leastVoltage: 20, greatestVoltage: 500 }),
  edit('design.motor', { ...calm.design.motor, leastVoltage: 20, greatestVoltage: 500 }),
]
const fuse: FuseSpec = {
  id: 'own/fuse',
  name: 'A fuse',
  estimated: [],
  standIn: false,
  kind: 'fast, current-limiting',
  rating: 125,
  voltage: 125,
  interrupt: 40_000,
  price: 50,
}
const winter: Edit[] = [
  edit('use.place', { latitude: (60 * Math.PI) / 180, longitude: 0.1 }),
  edit('use.year', { ...calm.use.year, seasonFrom: 0, seasonTo: 11 }),
]
const lead: Edit[] = [
  edit('design.pack.cell', { ...pack.cell, chemistry: 'FLOODED', cellsInSeries: 6 }),
  edit('design.pack.series', 4),
  edit('design.pack.chargeVoltage', 2.4),
]
const other = (of: Partial<typeof pack.cell>, series: number) => ({
  cell: { ...pack.cell, ...of },
  series,
  parallel: 1,
  health: 1,
  lowCut: null,
  highCut: null,
})

/** Setups that hurt people or boats; each is told by a rule, as a clash or as a caution. */
const SETUPS: [string, Edit[], RuleId, Severity][] = [
  ['a cable too thin for its amps in a warm engine space', [edit('design.wiring.mainArea', 6)], 'cableHeat', 'stop'],
  [
    'insulation that has no place in an engine space',
    [edit('design.wiring.insulation', 60), edit('design.wiring.engineSpace', true)],
    'cableHeat',
    'stop',
  ],
  [
    'strings of unlike cells side by side',
    [edit('design.banks.others', [other({}, pack.series - 2)])],
    'mixedStrings',
    'stop',
  ],
  [
    'strings of another chemistry',
    [edit('design.banks.others', [other({ chemistry: 'NMC' }, 14)])],
    'mixedStrings',
    'stop',
  ],
  ['charging below freezing, and no BMS that stops it', winter, 'coldCharge', 'stop'],
  [
    'charging below freezing, with a BMS that stops it',
    [...winter, edit('design.wiring.fitted.coldCut', true)],
    'coldCharge',
    'caution',
  ],
  ['lead in a closed box under a berth', [...lead, edit('design.wiring.vented', false)], 'boxUnvented', 'stop'],
  ['lithium in a closed box', [edit('design.wiring.vented', false)], 'boxUnvented', 'caution'],
  ['a pack in the bilge', [edit('design.wiring.place', 'bilge')], 'packPlace', 'stop'],
  ['a pack in the spray', [edit('design.wiring.place', 'spray')], 'packPlace', 'caution'],
  ['96 V on open terminals', [...atVolts(30), ...without('terminalCovers')], 'terminalsOpen', 'stop'],
  ['48 V on open terminals', without('terminalCovers'), 'terminalsOpen', 'caution'],
  ['96 V that can be touched', atVolts(30), 'touchVoltage', 'caution'],
  ['precharge bypassed', without('precharge'), 'noPrecharge', 'caution'],
  ['precharge bypassed above 120 V', [...atVolts(40), ...without('precharge')], 'noPrecharge', 'stop'],
  ['no emergency stop', without('emergencyStop'), 'noEmergencyStop', 'caution'],
  ['no emergency stop above 120 V', [...atVolts(40), ...without('emergencyStop')], 'noEmergencyStop', 'stop'],
  ['no insulation watch', [...atVolts(30), ...without('insulationWatch')], 'noInsulationWatch', 'caution'],
  ['no insulation watch above 120 V', [...atVolts(40), ...without('insulationWatch')], 'noInsulationWatch', 'stop'],
  ['an emergency stop that only asks a computer', without('hardwiredStop'), 'stopByComputer', 'caution'],
  ['the same above 120 V', [...atVolts(40), ...without('hardwiredStop')], 'stopByComputer', 'stop'],
  ['shore without an isolator', without('galvanicIsolator'), 'noGalvanicIsolator', 'caution'],
  [
    'a fuse that cannot break the short',
    [edit('design.wiring.fuse', { ...fuse, interrupt: 2000 })],
    'fuseInterrupt',
    'stop',
  ],
  ['a fuse below the volts', [edit('design.wiring.fuse', { ...fuse, voltage: 32 })], 'fuseVoltage', 'stop'],
  [
    'a fuse larger than its cable',
    [edit('design.wiring.fuse', { ...fuse, rating: 400 }), edit('design.wiring.mainArea', 25)],
    'fuseAboveCable',
    'stop',
  ],
  ['no fuse that suits', [edit('design.wiring.mainArea', 10)], 'fuseNone', 'stop'],
  [
    'two chargers on one BMS',
    [
      edit('design.charging.count', 2),
      edit('design.wiring.bmsCurrent', 45),
      edit('design.charging.charger', { ...calm.design.charging.charger, current: 30 }),
    ],
    'chargersBeyondBms',
    'stop',
  ],
  ['a propeller that turns while it is worked on', without('propellerLock'), 'propellerUnlocked', 'caution'],
  [
    'petrol vapour beside a contactor',
    [...without('sparkSafe'), edit('design.charging.supply', 'generator'), edit('use.costs.fuel', 'petrol')],
    'petrolVapour',
    'stop',
  ],
  ['a contactor below the volts', [edit('design.wiring.contactorVoltage', 32)], 'contactorRating', 'stop'],
  [
    'a contactor too small for the bank that drives alone',
    [
      edit('design.pack.parallel', 2),
      edit('design.banks.count', 2),
      edit('design.banks.together', 'one at a time'),
      edit('design.wiring.contactorCurrent', 50),
    ],
    'contactorRating',
    'caution',
  ],
  ['no contactor', without('contactor'), 'noContactor', 'caution'],
  ['no main disconnect', without('disconnect'), 'noDisconnect', 'caution'],
  ['a pack above what the controller stands', [edit('design.pack.chargeVoltage', 4)], 'packAboveWindow', 'stop'],
  ['chargers that push more than the cells take', [edit('design.charging.count', 8)], 'chargerAboveCells', 'caution'],
  [
    'panels whose cold volts kill their controller',
    [edit('design.solar', { ...DEMO.osprel.design.solar, fitted: true, series: 20 })],
    'panelVolts',
    'stop',
  ],
  [
    'panels straight on the pack',
    [edit('design.solar', { ...DEMO.osprel.design.solar, fitted: true, controller: null })],
    'panelsUncontrolled',
    'stop',
  ],
  ['charge that no BMS can stop', without('chargeRelays'), 'noChargeRelays', 'caution'],
  [
    'shore and generator on one circuit',
    [
      edit('design.charging.supply', 'generator'),
      edit('design.charging.changeover', false),
      edit('day.legs', [{ ...calm.day.legs[0]!, does: 'waits', plugged: true }]),
    ],
    'noChangeover',
    'stop',
  ],
  ['a house converter below the volts', [edit('design.wiring.dcdcGreatest', 40)], 'houseConverter', 'stop'],
  ['a house that shares the drive’s pack', without('separateHouse'), 'houseTogether', 'caution'],
  ['no bonding', without('bonding'), 'noBonding', 'caution'],
  ['a BMS that opens under way', [edit('design.wiring.bmsCurrent', 40)], 'bmsAmps', 'stop'],
  ['more aboard than the plate allows', [edit('yard.plateLoad', 50), edit('yard.crew', 4)], 'capacityPlate', 'stop'],
]

describe('dangerous setups are told', () => {
  const told = (boat: Project) => checkFindings(boat).findings
  it('none of them on the calm boat', () => {
    const rules = new Set(told(calm).map(f => f.rule))
    for (const [, , rule] of SETUPS) expect(rules.has(rule), rule).toBe(false)
    expect(SETUPS.length).toBeGreaterThanOrEqual(30)
  })
  it.each(SETUPS)('%s', (_, edits, rule, severity) => {
    const finding = told(withEdits(calm, edits)).find(f => f.rule === rule)
    expect(finding, rule).toBeDefined()
    expect(finding!.severity).toBe(severity)
    // one sentence or two, what mends it, and a place where the owner would look
    expect(fillText(finding!.sentence).length).toBeGreaterThan(20)
    expect(finding!.fixes.length > 0 || Boolean(finding!.need)).toBe(true)
    expect(RULES[rule].part.length).toBeGreaterThan(0)
    expect(findingDevice(finding!) !== null || ['propeller', 'hull'].includes(finding!.part)).toBe(true)
  })
  it.each(SETUPS.filter(([, , , severity]) => severity === 'stop'))(
    '%s: keeps First power shut, until it is passed over in writing',
    (_, edits, rule) => {
      const boat = withEdits(calm, edits),
        power = powerAsItStands(boat),
        group = power.groups.find(g => g.steps.some(s => s.step.id === `clash-${rule}`))
      // what no stage makes live is told by its finding alone
      if (!group) return expect(['capacityPlate']).toContain(rule)
      expect(group.locked).toBe(true)
      const passed = (why: string) =>
        powerAsItStands(
          withEdits(boat, [
            edit('yard.readings', [
              { step: `clash-${rule}`, value: null, done: false, who: 'owner', at: '', why, note: '' },
            ]),
          ]),
        )
          .groups.flatMap(g => g.steps)
          .find(s => s.step.id === `clash-${rule}`)!.state
      // a word is no reason
      expect(passed('known')).toBe('stop')
      expect(passed('measured by the electrician, see the sheet')).toBe('overridden')
    },
  )
})

describe('above 120 V the guards are conditions: just below, at and just above', () => {
  it.each([
    ['noInsulationWatch', 'insulationWatch'],
    ['noPrecharge', 'precharge'],
    ['noEmergencyStop', 'emergencyStop'],
  ] as const)('%s', (rule, fitting) => {
    const at = (volts: number) =>
      checkFindings(
        withEdits(calm, [...atVolts(34), edit('design.pack.chargeVoltage', volts / 34), ...without(fitting)]),
      ).findings.find(f => f.rule === rule)?.severity
    expect([119.9, 120, 120.1].map(at)).toEqual(['caution', 'caution', 'stop'])
  })
})
