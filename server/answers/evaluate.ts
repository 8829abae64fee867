import { evaluate, evaluationJson } from '@remigo/core'
import { projectOf } from './badRequest'
import { evaluateRequestSchema } from './requests'
import { answering } from './answering'

/** A boat at one speed or several. */
export const evaluateAnswer = answering(evaluateRequestSchema, request => {
  const project = projectOf(request.project)
  const at = (speed: number) => evaluationJson(evaluate(project, speed))
  const { speed } = request
  return Array.isArray(speed) ? speed.map(at) : at(speed ?? project.use.cruiseSpeed)
})
