/** Recall bulletins as they are published: a JSON Feed (1.1), what a machine needs under `_recall`. */
import { z } from 'zod'
import type { PlainDate } from '../../core/calendar/plainDate'
import type { Batches, Bulletin } from '../../core/recall/bulletin'

/** What is published is read with care: nothing in it may be longer than it needs to be. */
const shortText = z.string().trim().max(120)
const longText = z.string().trim().max(2000)
const item = z.object({
  id: shortText.min(1),
  title: shortText.min(1),
  date_published: z.iso.datetime({ offset: true }),
  _recall: z.object({
    product: z.object({
      catalogue_id: shortText.nullable().default(null),
      name: shortText.min(1),
      strength: shortText.default(''),
    }),
    batches: z
      .array(
        z.union([shortText.min(1), z.object({ from: shortText.min(1), to: shortText.min(1) })]),
      )
      .min(1)
      .max(500),
    reason: longText,
    advice: longText.default(''),
  }),
})

/** Items without `_recall` are news of another kind and passed over. */
const feed = z.object({
  version: z.string().startsWith('https://jsonfeed.org/version/1'),
  title: shortText.default(''),
  items: z.array(z.unknown()).max(2000),
})

/** The feed cannot be read as a JSON Feed of bulletins. */
export class FeedUnreadableError extends Error {
  override readonly name = 'FeedUnreadableError'
}

export interface ReadFeed {
  /** The newest first. */
  readonly bulletins: readonly Bulletin[]
  /** Ids, or places in the feed, of recalls that could not be read. */
  readonly unread: readonly string[]
}

/**
 * Reads a feed. A bulletin that cannot be read does not hide the others, and is named.
 * @throws {FeedUnreadableError} when it is no feed at all
 */
export function readBulletinFeed(text: string): ReadFeed {
  const { title, items } = mustBeFeed(text)
  const bulletins: Bulletin[] = []
  const unread: string[] = []
  items.forEach((one, at) => {
    if (!isRecall(one)) return
    const reading = item.safeParse(one)
    if (!reading.success) {
      unread.push(typeof one.id === 'string' && one.id !== '' ? one.id.slice(0, 120) : `${at + 1}`)
      return
    }
    const { id, title: about, date_published, _recall } = reading.data
    bulletins.push({
      id,
      title: about,
      publishedOn: date_published.slice(0, 10) as PlainDate,
      product: {
        catalogueId: _recall.product.catalogue_id,
        name: _recall.product.name,
        strength: _recall.product.strength,
      },
      batches: _recall.batches.map(
        (batch): Batches =>
          typeof batch === 'string' ? { kind: 'one', batch } : { kind: 'range', ...batch },
      ),
      reason: _recall.reason,
      advice: _recall.advice,
      source: title,
    })
  })
  bulletins.sort((a, b) => (a.publishedOn < b.publishedOn ? 1 : -1))
  return { bulletins, unread }
}

function mustBeFeed(text: string): z.infer<typeof feed> {
  try {
    return feed.parse(JSON.parse(text))
  } catch {
    throw new FeedUnreadableError('Not a JSON Feed of bulletins')
  }
}

const isRecall = (one: unknown): one is { readonly id?: unknown } =>
  typeof one === 'object' && one !== null && '_recall' in one
