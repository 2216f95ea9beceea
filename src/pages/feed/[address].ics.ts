import type { APIRoute } from 'astro'
import { problemOf } from '../../api/problem'
import { runtime } from '../../api/runtime'
import { openFeed } from '../../app/household/feedActs'
import * as words from '../../words'

/** Calendars have no session; the address carries its own key. */
export const GET: APIRoute = async ({ params: { address = '' } }) => {
  try {
    const { world, secret } = runtime()
    return new Response(await openFeed(world, secret, address, words.places.calendar.entry), {
      headers: {
        'content-type': 'text/calendar; charset=utf-8',
        'cache-control': 'private, max-age=3600',
      },
    })
  } catch (error) {
    return problemOf(error)
  }
}
