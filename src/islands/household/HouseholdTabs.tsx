/** The parts of Household. */
import { Parts } from '../../ui/Parts'
import * as words from '../../words'

const PARTS = [
  { id: 'household', href: '/household', label: words.trips.people },
  { id: 'trips', href: '/trips', label: words.trips.title },
  { id: 'evacuation', href: '/evacuation', label: words.evacuation.title },
] as const

export const HouseholdTabs = ({ part }: { readonly part: (typeof PARTS)[number]['id'] }) => (
  <Parts label={words.trips.label} current={part} parts={[...PARTS]} />
)
