import { fieldError } from '../fields'
import { FIELDS, type FieldPath } from '../project/definition/fields'
import { edit, valueAt, withEdits } from '../project/definition/projectPath'
import type { Project } from '../project/definition/projectFields'
import { evaluate, modelOf, type Evaluation } from '../system'
import type { QuantityId, Text } from '../units'
import { valuesOf, type Figure, type FigureValue, type WorkingInput } from './figure'
import { figureOn, type FigureId } from './figures'

/** How far a figure moves when one input is a tenth lower or higher. */
export interface Sensitivity {
  path: FieldPath
  label: string
  lower: number
  higher: number
}

/** The working of one figure, ready to be shown. */
export interface Working extends FigureValue {
  id: FigureId
  label: string
  quantity: QuantityId
  formula: string
  inputs: WorkingInput[]
  source: string
  holds: Text
  /** largest first; worked out when it is first read: some twenty evaluations */
  readonly sensitivities: Sensitivity[]
}

/** By how much each input is changed for the sensitivity. */
export const SENSITIVITY_STEP = 0.1

/**
 * The working of a figure: formula, inputs, source, range, and what ± 10 % of each input does to it.
 *
 * @param id the figure
 * @param project the boat
 * @param speed of the lever, m/s
 * @returns the working
 */
export function explain(id: FigureId, project: Project, speed: number): Working {
  const figure = figureOn(id, project)
  const evaluation = evaluate(project, speed)
  const value = valueOf(figure, evaluation)
  let known: Sensitivity[] | undefined
  return {
    id,
    label: figure.label,
    quantity: figure.quantity,
    ...value,
    formula: figure.words,
    inputs: Object.values(figure.inputs(evaluation)),
    source: figure.source,
    holds: figure.holds(evaluation),
    get sensitivities() {
      return (known ??= sensitivitiesOf(figure.depends, project, speed, e => valueOf(figure, e).value))
    },
  }
}

/**
 * What ± 10 % of each field does to a value.
 *
 * @param paths fields to change, one at a time
 * @param project the boat
 * @param speed of the lever, m/s
 * @param read the value of an evaluation
 * @returns strongest first; fields that are 0 or would leave their range are left out
 */
export function sensitivitiesOf(
  paths: readonly FieldPath[],
  project: Project,
  speed: number,
  read: (e: Evaluation) => number,
): Sensitivity[] {
  const found: Sensitivity[] = []
  for (const path of paths) {
    const base = baseValue(project, path)
    const at = (factor: number) => {
      const value = base * factor
      if (fieldError(FIELDS[path], value)) return null
      return read(evaluate(withEdits(project, [edit(path, value)]), speed))
    }
    const lower = at(1 - SENSITIVITY_STEP),
      higher = at(1 + SENSITIVITY_STEP)
    if (base === 0 || lower === null || higher === null) continue
    found.push({ path, label: FIELDS[path].label, lower, higher })
  }
  return found.sort((a, b) => Math.abs(b.higher - b.lower) - Math.abs(a.higher - a.lower))
}

/** The document's value, or the estimate that stands in for it. */
function baseValue(project: Project, path: FieldPath): number {
  const value = valueAt(project, path)
  if (typeof value === 'number') return value
  const field = path.split('.').at(-1)
  return modelOf(project).form.estimates.find(e => e.field === field)?.value ?? 0
}

/**
 * The value of a figure without its working.
 *
 * @param id the figure
 * @param evaluation the boat at a speed
 * @returns value and band
 */
export function readFigure(id: FigureId, evaluation: Evaluation): FigureValue {
  return valueOf(figureOn(id, evaluation.model.project), evaluation)
}

/** What a figure's formula gives on its inputs, with its band. */
export function valueOf(figure: Figure, e: Evaluation): FigureValue {
  const value = figure.formula(valuesOf(figure.inputs(e)), e)
  return figure.band ? { value, ...figure.band(e, value) } : { value }
}
