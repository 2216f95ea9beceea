import type { APIRoute } from 'astro'
import { problem, problemOf } from '../../api/problem'
import { runtime } from '../../api/runtime'
import { DEMO_EMAIL } from '../../demo/account'

/** Opens the demo household: a session for its account, without a password typed. */
export const POST: APIRoute = async ({ request }) => {
  const { auth, demoPassword } = runtime()
  if (!demoPassword)
    return problem(
      404,
      'no_demo',
      'There is no demo here',
      'Start with ./satchel start to load it, or sign in.',
    )
  try {
    return await auth.api.signInEmail({
      body: { email: DEMO_EMAIL, password: demoPassword },
      headers: request.headers,
      asResponse: true,
    })
  } catch (error) {
    return problemOf(error)
  }
}
