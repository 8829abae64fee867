import { describe, expect, it } from 'vitest'
import {
  DEMO,
  DEMO_BOATS,
  migrateProject,
  MIGRATIONS,
  projectSchema,
  PROJECT_VERSION,
  setupOf,
  usualWayHome,
} from '../../src/project'
import { stringFaults } from '../../src/solar'

const without = (of: object, keys: string[]) =>
  Object.fromEntries(Object.entries(of).filter(([key]) => !keys.includes(key)))

/** A boat as an older Remigo wrote it: what came later is taken out again. */
function asVersion5({ boat, use, design, ...rest }: (typeof DEMO_BOATS)[number]) {
  const wiring = without(design.wiring, [
    'dcdcLeast',
    'dcdcGreatest',
    'dcdcPower',
    'chargeLength',
    'houseLength',
    'panelLength',
  ])
  return {
    ...rest,
    version: 5,
    boat: without(boat, ['compartments']),
    use: without(use, ['outings', 'wayHome', 'place']),
    design: {
      ...without(design, ['banks', 'solar']),
      wiring: {
        ...wiring,
        fitted: { ...without(design.wiring.fitted, ['galvanicIsolator', 'bonding']), precharge: false },
      },
      charging: without(design.charging, [
        'supply',
        'generatorPower',
        'generatorShare',
        'generatorFuel',
        'sun',
        'sailing',
        'month',
      ]),
    },
  }
}

describe('boats of version 6', () => {
  const old = { ...DEMO.tirrick, version: 6, held: { motor: true, pack: false, propeller: false, voltage: false } }
  const run = { speed: 2, power: 900, voltage: null, current: null, direction: '', stream: null, note: '' }
  const moved = (points: object[]) => {
    const outcome = migrateProject({ ...old, trial: { points, use: 'theory' } })
    return projectSchema.parse(outcome.outcome === 'current' ? outcome.document : null)
  }
  it('keep their runs, each with the drive, house and weight that the boat had', () => {
    const { trial, held } = moved([run, run])
    expect(trial.points.map(p => p.setup)).toEqual([0, 0])
    // what they did not keep is taken from the boat: bottom, energy, and the pack's nominal volts
    expect(trial.setups).toEqual([{ ...setupOf(DEMO.tirrick), packVoltage: 51.2 }])
    expect(trial.points[0]).toMatchObject({ kind: 'battery', rpm: null, doubt: null })
    expect(held).toEqual({
      motor: true,
      controller: false,
      reduction: false,
      leg: false,
      propeller: false,
      pack: false,
      voltage: false,
      charger: false,
      panels: false,
    })
  })
  it('without runs need no setup', () => expect(moved([]).trial.setups).toEqual([]))
})

/** Kinds of hull that are younger than version 5. */
const YOUNGER: readonly string[] = ['pedalCraft']
describe('boats of version 5', () => {
  it.each(DEMO_BOATS.filter(b => !YOUNGER.includes(b.boat.hullType)).map(b => [b.name, b] as const))(
    '%s is brought up to date, keeps what it had and gets what is usual',
    (_, boat) => {
      const moved = migrateProject(asVersion5(boat))
      expect(moved.outcome).toBe('current')
      const parsed = projectSchema.safeParse(moved.outcome === 'current' ? moved.document : null)
      expect(parsed.error?.issues ?? []).toEqual([])
      expect(parsed.data!.version).toBe(PROJECT_VERSION)
      expect(parsed.data!.design.wiring.fitted).toMatchObject({
        precharge: false,
        galvanicIsolator: true,
        bonding: true,
      })
      expect(parsed.data!.design.charging.charger).toEqual(boat.design.charging.charger)
      expect(parsed.data!.design.solar.fitted).toBe(false)
      // the panels that are offered suit the pack
      expect(
        stringFaults(
          parsed.data!.design.solar,
          boat.design.pack.series * boat.design.pack.cell.cellsInSeries * boat.design.pack.chargeVoltage,
        ),
      ).toEqual([])
      expect(parsed.data!.use.wayHome).toBe(usualWayHome(boat.boat))
    },
  )
  it('every version has its step, up to today’s', () => {
    for (let v = 1; v < PROJECT_VERSION; v++) expect(MIGRATIONS[v]).toBeDefined()
  })
  it('a damaged document is not made worse: the schema tells what is missing', () => {
    const moved = migrateProject({ format: 'remigo-boat', version: 5, boat: null, use: 3, design: 'x' })
    expect(moved.outcome).toBe('current')
    expect(projectSchema.safeParse(moved.outcome === 'current' ? moved.document : null).success).toBe(false)
  })
})

it('sails bring a yacht home, oars a dinghy, nothing a launch', () => {
  expect(usualWayHome({ hullType: 'keelYacht', variant: '' })).toBe('sails')
  expect(usualWayHome({ hullType: 'dinghy', variant: '' })).toBe('oars')
  expect(usualWayHome({ hullType: 'displacementLaunch', variant: '' })).toBe('none')
})
