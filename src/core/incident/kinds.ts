/**
 * What can have happened: whom to call, what to do at once with bare hands, which needs it raises
 * and which guided cards go with it.
 */
import { BIRDS, type Species } from '../household/species'
import { INCIDENT_KIND_IDS, type IncidentKind } from './kindNames'

export interface IncidentKindFacts {
  /** Needs of the cover board that it raises, the first foremost. */
  readonly needs: readonly string[]
  /** Guided cards, people's and animals'. */
  readonly guides: readonly string[]
  readonly whom: 'people' | 'animals' | 'both'
  /** Only these can have it. */
  readonly only?: readonly Species[]
  /** Always shown first, whatever lies in the kits. */
  readonly call: { readonly people?: string; readonly animals?: string }
  /** What anybody can do with what is there where people live. */
  readonly first: { readonly people?: string; readonly animals?: string }
}

const EMERGENCY = 'Call the emergency number first.'
const VET = 'Call the vet, at night the animal clinic.'

export const INCIDENT_KINDS = {
  bleeding: {
    needs: ['bleed-limb', 'bleed-heavy', 'bleed-animal', 'bleed-small', 'bleed-horse', 'gloves'],
    guides: ['bleed-limb', 'bleed-animal', 'bleed-small', 'bleed-horse', 'alone'],
    whom: 'both',
    call: { people: EMERGENCY, animals: VET },
    first: {
      people: 'Press hard on it with anything clean: a towel, a shirt. Do not lift it to look.',
      animals: 'Press on it with anything clean, and keep pressing.',
    },
  },
  breathing: {
    needs: ['not-breathing', 'asthma'],
    guides: ['choking', 'asthma', 'weak-bird', 'stop-watching'],
    whom: 'both',
    call: { people: EMERGENCY, animals: VET },
    first: {
      people:
        'Cannot cough: five blows between the shoulder blades. Not breathing normally: compressions.',
      animals: 'Neck free, mouth free, air. No muzzle.',
    },
  },
  sting: {
    needs: ['allergy', 'sting-animal', 'itch'],
    guides: ['sting', 'sting-animal'],
    whom: 'both',
    call: {
      people: 'Emergency number: in the mouth, trouble breathing, faint, swollen face.',
      animals: VET,
    },
    first: {
      people: 'Scrape the sting out. Cold water or a cold cloth on it.',
      animals: 'Scrape the sting out. A cold wet cloth on it; watch how it breathes.',
    },
  },
  anaphylaxis: {
    needs: ['anaphylaxis', 'asthma'],
    guides: ['anaphylaxis'],
    whom: 'people',
    call: { people: `${EMERGENCY} Say: anaphylaxis.` },
    first: {
      people: 'The auto-injector, if there is one. Lay flat, legs up; hard to breathe: sitting.',
    },
  },
  rash: {
    needs: ['allergy', 'itch'],
    guides: ['rash', 'stop-watching'],
    whom: 'people',
    call: {
      people:
        'Emergency number: with fever and drowsy, or spots that do not fade under a glass, or trouble breathing.',
    },
    first: { people: 'Press a glass on it: does it fade? Read the temperature.' },
  },
  fever: {
    needs: ['fever-pain', 'fever-baby', 'fever-animal'],
    guides: ['fever', 'weak-bird', 'stop-watching'],
    whom: 'both',
    call: {
      people: 'Under three months with 38 °C or more: a doctor at once, day or night.',
      animals: VET,
    },
    first: {
      people: 'Read the temperature. Drink, light clothes, rest.',
      animals: 'Read its temperature, or how it breathes. Quiet, shade, water within reach.',
    },
  },
  wound: {
    needs: [
      'wound',
      'small-cut',
      'gaping-cut',
      'wound-animal',
      'wound-small',
      'wound-bird',
      'wound-horse',
      'gaping-animal',
    ],
    guides: [
      'wound-small',
      'wound-gaping',
      'close-cut',
      'wound-animal',
      'bleed-small',
      'bleed-horse',
      'dressing-check',
    ],
    whom: 'both',
    call: {
      people: 'Gaping, a bite, dirt that stays, no feeling beyond it: a doctor today.',
      animals: VET,
    },
    first: {
      people: 'Rinse it under clean running water. Press until it stops.',
      animals: 'Rinse it with clean water. Press until it stops; keep it from licking.',
    },
  },
  poison: {
    needs: ['poison'],
    guides: ['poison', 'poison-animal'],
    whom: 'both',
    call: {
      people: 'Call the poison line at once. Drowsy, seizes, breathes badly: the emergency number.',
      animals: 'Call the vet or the poison line at once.',
    },
    first: {
      people: 'Keep the pack. Nothing is brought up, nothing is drunk, unless the line says so.',
      animals: 'Keep the pack. Nothing is brought up unless the vet or the line says so.',
    },
  },
  stomach: {
    needs: ['stomach', 'runs', 'dry-animal'],
    guides: ['stomach', 'dry-animal', 'stop-watching'],
    whom: 'both',
    call: {
      people: 'A baby, an elder, blood, drowsy, nothing stays in: a doctor.',
      animals: `${VET} A rabbit or rodent with loose stool: at once.`,
    },
    first: {
      people: 'Small sips, a spoon every few minutes.',
      animals: 'Water, a little at a time. Count how often.',
    },
  },
  burn: {
    needs: ['burn', 'burn-animal'],
    guides: ['burn', 'burn-animal'],
    whom: 'both',
    call: {
      people: 'Large, deep, face, hands, a baby, electricity: the emergency number.',
      animals: VET,
    },
    first: {
      people: 'Cool running water for twenty minutes. No ice.',
      animals: 'Cool water for ten to twenty minutes. No ice, no ointment.',
    },
  },
  fall: {
    needs: ['sprain', 'broken-limb', 'to-the-vet', 'to-the-vet-carried'],
    guides: ['sprain', 'stop-watching', 'alone'],
    whom: 'both',
    call: {
      people: 'Bent wrong, numb, back, neck or hip, hit the head: the emergency number.',
      animals: VET,
    },
    first: {
      people: 'Let it rest as it lies. Cold through a cloth.',
      animals: 'Keep it still, in a box or on a board. Do not pull it straight.',
    },
  },
  eye: {
    needs: ['eye', 'eye-animal', 'eye-bird', 'eye-horse'],
    guides: ['eye', 'eye-animal', 'eye-horse'],
    whom: 'both',
    call: {
      people: 'A chemical: rinse and call the poison line. Stuck, or sees less: go.',
      animals: VET,
    },
    first: {
      people: 'Rinse with clean water. Do not rub. What sticks in it stays.',
      animals: 'Rinse with clean water. Keep it from rubbing. What sticks in it stays.',
    },
  },
  heat: {
    needs: ['overheated'],
    guides: ['overheated', 'overheated-animal'],
    whom: 'both',
    call: {
      people: 'Confused, seizes, faint, 40 °C or more: the emergency number.',
      animals: VET,
    },
    first: {
      people: 'Shade. Clothes off. Water on the skin, and fan.',
      animals: 'Shade. Wet it down to the skin with cool water, and fan. No ice.',
    },
  },
  cold: {
    needs: ['chilled'],
    guides: ['chilled', 'chilled-animal'],
    whom: 'both',
    call: {
      people: 'Drowsy, confused, no longer shivers: the emergency number.',
      animals: VET,
    },
    first: {
      people: 'Out of wind and wet. Dry clothes, blankets, head too.',
      animals: 'Dry it, wrap it, out of the wind. Warmth before food.',
    },
  },
  chest: {
    needs: ['chest-pain'],
    guides: ['chest-pain'],
    whom: 'people',
    call: { people: EMERGENCY },
    first: { people: 'Sit half upright, do nothing. Aspirin only if the line says so.' },
  },
  sugar: {
    needs: ['low-sugar', 'low-sugar-animal'],
    guides: ['low-sugar', 'low-sugar-animal'],
    whom: 'both',
    call: {
      people: 'Seizes, cannot be woken, cannot swallow: the emergency number.',
      animals: VET,
    },
    first: {
      people: 'Awake and swallows: sugar, juice, sweets.',
      animals:
        'Awake: honey or sugar water rubbed on the gums. Nothing into the mouth of one that is not.',
    },
  },
  tick: {
    needs: ['tick', 'tick-animal'],
    guides: ['tick', 'tick-animal'],
    whom: 'both',
    call: {
      people: 'A growing red ring or fever in the weeks after: a doctor.',
      animals: 'Fever, lame or dull in the weeks after: the vet.',
    },
    first: {
      people: 'Grip it close to the skin, pull straight and slowly. Fingernails if need be.',
      animals: 'Grip it close to the skin, pull straight and slowly.',
    },
  },
  'not-eating': {
    needs: ['not-eating'],
    guides: ['not-eating', 'weak-bird', 'give-medicine', 'stop-watching'],
    whom: 'animals',
    call: {
      animals: `${VET} A rabbit, guinea pig or bird that has not eaten for half a day: at once.`,
    },
    first: { animals: 'Warm and quiet. Offer what it likes best. Count droppings.' },
  },
  belly: {
    needs: ['colic', 'to-the-vet', 'to-the-vet-carried'],
    guides: ['bloat', 'gut', 'colic'],
    whom: 'animals',
    call: { animals: 'Call the vet at once, at night the clinic: this does not wait.' },
    first: { animals: 'Nothing by mouth. Food away. Keep it quiet, and go or be ready.' },
  },
  nail: {
    needs: ['nail', 'nail-small'],
    guides: ['nail'],
    whom: 'animals',
    only: ['dog', 'cat', 'rabbit', 'guinea pig', 'hamster', 'ferret', ...BIRDS, 'other'],
    call: { animals: 'Vet: torn at the base, or does not stop.' },
    first: {
      animals: 'Press with a clean cloth. Starch or flour where there is no styptic powder.',
    },
  },
  hoof: {
    needs: ['hoof'],
    guides: ['hoof'],
    whom: 'animals',
    only: ['horse'],
    call: { animals: 'Call the vet. A nail in the sole stays in.' },
    first: {
      animals: 'Stand it on soft ground. Lift nothing out, mark where it is, take a photo.',
    },
  },
  coat: {
    needs: ['coat'],
    guides: ['quills', 'trap', 'coat'],
    whom: 'animals',
    call: { animals: VET },
    first: { animals: 'Keep it still. Nothing is pulled that sits deep or near an eye.' },
  },
  other: {
    needs: [],
    guides: ['stop-watching', 'alone', 'dressing-check'],
    whom: 'both',
    call: {
      people: 'In doubt, call and describe it: the emergency number, or the doctor.',
      animals: VET,
    },
    first: {
      people: 'Stay, keep warm, watch breathing.',
      animals: 'Keep it quiet and warm, watch how it breathes.',
    },
  },
} as const satisfies Readonly<Record<IncidentKind, IncidentKindFacts>>

/** What can have happened to a species, in the order in which it is offered. */
export const kindsFor = (species: Species): readonly IncidentKind[] =>
  INCIDENT_KIND_IDS.filter((id) => {
    const { whom, only }: IncidentKindFacts = INCIDENT_KINDS[id]
    if (only && !only.includes(species)) return false
    return whom === 'both' || (whom === 'people') === (species === 'person')
  })

/** Whom to call for it, and what to do at once; never empty. */
export function atOnce(kind: IncidentKind, species: Species) {
  const { call, first }: IncidentKindFacts = INCIDENT_KINDS[kind]
  const isPerson = species === 'person'
  return {
    call: (isPerson ? call.people : call.animals) ?? (isPerson ? EMERGENCY : VET),
    first: (isPerson ? first.people : first.animals) ?? '',
  }
}
