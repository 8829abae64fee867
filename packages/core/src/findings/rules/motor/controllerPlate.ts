import type { Rule } from '../../finding'
import { otherController } from '../../fixes'
import { plateFinding } from '../../plateFinding'

/** A controller whose figures cannot belong together. */
export const controllerPlate: Rule = {
  part: 'controller',
  reveals: true,
  checks: 'Controller’s plate agrees with itself',
  source: 'Its window, amps and temperatures against each other',
  check: facts =>
    plateFinding('controller', facts.model.project, () =>
      otherController(facts, {
        batteryCurrent: facts.cruise.drive.controllerCurrent,
        phaseCurrent: facts.cruise.drive.phaseCurrent,
      }),
    ),
}
