import type { APIRoute } from 'astro'

/** Whether the process answers at all: if not, start it again. The database has no part in it. */
export const GET: APIRoute = () => Response.json({ ok: true })
