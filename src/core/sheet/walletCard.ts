/** What a person or an animal bears in a wallet or on a collar: what must be known, and whom to call. */
import type { PlainDate } from '../calendar/plainDate'
import { type Knowledge, knowledgeOf } from '../household/asked'
import type { Contact } from '../household/contact'
import { type Course, isRunning } from '../household/course'
import type { NumbersToCall } from '../household/emergencyNumbers'
import { allergyName, conditionNames } from '../household/factNames'
import type { Member } from '../household/member'
import type { Species } from '../household/species'
import type { Topic } from '../household/told'
import { ageInMonths, type WeightState, weightOn } from '../household/weight'
import type { ItemId } from '../ids'

export interface WalletCard {
  readonly name: string
  readonly species: Species
  readonly born: PlainDate | null
  readonly months: number | null
  readonly weight: WeightState
  /** What is known under each topic, known to be nothing, or not asked: never left out. */
  readonly known: Readonly<Record<Topic, Knowledge>>
  readonly allergies: readonly string[]
  readonly conditions: readonly string[]
  readonly bloodThinner: boolean
  readonly medicines: readonly { readonly title: string; readonly directions: string }[]
  /** Relatives, or the vet and the clinic. */
  readonly call: readonly Contact[]
  readonly doctor: Contact | null
  readonly numbers: NumbersToCall
  readonly on: PlainDate
}

/** A bank card's measures, in millimetres. */
export const CARD_SIZE = [85.6, 54] as const

export function walletCard(
  member: Member,
  of: {
    readonly courses: readonly Course[]
    readonly titleOf: (itemId: ItemId) => string
    readonly numbers: NumbersToCall
    readonly today: PlainDate
  },
): WalletCard {
  const { facts, name, species, born } = member
  const running = of.courses.filter(
    (course) => course.memberId === member.id && isRunning(course, of.today),
  )
  const known = (topic: Topic) => knowledgeOf(member, topic, running.length > 0)
  return {
    name,
    species,
    born,
    months: ageInMonths(born, of.today),
    weight: weightOn(species, born, member.weighings, of.today),
    known: {
      allergies: known('allergies'),
      conditions: known('conditions'),
      medicines: known('medicines'),
    },
    allergies: facts.allergies.map(allergyName),
    conditions: conditionNames(facts),
    bloodThinner: facts.kind === 'person' && facts.bloodThinner,
    medicines: running.map(({ itemId, directions }) => ({ title: of.titleOf(itemId), directions })),
    call: (facts.kind === 'person' ? facts.contacts : [facts.vet, facts.clinic]).filter(
      ({ phone }) => phone !== '',
    ),
    doctor: facts.kind === 'person' && facts.doctor.phone !== '' ? facts.doctor : null,
    numbers: of.numbers,
    on: of.today,
  }
}
