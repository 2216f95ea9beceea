import type { APIRoute } from 'astro'
import { problemOf } from '../../../api/problem'
import { runtime } from '../../../api/runtime'
import { ping } from '../../../db/frame/connect'

/** Whether the server and its database answer: work may be sent here. */
export const GET: APIRoute = async () => {
  try {
    await ping(runtime().world.db)
    return Response.json({ ok: true })
  } catch (error) {
    return problemOf(error)
  }
}
