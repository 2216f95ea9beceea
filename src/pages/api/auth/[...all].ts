import type { APIRoute } from 'astro'
import { problemOf } from '../../../api/problem'
import { runtime } from '../../../api/runtime'

export const ALL: APIRoute = async ({ request }) => {
  try {
    return await runtime().auth.handler(request)
  } catch (error) {
    return problemOf(error)
  }
}
