import { describe, expect, it } from 'vitest'
import { DEMO, DEMO_BOATS, edit, withEdits } from '../../src/project'
import { modelOf, operatingPoint } from '../../src/system'

describe('methods prepared for a hull', () => {
  const boat = DEMO.tirrick
  it('are kept where an edit leaves the hull alone', () => {
    const { methods } = modelOf(withEdits(boat, [edit('use.cruiseSpeed', 2.5)]))
    expect(modelOf(withEdits(boat, [edit('use.houseLoad', 90)])).methods).toBe(methods)
    expect(modelOf(withEdits(boat, [edit('trial.use', 'measured')])).methods).toBe(methods)
  })
  it('are others for another weight, length, bottom, water or warmth', () => {
    const { methods } = modelOf(boat)
    for (const change of [
      edit('boat.mass', 1.001 * boat.boat.mass),
      edit('boat.lengthWaterline', 7.7),
      edit('use.hullCondition', boat.use.hullCondition === 'weed' ? 'clean' : 'weed'),
      edit('boat.water', boat.boat.water === 'sea' ? 'fresh' : 'sea'),
      edit('boat.waterTemperature', boat.boat.waterTemperature + 5),
    ])
      expect(modelOf(withEdits(boat, [change])).methods).not.toBe(methods)
  })
  it('say the same when they were kept, forgotten and made again', () => {
    const at = () => operatingPoint(modelOf({ ...boat }), 2.4).drive.packPower
    const first = at()
    expect(at()).toBe(first)
    for (const other of DEMO_BOATS) operatingPoint(modelOf({ ...other }), 2.4)
    expect(at()).toBe(first)
  })
})
