/** How long what is asked of outside services may take: a household waits behind it. */
import { type Shop, ShopSilentError } from '../../core/shopping/shop'
import { type BulletinFeed, FeedSilentError } from './world'

/** All that one act asks of a shop, together. */
const SHOP_MILLISECONDS = 8000
const FEED_MILLISECONDS = 8000

/**
 * The same answer, or an error once it takes too long; what comes after that is not heard.
 * @throws what `late` gives
 */
async function inTime<Answer>(
  asking: Promise<Answer>,
  milliseconds: number,
  late: () => Error,
): Promise<Answer> {
  let timer: ReturnType<typeof setTimeout> | undefined
  const over = new Promise<never>((_, reject) => {
    timer = setTimeout(() => reject(late()), Math.max(0, milliseconds))
  })
  try {
    return await Promise.race([asking, over])
  } finally {
    clearTimeout(timer)
  }
}

/**
 * A shop that is silent once all that is asked of it has taken so long. An order that it may
 * have taken all the same is sent again under its key, and ordered once.
 */
export function patientWith(shop: Shop, milliseconds = SHOP_MILLISECONDS): Shop {
  const until = performance.now() + milliseconds
  const ask = <Answer>(asking: Promise<Answer>): Promise<Answer> =>
    inTime(asking, until - performance.now(), () => new ShopSilentError(shop.name))
  return {
    name: shop.name,
    deliversOn: shop.deliversOn,
    isStandIn: shop.isStandIn,
    quote: (...asked) => ask(shop.quote(...asked)),
    order: (...asked) => ask(shop.order(...asked)),
    track: (...asked) => ask(shop.track(...asked)),
  }
}

export const fetchInTime = (
  feed: BulletinFeed,
  milliseconds = FEED_MILLISECONDS,
): Promise<string> =>
  inTime(feed.fetch(), milliseconds, () => new FeedSilentError('The feed took too long'))
