import { expect, it } from 'vitest'
import { DEMO, takeOver, withEdits, type Part } from '@remigo/core'

const { motor, pack, charging } = DEMO.tirrick.design

it('a part that was changed in the library reaches the boat that has it, with its strings as they are', () => {
  const heavier = { ...(motor as unknown as Part), mass: 60 }
  const edits = takeOver('motor', heavier, DEMO.tirrick)!
  expect(withEdits(DEMO.tirrick, edits).design.motor.mass).toBe(60)
  const cell = { ...(pack.cell as unknown as Part), capacityAh: 200 }
  const boat = withEdits(DEMO.tirrick, takeOver('cell', cell, DEMO.tirrick)!)
  expect(boat.design.pack).toMatchObject({ series: pack.series, parallel: pack.parallel, cell: { capacityAh: 200 } })
})

it('is not offered where she has another part, or the same', () => {
  expect(takeOver('charger', charging.charger as unknown as Part, DEMO.tirrick)).toBeNull()
  expect(takeOver('motor', { ...(motor as unknown as Part), id: 'own/other', mass: 60 }, DEMO.tirrick)).toBeNull()
  expect(takeOver('cable', { id: 'x', name: 'x' }, DEMO.tirrick)).toBeNull()
})

it('knows a part by the name that it had', () => {
  const renamed = { ...(motor as unknown as Part), id: 'own/renamed', name: 'Renamed' }
  expect(takeOver('motor', renamed, DEMO.tirrick, motor.id)).toHaveLength(1)
})
