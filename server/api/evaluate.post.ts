import { evaluate, evaluationJson } from '@remigo/core'
import { answerRequest, projectOf } from '../answerRequest'
import { evaluateRequestSchema } from '../evaluateRequest'

/** POST /api/evaluate: the same core for those who want it by HTTP. */
export default defineEventHandler(event =>
  answerRequest(event, evaluateRequestSchema, request => {
    const project = projectOf(request.project)
    const at = (speed: number) => evaluationJson(evaluate(project, speed))
    const { speed } = request
    return Array.isArray(speed) ? speed.map(at) : at(speed ?? project.use.cruiseSpeed)
  }),
)
