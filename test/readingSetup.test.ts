import { describe, expect, it } from 'vitest'
import { setupKeys } from '../app/components/readings/setupKeys'

describe('what of a setup is worth asking', () => {
  it('a trolling motor has notches; at Start no more than that and its plate is asked', () => {
    expect(setupKeys({ made: 'another', kind: 'trollingMotor' }, { early: true })).toEqual(['kind', 'notches', 'plate'])
    expect(setupKeys({ made: 'another', kind: 'pod' }, { early: true })).toEqual(['kind', 'plate'])
    expect(setupKeys({ made: 'oldEngine' }, { early: true })).toEqual([])
  })
  it('a pack is asked where a share of its charge was read, but not of the one that is fitted', () => {
    expect(setupKeys({ made: 'unknown' }, { pack: true })).toContain('packEnergy')
    expect(setupKeys({ made: 'asFitted' }, { pack: true })).not.toContain('packEnergy')
  })
  it('gear and propeller are asked where turns were read with another drive', () => {
    expect(setupKeys({ made: 'another' }, { turns: true })).toEqual(
      expect.arrayContaining(['gear', 'diameter', 'pitch']),
    )
    expect(setupKeys({ made: 'asFitted' }, { turns: true })).not.toContain('gear')
  })
})
