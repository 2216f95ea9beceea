import { Parts } from '../../ui/Parts'
import * as words from '../../words'

const partsWords = words.plan.parts
const HREFS = {
  list: '/restock',
  plan: '/restock/plan',
  forecast: '/restock/forecast',
  use: '/restock/use',
  recalls: '/restock/recalls',
} as const

type Part = keyof typeof HREFS

export const RestockTabs = ({ part }: { readonly part: Part }) => (
  <Parts
    label={words.restock.title}
    current={part}
    parts={(Object.keys(HREFS) as Part[]).map((id) => ({
      id,
      label: partsWords[id],
      href: HREFS[id],
    }))}
  />
)
