import { describe, expect, it } from 'vitest'
import { DEMO_BOATS, migrateProject, MIGRATIONS, projectSchema, PROJECT_VERSION, usualWayHome } from '../../src/project'
import { stringFaults } from '../../src/solar'

/** A boat as an older Remigo wrote it: what came later is taken out again. */
function asVersion5(boat: typeof DEMO_BOATS[number]) {
  const old = JSON.parse(JSON.stringify(boat))
  old.version = 5
  delete old.boat.compartments
  for (const key of ['outings', 'wayHome', 'place']) delete old.use[key]
  for (const key of ['banks', 'solar']) delete old.design[key]
  for (const key of ['dcdcLeast', 'dcdcGreatest', 'dcdcPower']) delete old.design.wiring[key]
  for (const key of ['galvanicIsolator', 'bonding']) delete old.design.wiring.fitted[key]
  for (const key of ['supply', 'generatorPower', 'generatorShare', 'generatorFuel', 'sun', 'sailing', 'month']) delete old.design.charging[key]
  return old
}

describe('boats of version 5', () => {
  it.each(DEMO_BOATS.map(b => [b.name, b] as const))('%s is brought up to date, keeps what it had and gets what is usual', (_, boat) => {
    const old = asVersion5(boat)
    old.design.wiring.fitted.precharge = false
    const moved = migrateProject(old)
    expect(moved.outcome).toBe('current')
    const parsed = projectSchema.safeParse(moved.outcome === 'current' ? moved.document : null)
    expect(parsed.error?.issues ?? []).toEqual([])
    expect(parsed.data!.version).toBe(PROJECT_VERSION)
    expect(parsed.data!.design.wiring.fitted).toMatchObject({ precharge: false, galvanicIsolator: true, bonding: true })
    expect(parsed.data!.design.charging.charger).toEqual(boat.design.charging.charger)
    expect(parsed.data!.design.solar.fitted).toBe(false)
    // the panels that are offered suit the pack
    expect(stringFaults(parsed.data!.design.solar, boat.design.pack.series * boat.design.pack.cell.cellsInSeries * boat.design.pack.chargeVoltage)).toEqual([])
    expect(parsed.data!.use.wayHome).toBe(usualWayHome(boat.boat))
  })
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
