import { z } from 'zod'
import { projectJsonSchema } from '@remigo/core'
import {
  BODY_LIMIT,
  doesRequestSchema,
  evaluateRequestSchema,
  fitRequestSchema,
  leverSchema,
  newRequestSchema,
  streamQuerySchema,
} from './answers/requests'

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
/** The parameters of a query, each with its usual value. */
const queryParameters = (schema: z.ZodType) =>
  Object.entries(
    (z.toJSONSchema(schema, { target: 'draft-2020-12' }) as { properties: Record<string, object> }).properties,
  ).map(([name, of]) => ({ name, in: 'query', required: false, schema: of }))
const json = (schema: unknown) => ({ content: { 'application/json': { schema } } })

const refusal = (description: string) => ({ description, ...json({ $ref: '#/components/schemas/Errors' }) })
/** What any call may be answered with besides: said once, since the server's front refuses it. */
const REFUSED = {
  400: refusal('The request cannot be used'),
  405: refusal('Asked for in another way; the header Allow says how'),
}
const REFUSED_BODY = {
  ...REFUSED,
  413: refusal('The request is too large'),
  415: refusal('The body is not application/json'),
}

/** A call by POST: its body, its answer, and the errors that all have. */
const post = (operationId: string, summary: string, request: z.ZodType, answer: unknown) => ({
  post: {
    operationId,
    summary,
    description: `Body of at most ${BODY_LIMIT} bytes. All values SI.`,
    requestBody: { required: true, ...json(requestOf(request)) },
    responses: {
      200: { description: 'The answer', ...json(answer) },
      ...REFUSED_BODY,
      503: refusal('Too many are asking; the header Retry-After says when to ask again'),
    },
  },
})

/**
 * The OpenAPI document of Remigo's HTTP interface, made from the same schemas that check requests.
 *
 * @returns OpenAPI 3.1
 */
export function openApiDocument() {
  const number = (description: string, deprecated = false) => ({
    type: ['number', 'null'],
    description,
    ...(deprecated && { deprecated }),
  })
  const figure = {
    type: 'object',
    required: ['label', 'quantity', 'shown', 'value'],
    properties: {
      label: { type: 'string' },
      quantity: { type: 'string' },
      shown: {
        type: 'object',
        description: 'As a person reads it: rpm, kn, kW, °C',
        required: ['unit', 'value'],
        properties: {
          unit: { type: 'string', description: 'Of value, low and high; empty for a number without' },
          value: number('null for a time or a way without end'),
          low: number('10 per cent of the band'),
          high: number('90 per cent of the band'),
        },
      },
      value: number('SI (a speed of rotation in turns a second); use shown', true),
      low: number('SI; use shown', true),
      high: number('SI; use shown', true),
    },
  }
  const endless = (description: string) => ({
    type: ['number', 'null'],
    description: `${description}; null for no end`,
  })
  const doing = {
    type: 'object',
    required: ['speedKn', 'kilowatts', 'minutes', 'milesToReserve', 'milesToEmpty', 'limit'],
    properties: {
      speedKn: { type: 'number', description: 'kn; 0 where even a crawl passes a limit' },
      kilowatts: { type: 'number', description: 'kW from the pack, house and all' },
      minutes: endless('From full until it must end'),
      milesToReserve: endless('NM in still water, from full to the reserve'),
      milesToEmpty: endless('NM in still water, from full to the last that spares the cells'),
      limit: { type: 'string', description: 'What ends or bounds it, in words' },
    },
  }
  const text = { type: 'string' },
    watt = { type: 'number', description: 'W' }
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
      '/api/does': post('does', 'What a boat does with what is in her, whatever is wished', doesRequestSchema, {
        type: 'object',
        required: ['flatOut', 'continuous', 'farthest'],
        properties: { flatOut: doing, continuous: doing, farthest: doing },
      }),
      '/api/new': post('newBoat', 'A boat with her first design from ten answers', newRequestSchema, {
        type: 'object',
        required: ['project', 'note', 'bought', 'left'],
        properties: {
          project: { $ref: '#/components/schemas/Project' },
          note: { type: ['string', 'null'], description: 'What is short, where nothing in the library fits' },
          bought: { type: ['string', 'null'], description: 'What the budget buys, where one was told' },
          left: {
            type: 'array',
            description: 'Lines of what he has that she does not use, and why',
            items: {
              type: 'object',
              required: ['line', 'why'],
              properties: { line: { type: 'string' }, why: { type: 'string' } },
            },
          },
        },
      }),
      '/api/fit': post('fit', 'Readings of any kind correct the curve of a boat', fitRequestSchema, {
        $ref: '#/components/schemas/Fitted',
      }),
      '/api/instruments': {
        get: {
          operationId: 'listen',
          summary: 'The instruments of a simulated boat, as an event stream',
          description: 'Each event is a line of NMEA 0183; all of them come once a second.',
          parameters: queryParameters(streamQuerySchema),
          responses: {
            200: { description: 'The stream', content: { 'text/event-stream': { schema: text } } },
            ...REFUSED,
          },
        },
        post: {
          operationId: 'steer',
          summary: 'The lever of a simulated boat that speaks',
          description: 'Power from the pack, W; course, rad.',
          requestBody: { required: true, ...json(requestOf(leverSchema)) },
          responses: {
            200: {
              description: 'What she takes, and what she takes at most',
              ...json({ type: 'object', properties: { power: watt, most: watt } }),
            },
            ...REFUSED_BODY,
          },
        },
      },
      '/openapi.json': {
        get: {
          operationId: 'openApi',
          summary: 'This document',
          responses: { 200: { description: 'OpenAPI 3.1', ...json({ type: 'object' }) }, 405: REFUSED[405] },
        },
      },
      '/api/{any}': {
        get: {
          operationId: 'nothing',
          summary: 'What is not named here',
          parameters: [{ name: 'any', in: 'path', required: true, schema: text }],
          responses: { 404: refusal('There is nothing of that name; the message says what there is') },
        },
      },
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
