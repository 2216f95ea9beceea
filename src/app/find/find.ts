/** Where is it? Lots, bare pars, kits, pockets and places by their words. */
import type { z } from 'zod'
import type { foundThing } from '../../contract/find'
import { formatExpiry } from '../../core/calendar/expiry'
import { nameKey } from '../../core/interchange/known'
import { formatAmount, NOTHING } from '../../core/quantity/amount'
import { itemTitle } from '../../core/stock/item'
import { lineState, type Survey } from '../../core/watch/survey'
import { judgedStockOf } from '../cover/judgementOf'
import { type Caller, reading, surveyOf, type World } from '../frame/world'
import { answersTo } from './answers'

export type Found = z.infer<typeof foundThing>

const MOST = 30

export const find = (world: World, caller: Caller, words: string): Promise<{ found: Found[] }> =>
  reading(world, caller, async (at) => {
    const { pantry } = await judgedStockOf(at)
    const answers = answersTo(pantry, words, at.today)
    const things = findIn(await surveyOf(at), words)
    return { found: [...answers, ...things].slice(0, MOST) }
  })

/** Every word must occur somewhere in the thing's name, purpose or place; what starts with it comes first. */
export function findIn(survey: Survey, words: string): Found[] {
  const wanted = nameKey(words)
    .split(' ')
    .filter((word) => word !== '')
  if (wanted.length === 0) return []
  const all = [...lotsFound(survey), ...sitesFound(survey)]
  const scored = all.flatMap(({ thing, text }) => {
    const haystack = nameKey(text)
    if (!wanted.every((word) => haystack.includes(stem(word)))) return []
    const title = nameKey(thing.title)
    const score = wanted.reduce(
      (sum, word) => sum + (title.startsWith(word) ? 4 : title.includes(stem(word)) ? 2 : 0),
      0,
    )
    return [{ thing, score: score + (thing.state === 'spent' ? -1 : 0) }]
  })
  return scored
    .sort((a, b) => b.score - a.score || a.thing.title.localeCompare(b.thing.title))
    .slice(0, MOST)
    .map(({ thing }) => thing)
}

/** "plasters" finds "plaster". */
const stem = (word: string): string =>
  word.length > 4 && word.endsWith('s') ? word.slice(0, -1) : word

interface Candidate {
  readonly thing: Found
  readonly text: string
}

function lotsFound(survey: Survey): Candidate[] {
  return survey.lines.flatMap(({ item, site, par, holdings, good }): Candidate[] => {
    const title = itemTitle(item)
    const where = `${site.pocket.name} · ${site.kit.name} · ${site.place.name}`
    const text = `${title} ${item.purpose} ${item.forWhom} ${where}`
    const kitHref = `/kits/${site.kit.id}`
    if (holdings.length === 0 && par > NOTHING && lineState({ par, good }) === 'bare')
      return [
        {
          text,
          thing: {
            kind: 'bare',
            title,
            where,
            detail: formatAmount(NOTHING),
            href: `${kitHref}?item=${item.id}`,
            state: 'bare',
          },
        },
      ]
    return holdings.map(({ lot, amount, judged }) => ({
      text,
      thing: {
        kind: 'lot',
        title,
        where,
        detail:
          `${formatAmount(amount)} ${item.unit}${lot.expiry.kind === 'day' || lot.expiry.kind === 'month' ? ` · ${formatExpiry(lot.expiry)}` : ''}`.trim(),
        href: `${kitHref}?lot=${lot.id}&pocket=${site.pocket.id}`,
        state: judged.state,
      },
    }))
  })
}

function sitesFound(survey: Survey): Candidate[] {
  const kits = survey.kits.flatMap((kit): Candidate[] => {
    const place = survey.places.find(({ id }) => id === kit.placeId)
    return place
      ? [
          {
            text: `${kit.name} ${kit.note} ${place.name}`,
            thing: {
              kind: 'kit',
              title: kit.name,
              where: place.name,
              detail: '',
              href: `/kits/${kit.id}`,
              state: 'none',
            },
          },
        ]
      : []
  })
  const places = survey.places.map(
    (place): Candidate => ({
      text: place.name,
      thing: {
        kind: 'place',
        title: place.name,
        where: '',
        detail: '',
        href: `/?place=${place.id}`,
        state: 'none',
      },
    }),
  )
  return [...kits, ...places]
}
