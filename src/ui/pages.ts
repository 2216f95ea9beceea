/** Where our own pages and deeds are, for whoever looks for one by its name. */
import type { Findable } from '../core/finding/sought'
import { type PageId, pages } from '../words/find/pages'

const HREFS: Readonly<Record<PageId, string>> = {
  watch: '/',
  kits: '/kits',
  stock: '/stock',
  rounds: '/rounds',
  record: '/record',
  cover: '/cover',
  if: '/cover/if',
  evening: '/cover/evening',
  evenings: '/evenings',
  lists: '/cover/lists',
  items: '/cover/items',
  bench: '/bench',
  cards: '/bench/cards',
  mixes: '/bench/mixes',
  courses: '/bench/courses',
  guide: '/guide',
  incident: '/incident',
  incidents: '/incident',
  labels: '/print',
  wallet: '/print',
  roadside: '/roadside',
  restock: '/restock',
  plan: '/restock/plan',
  forecast: '/restock/forecast',
  recalls: '/restock/recalls',
  rates: '/restock/use',
  household: '/household',
  trips: '/trips',
  exposure: '/exposure',
  evacuation: '/evacuation',
  evacuationSheet: '/evacuation/sheet',
  visits: '/household#places',
  undo: '/household#lately',
  print: '/print',
  errandsPaper: '/print/errands',
  bring: '/bring-in',
  export: '/account#whole',
  people: '/people',
  households: '/households',
  joining: '/join',
  account: '/account',
  leaving: '/account#leaving',
  settings: '/settings',
  numbers: '/settings#where',
  look: '/settings#look',
  feeds: '/settings#feeds',
  schools: '/settings#schools',
  begin: '/begin',
  helpWatch: '/help',
  helpKits: '/help/kits',
  helpCover: '/help/cover',
  helpBench: '/help/bench',
  helpRestock: '/help/restock',
  helpHousehold: '/help/household',
  keys: '/help#keys',
}

export interface PageFound extends Findable {
  readonly id: PageId
  readonly href: string
}

export const PAGES: readonly PageFound[] = (Object.keys(HREFS) as PageId[]).map((id) => ({
  id,
  title: pages[id].title,
  text: pages[id].says,
  href: HREFS[id],
}))
