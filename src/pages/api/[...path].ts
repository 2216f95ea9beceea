import type { APIRoute } from 'astro'
import { route } from '../../api/route'

export const ALL: APIRoute = ({ request, url, locals }) => route(request, url, locals.caller)
