/** The OpenAPI document, made from the schemas that the endpoints are served with. */
import { z } from 'zod'
import { allAsked, isFile } from '../contract'
import { type Endpoint, type FileEndpoint, hasBody, isAct } from '../contract/endpoint'
import { problemSchema } from './problem'

const schemaOf = (schema: z.ZodType, io: 'input' | 'output') =>
  z.toJSONSchema(schema, { io, target: 'draft-2020-12', unrepresentable: 'any' })

export function openApiDocument(): object {
  const paths: Record<string, Record<string, object>> = {}
  for (const [operationId, endpoint] of allAsked)
    paths[endpoint.path] = {
      ...paths[endpoint.path],
      [endpoint.method.toLowerCase()]: operation(operationId, endpoint),
    }
  return {
    openapi: '3.1.0',
    info: { title: 'Vivid Satchel', version: '0.1.0' },
    paths,
    components: {
      schemas: { Problem: schemaOf(problemSchema, 'output') },
      securitySchemes: { session: { type: 'apiKey', in: 'cookie', name: 'satchel.session_token' } },
    },
    security: [{ session: [] }],
  }
}

function operation(operationId: string, endpoint: Endpoint | FileEndpoint): object {
  const parameters = [
    ...inputs(endpoint.params, 'path'),
    ...inputs(endpoint.query, 'query'),
    ...(!isFile(endpoint) && isAct(endpoint)
      ? [
          {
            name: 'Idempotency-Key',
            in: 'header',
            required: true,
            schema: { type: 'string', minLength: 8, maxLength: 100 },
          },
        ]
      : []),
  ]
  return {
    operationId,
    summary: endpoint.summary,
    ...(endpoint.door === 'open' && { security: [] }),
    parameters,
    ...(!isFile(endpoint) &&
      hasBody(endpoint) && {
        requestBody: {
          content: { 'application/json': { schema: schemaOf(endpoint.body, 'input') } },
        },
      }),
    responses: {
      200: {
        description: 'Done',
        content: isFile(endpoint)
          ? { [endpoint.media]: {} }
          : { 'application/json': { schema: schemaOf(endpoint.result, 'output') } },
      },
      default: {
        description: 'Refused, with what to do',
        content: {
          'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } },
        },
      },
    },
  }
}

const inputs = (schema: z.ZodObject, where: 'path' | 'query') =>
  Object.entries(schema.shape).map(([name, part]) => ({
    name,
    in: where,
    required: where === 'path' || !part.safeParse(undefined).success,
    schema: schemaOf(part as z.ZodType, 'input'),
  }))
