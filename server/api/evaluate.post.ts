import { evaluate, evaluationJson, readProjectData, fieldErrors } from '@remigo/core'
import { evaluateRequestSchema } from '../evaluateRequest'
import { readLimitedBody } from '../readLimitedBody'

/** POST /api/evaluate: the same core for those who want it by HTTP. */
export default defineEventHandler(async event => {
  const body = await readLimitedBody(event)
  if (!body.ok) {
    setResponseStatus(event, body.status)
    return { errors: body.errors }
  }
  const request = evaluateRequestSchema.safeParse(body.data)
  if (!request.success) {
    setResponseStatus(event, 400)
    return { errors: fieldErrors(request.error.issues) }
  }
  const read = readProjectData(request.data.project)
  if (!read.ok) {
    setResponseStatus(event, 400)
    return { errors: read.errors.map(e => ({ ...e, field: `project.${e.field}` })) }
  }
  return evaluationJson(evaluate(read.project, request.data.speed ?? read.project.use.cruiseSpeed))
})
