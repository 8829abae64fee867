import { z } from 'zod'
import { projectJsonSchema } from '@remigo/core'
import { BODY_LIMIT, evaluateRequestSchema } from './evaluateRequest'

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
const json = (schema: unknown) => ({ content: { 'application/json': { schema } } })

/**
 * The OpenAPI document of Remigo's HTTP interface, made from the same schemas that check requests.
 *
 * @returns OpenAPI 3.1
 */
export function openApiDocument() {
  const request = z.toJSONSchema(evaluateRequestSchema, { target: 'draft-2020-12' }) as {
    properties: Record<string, unknown>
  }
  request.properties.project = { $ref: '#/components/schemas/Project' }
  const figure = {
    type: 'object',
    required: ['label', 'quantity', 'value'],
    properties: {
      label: { type: 'string' },
      quantity: { type: 'string' },
      value: { type: 'number', description: 'SI' },
      low: { type: 'number' },
      high: { type: 'number' },
    },
  }
  const text = { type: 'string' }
  return {
    openapi: '3.1.0',
    info: {
      title: 'Remigo',
      version: '0.1.0',
      description: 'Sizes the electric drive that replaces a combustion engine in a boat.',
    },
    paths: {
      '/api/evaluate': {
        post: {
          operationId: 'evaluate',
          summary: 'A boat at one speed',
          description: `Body of at most ${BODY_LIMIT} bytes. All values SI.`,
          requestBody: { required: true, ...json(request) },
          responses: {
            200: { description: 'The answer', ...json({ $ref: '#/components/schemas/Evaluation' }) },
            400: { description: 'The request cannot be used', ...json({ $ref: '#/components/schemas/Errors' }) },
            413: { description: 'The request is too large', ...json({ $ref: '#/components/schemas/Errors' }) },
          },
        },
      },
    },
    components: {
      schemas: {
        Project: projectJsonSchema(),
        Errors: errors,
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
