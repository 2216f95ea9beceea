import { Parts } from '../../ui/Parts'
import { words } from '../../words'

const w = words.plan

export const RestockTabs = ({ part }: { readonly part: 'plan' | 'list' }) => (
  <Parts
    label={words.restock.title}
    current={part}
    parts={[
      { id: 'list', label: w.parts.list, href: '/restock' },
      { id: 'plan', label: w.parts.plan, href: '/restock/plan' },
    ]}
  />
)
