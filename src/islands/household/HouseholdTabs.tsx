/** The parts of Household. */
import { Parts } from '../../ui/Parts'
import { householdParts } from '../../words'

const PARTS = [
  { id: 'household', href: '/household', label: householdParts.household },
  { id: 'people', href: '/people', label: householdParts.people },
  { id: 'trips', href: '/trips', label: householdParts.trips },
  { id: 'evacuation', href: '/evacuation', label: householdParts.evacuation },
] as const

export const HouseholdTabs = ({ part }: { readonly part: (typeof PARTS)[number]['id'] }) => (
  <Parts label={householdParts.label} current={part} parts={[...PARTS]} />
)
