/** What can have happened: which needs it raises, which guided card goes with it. */
import type { Species } from '../household/species'

export interface IncidentKindFacts {
  readonly name: string
  /** Needs of the cover board that it raises, the first foremost. */
  readonly needs: readonly string[]
  /** Guided cards, people's and animals'. */
  readonly guides: readonly string[]
  readonly whom: 'people' | 'animals' | 'both'
}

export const INCIDENT_KINDS = {
  bleeding: {
    name: 'Bleeding hard',
    needs: ['bleed-limb', 'bleed-heavy', 'bleed-animal', 'gloves'],
    guides: ['bleed-limb', 'bleed-animal'],
    whom: 'both',
  },
  breathing: {
    name: 'Choking or breathing badly',
    needs: ['not-breathing', 'asthma'],
    guides: ['choking', 'asthma', 'stop-watching'],
    whom: 'both',
  },
  sting: {
    name: 'Sting or bite',
    needs: ['allergy', 'sting-animal', 'itch'],
    guides: ['sting', 'sting-animal'],
    whom: 'both',
  },
  anaphylaxis: {
    name: 'Severe allergy',
    needs: ['anaphylaxis', 'allergy'],
    guides: ['anaphylaxis'],
    whom: 'people',
  },
  fever: {
    name: 'Fever',
    needs: ['fever-pain', 'fever-baby', 'fever-animal'],
    guides: ['fever'],
    whom: 'both',
  },
  wound: {
    name: 'Wound',
    needs: ['wound', 'small-cut', 'gaping-cut', 'wound-animal', 'wound-bird'],
    guides: ['wound-small', 'wound-gaping', 'bleed-animal'],
    whom: 'both',
  },
  poison: {
    name: 'Swallowed something',
    needs: ['poison'],
    guides: ['poison', 'poison-animal'],
    whom: 'both',
  },
  stomach: {
    name: 'Vomiting, diarrhoea',
    needs: ['stomach', 'runs'],
    guides: ['stomach', 'stop-watching'],
    whom: 'both',
  },
  burn: { name: 'Burn', needs: ['burn'], guides: ['burn'], whom: 'people' },
  fall: {
    name: 'Sprain or fall',
    needs: ['sprain', 'broken-limb', 'to-the-vet', 'to-the-vet-carried'],
    guides: ['sprain', 'stop-watching'],
    whom: 'both',
  },
  eye: { name: 'Eye', needs: ['eye', 'eye-animal'], guides: ['eye', 'eye-animal'], whom: 'both' },
  heat: {
    name: 'Overheated',
    needs: ['overheated'],
    guides: ['overheated', 'overheated-animal'],
    whom: 'both',
  },
  cold: { name: 'Chilled', needs: ['chilled'], guides: ['chilled'], whom: 'both' },
  chest: { name: 'Chest pain', needs: ['chest-pain'], guides: ['chest-pain'], whom: 'people' },
  sugar: { name: 'Low sugar', needs: ['low-sugar'], guides: ['low-sugar'], whom: 'people' },
  tick: {
    name: 'Tick',
    needs: ['tick', 'tick-animal'],
    guides: ['tick', 'tick-animal'],
    whom: 'both',
  },
  'not-eating': {
    name: 'Does not eat',
    needs: ['not-eating'],
    guides: ['not-eating', 'give-medicine', 'stop-watching'],
    whom: 'animals',
  },
  nail: { name: 'Torn nail', needs: ['nail'], guides: ['nail'], whom: 'animals' },
  coat: {
    name: 'Quills, trap, coat',
    needs: ['coat'],
    guides: ['quills', 'trap', 'coat'],
    whom: 'animals',
  },
  other: {
    name: 'Something else',
    needs: [],
    guides: ['stop-watching', 'dressing-check'],
    whom: 'both',
  },
} as const satisfies Record<string, IncidentKindFacts>

export type IncidentKind = keyof typeof INCIDENT_KINDS
export const INCIDENT_KIND_IDS = Object.keys(INCIDENT_KINDS) as readonly IncidentKind[]

/** What can have happened to a species, in the order in which it is offered. */
export const kindsFor = (species: Species): readonly IncidentKind[] =>
  INCIDENT_KIND_IDS.filter((id) => {
    const { whom } = INCIDENT_KINDS[id]
    return whom === 'both' || (whom === 'people') === (species === 'person')
  })
