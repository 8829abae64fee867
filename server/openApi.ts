import { z } from 'zod'
import { projectJsonSchema } from '@remigo/core'
import { BODY_LIMIT, evaluateRequestSchema, fitRequestSchema, newRequestSchema } from './answers/requests'

const errors = {
  type: 'object',
  required: ['errors'],
  properties: {
    errors: {
      type: 'array',
      items: {
        type: 'object',
        required: ['field', 'message'],
        properties: { field: { type: 'string' }, message: { type: 'string' } },
      },
    },
  },
}
/** A request's schema, in which the boat stands once for all. */
function requestOf(schema: z.ZodType) {
  const request = z.toJSONSchema(schema, { target: 'draft-2020-12' }) as { properties: Record<string, unknown> }
  if ('project' in request.properties) request.properties.project = { $ref: '#/components/schemas/Project' }
  return request
}
const json = (schema: unknown) => ({ content: { 'application/json': { schema } } })

/** A call by POST: its body, its answer, and the errors that all have. */
const post = (operationId: string, summary: string, request: z.ZodType, answer: unknown) => ({
  post: {
    operationId,
    summary,
    description: `Body of at most ${BODY_LIMIT} bytes. All values SI.`,
    requestBody: { required: true, ...json(requestOf(request)) },
    responses: {
      200: { description: 'The answer', ...json(answer) },
      400: { description: 'The request cannot be used', ...json({ $ref: '#/components/schemas/Errors' }) },
      413: { description: 'The request is too large', ...json({ $ref: '#/components/schemas/Errors' }) },
    },
  },
})

/**
 * The OpenAPI document of Remigo's HTTP interface, made from the same schemas that check requests.
 *
 * @returns OpenAPI 3.1
 */
export function openApiDocument() {
  const figure = {
    type: 'object',
    required: ['label', 'quantity', 'value'],
    properties: {
      label: { type: 'string' },
      quantity: { type: 'string' },
      value: { type: ['number', 'null'], description: 'SI; null for a time without end' },
      low: { type: ['number', 'null'] },
      high: { type: ['number', 'null'] },
    },
  }
  const text = { type: 'string' }
  const watts = {
    type: 'array',
    items: { type: 'number' },
    description: 'W from the battery at cruise: low, centre, high',
  }
  return {
    openapi: '3.1.0',
    info: {
      title: 'Remigo',
      version: '0.1.0',
      description: 'Sizes the electric drive that replaces a combustion engine in a boat.',
    },
    paths: {
      '/api/evaluate': post('evaluate', 'A boat at one speed or several', evaluateRequestSchema, {
        oneOf: [
          { $ref: '#/components/schemas/Evaluation' },
          { type: 'array', items: { $ref: '#/components/schemas/Evaluation' } },
        ],
      }),
      '/api/new': post('newBoat', 'A boat with her first design from ten answers', newRequestSchema, {
        type: 'object',
        required: ['project', 'note'],
        properties: {
          project: { $ref: '#/components/schemas/Project' },
          note: { type: ['string', 'null'], description: 'What is short, where nothing in the library fits' },
        },
      }),
      '/api/fit': post('fit', 'Readings of any kind correct the curve of a boat', fitRequestSchema, {
        $ref: '#/components/schemas/Fitted',
      }),
    },
    components: {
      schemas: {
        Project: projectJsonSchema(),
        Errors: errors,
        Fitted: {
          type: 'object',
          required: ['project', 'readings', 'unread', 'cruise', 'wants'],
          properties: {
            project: { $ref: '#/components/schemas/Project' },
            readings: {
              type: 'array',
              items: {
                type: 'object',
                properties: {
                  rows: { type: 'array', items: { type: 'integer' } },
                  speed: { type: 'number', description: 'm/s' },
                  ofTheory: { type: 'number', description: 'read ÷ theory, as resistance' },
                  sigma: { type: 'number', description: 'of ln of it' },
                  far: { type: 'boolean', description: 'far from what is expected: it counts little' },
                },
              },
            },
            unread: {
              type: 'array',
              items: { type: 'object', properties: { row: { type: 'integer' }, reason: text } },
            },
            cruise: {
              type: 'object',
              properties: { speed: { type: 'number', description: 'm/s' }, before: watts, after: watts },
            },
            wants: { type: 'array', items: text },
          },
        },
        Evaluation: {
          type: 'object',
          required: ['name', 'speed', 'figures', 'methods', 'limits', 'counts', 'findings'],
          properties: {
            name: text,
            speed: { type: 'number', description: 'm/s' },
            figures: { type: 'object', additionalProperties: figure },
            methods: {
              type: 'array',
              items: {
                type: 'object',
                properties: { id: text, resistance: { type: 'number', description: 'N' }, holds: { type: 'boolean' } },
              },
            },
            limits: {
              type: 'object',
              properties: {
                holds: { enum: ['allDay', 'minutes', 'beyond'] },
                tightest: { type: 'object', properties: { name: text, share: { type: 'number' } } },
              },
            },
            counts: {
              type: 'object',
              properties: {
                stop: { type: 'integer' },
                caution: { type: 'integer' },
                note: { type: 'integer' },
                fits: { type: 'integer' },
              },
            },
            findings: {
              type: 'array',
              items: {
                type: 'object',
                properties: {
                  rule: text,
                  severity: { enum: ['stop', 'caution', 'note'] },
                  part: text,
                  title: text,
                  amount: text,
                  sentence: text,
                  caution: text,
                  fixes: { type: 'array', items: text },
                },
              },
            },
          },
        },
      },
    },
  }
}
