import { Parts } from '../../../ui/Parts'
import * as words from '../../../words'

const PARTS = ['doses', 'cards', 'mixes', 'courses', 'guides'] as const
export type BenchPart = (typeof PARTS)[number]

const hrefOf = (part: BenchPart): string =>
  part === 'doses' ? '/bench' : part === 'guides' ? '/guide' : `/bench/${part}`

export const BenchTabs = ({ part }: { readonly part: BenchPart }) => (
  <Parts
    label={words.care.bench.title}
    current={part}
    parts={PARTS.map((id) => ({ id, label: words.care.bench.parts[id], href: hrefOf(id) }))}
  />
)
