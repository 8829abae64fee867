import { describe, expect, it } from 'vitest'
import { foundOn } from '../findings/calmBoats'
import { balanceOf, PERSON, plateCheck } from '../../src/mass'
import { DEMO, edit, withEdits, type Edit } from '../../src/project'

const boat = DEMO.wisp,
  carried = (crew: number) => crew * PERSON + balanceOf(withEdits(boat, [edit('yard.crew', crew)])).in.mass
const plated = (...edits: Edit[]) =>
  withEdits(boat, [
    edit('yard.crew', 2),
    edit('yard.platePeople', null),
    edit('yard.plateLoad', null),
    edit('yard.platePower', null),
    ...edits,
  ])
const verdict = (...edits: Edit[]) =>
  foundOn(plated(...edits)).findings.find(f => f.rule === 'capacityPlate')?.severity ?? 'fits'

describe('the capacity plate', () => {
  it('says nothing that it does not name', () => {
    expect(plateCheck(plated())).toEqual({ people: null, load: null, power: null })
    expect(verdict()).toBe('fits')
  })
  it.each([
    [1, 'stop'],
    [2, 'fits'],
    [3, 'fits'],
  ])('two aboard where it allows %i people: %s', (most, wanted) => {
    expect(plateCheck(plated(edit('yard.platePeople', most))).people).toEqual({ most, aboard: 2 })
    expect(verdict(edit('yard.platePeople', most))).toBe(wanted)
  })
  it.each([
    ['a gram less than what she carries', -0.001, 'stop'],
    ['just what she carries', 0, 'fits'],
    ['a gram more', 0.001, 'fits'],
  ])('allows %s', (_, more, wanted) => {
    const most = carried(2) + more
    expect(plateCheck(plated(edit('yard.plateLoad', most))).load!.aboard).toBeCloseTo(carried(2), 9)
    expect(verdict(edit('yard.plateLoad', most))).toBe(wanted)
  })
  it.each([
    ['a watt less than the motors’ plates', -1, 'caution'],
    ['just them', 0, 'fits'],
    ['a watt more', 1, 'fits'],
  ])('allows %s', (_, more, wanted) => {
    const fitted = boat.boat.drive.count * boat.design.motor.ratedPower
    expect(plateCheck(plated(edit('yard.platePower', fitted))).power).toEqual({ most: fitted, fitted })
    expect(verdict(edit('yard.platePower', fitted + more))).toBe(wanted)
  })
  it('one person less is offered while there is one to leave ashore', () => {
    const offered = (crew: number) =>
      foundOn(plated(edit('yard.crew', crew), edit('yard.plateLoad', 10)))
        .findings.find(f => f.rule === 'capacityPlate')!
        .fixes.some(fix => /aboard/.test(fix.label.text))
    expect([offered(2), offered(1)]).toEqual([true, false])
  })
})
