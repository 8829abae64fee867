import { describe, expect, it } from 'vitest'
import { oneLine, powerPaths } from '../../src/oneLine'
import { DEMO, DEMO_BOATS, withEdits } from '../../src/project'
import { SIZED_FLEET } from '../fleet/fleetBoats'

const generator = withEdits(DEMO.osprel, [{ path: 'design.charging.supply', value: 'generator' }])

describe('the diagram read way by way', () => {
  it.each([...DEMO_BOATS, ...SIZED_FLEET, generator].map(b => [b.name, b] as const))(
    '%s: every device once, every power line once',
    (_, boat) => {
      const diagram = oneLine(boat),
        paths = powerPaths(diagram),
        power = diagram.wires.filter(w => w.kind !== 'signal')
      const steps = paths.flatMap(p => p.steps.map(s => s.device.id))
      expect([...steps].sort()).toEqual(diagram.devices.map(d => d.id).sort())
      const lines = paths.flatMap(p => {
        const ids = [
          ...(p.leaves ? [p.leaves.id] : []),
          ...p.steps.map(s => s.device.id),
          ...(p.joins ? [p.joins.id] : []),
        ]
        return ids.slice(1).map((to, i) => `${ids[i]} ${to}`)
      })
      expect(lines.sort()).toEqual(power.map(w => `${w.from} ${w.to}`).sort())
    },
  )
  it('the first way leads from the pack to the motor', () => {
    const ids = powerPaths(oneLine(DEMO.tirrick))[0]!.steps.map(s => s.device.id)
    expect([ids[0], ids.at(-1)]).toEqual(['pack', 'motor'])
  })
})
