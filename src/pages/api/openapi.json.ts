import type { APIRoute } from 'astro'
import { openApiDocument } from '../../api/openapi'

export const GET: APIRoute = () => Response.json(openApiDocument())
