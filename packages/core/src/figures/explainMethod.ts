import type { Project } from '../project/definition/projectFields'
import type { MethodId } from '../hull'
import { resistanceMethodOf } from '../resistance'
import { BAND, driveTrain, evaluate, type Evaluation, type MethodPoint } from '../system'
import { type Text, metresPerSecond } from '../units'
import { sensitivitiesOf, type Sensitivity, type Working } from './explain'
import { HULL_FIELDS } from './figure'

/** One method at the speed of an evaluation. */
function methodAt({ point }: Evaluation, method: MethodId): MethodPoint {
  const found = point.resistance.methods.find(m => m.id === method)
  if (!found)
    throw new RangeError(`method must be one of ${point.resistance.methods.map(m => m.id).join(', ')}; got ${method}`)
  return found
}

const shaftPowerBy = (e: Evaluation, resistance: number) => driveTrain(e.model, e.point.speed, resistance).shaftPower

/**
 * Shaft power that one method by itself asks for, at the speed of an evaluation.
 *
 * @param evaluation the boat at a speed
 * @param method short name of a method that suits her hull
 * @returns W at the motor's shaft
 * @throws RangeError for a method that does not suit the hull
 */
export function methodShaftPower(evaluation: Evaluation, method: MethodId): number {
  return shaftPowerBy(evaluation, methodAt(evaluation, method).value)
}

/** Where a method holds for this hull, and whether it does here. */
function methodHolds(e: Evaluation, method: MethodId): Text {
  const { middle } = e.model.methods.find(m => m.method.id === method)!
  const range = {
    from: metresPerSecond(middle.speedFrom),
    to: metresPerSecond(middle.speedTo),
  }
  if (middle.outside.length > 0) {
    const which = middle.outside.map(o => `${o.name} ${o.value.toFixed(2)} (${o.min} to ${o.max})`).join(', ')
    return {
      text: 'Outside its range by {which}: drawn dotted, and not used while another method holds.',
      params: { which },
    }
  }
  const { speed } = e.point
  if (speed < middle.speedFrom || speed > middle.speedTo)
    return { text: 'From {from} to {to}: outside it here.', params: range }
  return { text: 'From {from} to {to} for this hull.', params: range }
}

/**
 * The working of one method's shaft power: its parts, source, range, and what ± 10 % of each input does to it.
 *
 * @param method short name of a method that suits the hull
 * @param project the boat
 * @param speed of the lever, m/s
 * @returns the working
 * @throws RangeError for a method that does not suit the hull
 */
export function explainMethod(method: MethodId, project: Project, speed: number): Working {
  const { label, source, basis, inService } = resistanceMethodOf(method)
  const e = evaluate(project, speed)
  const at = methodAt(e, method)
  const force = (value: number, what: string) => ({ value, quantity: 'force' as const, what })
  let known: Sensitivity[] | undefined
  return {
    id: 'shaftPower',
    label: `shaft power, ${label}`,
    quantity: 'electricPower',
    value: shaftPowerBy(e, at.value),
    low: shaftPowerBy(e, at.value * Math.exp(-BAND * at.sigma)),
    high: shaftPowerBy(e, at.value * Math.exp(BAND * at.sigma)),
    formula: inService
      ? 'pull of the formula, service in it, through propeller and transmission'
      : 'pull = (friction + wave + keel and rudder + air) × margin, through propeller and transmission',
    inputs: [
      ...(inService
        ? [force(at.wave, 'pull by the formula')]
        : [
            force(at.friction, 'friction of the hull'),
            force(at.wave, 'waves'),
            force(at.appendage, 'keel, skeg and rudder'),
          ]),
      force(at.air, inService ? 'head wind on top' : 'air'),
      { value: at.margin, quantity: 'plain', what: 'sea margin' },
      { value: e.point.drive.propellerEfficiency, quantity: 'ratio', what: 'propeller, at the recommended pull' },
    ],
    source: `${source}. ${basis}`,
    holds: methodHolds(e, method),
    get sensitivities() {
      return (known ??= sensitivitiesOf(HULL_FIELDS, project, speed, x => methodShaftPower(x, method)))
    },
  }
}
