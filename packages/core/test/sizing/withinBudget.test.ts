import { describe, expect, it } from 'vitest'
import { budgetOf, fillText, firstDesign, readHave, typicalAnswers, type HullTypeId } from '../../src'

const designOf = (hull: HullTypeId, length: number, have: string, wish = false) =>
  firstDesign(typicalAnswers(hull, length), 'x', { have: readHave(have).had, wish })
const costOf = (made: ReturnType<typeof designOf>) => budgetOf(made.project).likely.value

describe('what a budget buys', () => {
  const usual = designOf('displacementLaunch', 7, ''),
    cost = costOf(usual)
  it('is nothing to say where none was told', () => expect(usual.bought).toBeNull())
  it.each([
    ['just enough', 1, /^It is enough/],
    // the finding "over the budget" counts against a drive: a cheaper one for the same speed comes first
    ['just less than what is liked best', 0.999, /^It is enough/],
    ['a tenth less', 0.9, /^It buys .* The usual/],
    ['a third less', 0.67, /^It buys .* The usual/],
  ])('%s', (_, share, words) => {
    // rounded up to whole euros, so that the sum itself is enough
    const made = designOf('displacementLaunch', 7, `budget ${Math.ceil(share * cost)} €`)
    expect(fillText(made.bought!)).toMatch(words)
    expect(costOf(made)).toBeLessThanOrEqual(Math.ceil(share * cost))
    expect(made.project.use.duration).toBeLessThanOrEqual(usual.project.use.duration)
  })
  it('too little for the least leaves the design whole, and says by how much', () => {
    const made = designOf('displacementLaunch', 7, 'budget 500 €')
    expect(fillText(made.bought!)).toMatch(/^Too little: even/)
    expect(made.project.use).toEqual(usual.project.use)
  })
  it('leaves a speed that was asked for', () => {
    const made = designOf('displacementLaunch', 7, 'budget 3000 €', true)
    expect(fillText(made.bought!)).toMatch(/more\. Slower, shorter/)
    expect(made.project.use.cruiseSpeed).toBe(usual.project.use.cruiseSpeed)
  })
})
