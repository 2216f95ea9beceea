/**
 * What animals are made ready for, each as itself: a dog is muzzled, a cat wrapped, a horse held by
 * the halter with dressings by the roll, a hen in a towel, and whoever lives from grass has a gut
 * that must not stand still.
 */
import { BIRDS, GUT_SENSITIVE, type Species } from '../household/species'
import type { Need } from './need'
import { ANIMAL_AID, daily, lastResort, need, some, VET, way } from './needWords'

/** Held by muzzle or towel. */
const HELD: readonly Species[] = ['dog', 'cat', 'ferret', 'other']
const SMALL: readonly Species[] = GUT_SENSITIVE
const TOWELLED: readonly Species[] = [...SMALL, ...BIRDS, 'tortoise']
const CLAWED: readonly Species[] = ['rabbit', 'guinea pig', 'hamster', 'ferret', ...BIRDS]
const FURRY: readonly Species[] = [...HELD, ...SMALL]
const CARRIED: readonly Species[] = ['cat', 'ferret', 'other', ...TOWELLED]

const hold = some(1, 'muzzle', 'wrap-animal')
const inTowel = some(1, 'wrap-animal')
const byHalter = some(1, 'halter', 'leash')

export const ANIMAL_NEEDS: readonly Need[] = [
  // ---- life-saving ----------------------------------------------------------------------------
  need({
    id: 'bleed-animal',
    name: 'Heavy bleeding',
    tier: 'life',
    range: 'bag',
    atRisk: { species: HELD },
    schools: ['animal-bandage'],
    call: VET,
    source: ANIMAL_AID,
    ways: [
      way('Pressure, padded, held gently', some(1, 'stop-bleed'), hold),
      way('Pads and a wrap', some(2, 'cover-wound', 'non-stick'), some(1, 'fix-dressing'), hold),
      lastResort('A pad pressed on by hand', some(1, 'cover-wound', 'non-stick', 'padding')),
    ],
  }),
  need({
    id: 'bleed-small',
    name: 'Bleeding',
    tier: 'life',
    range: 'bag',
    atRisk: { species: TOWELLED },
    call: `${VET} A small body has little blood.`,
    source: ANIMAL_AID,
    ways: [
      way(
        'A pad pressed on, held in a towel',
        some(1, 'non-stick', 'cover-wound', 'stop-bleed'),
        inTowel,
      ),
      lastResort('Styptic or starch, on a nail or beak', some(1, 'styptic', 'starch')),
      lastResort('Anything soft, pressed by hand', some(1, 'padding', 'fix-dressing')),
    ],
  }),
  need({
    id: 'bleed-horse',
    name: 'Heavy bleeding',
    tier: 'life',
    range: 'bag',
    atRisk: { species: ['horse'] },
    call: `${VET} A second person holds the head.`,
    source: ANIMAL_AID,
    ways: [
      way(
        'Pads, padding by the roll, a wrap over all',
        some(2, 'large-dressing'),
        some(2, 'padding'),
        some(2, 'fix-dressing'),
        byHalter,
      ),
      way(
        'Many pads and a wrap',
        some(6, 'cover-wound', 'non-stick', 'stop-bleed'),
        some(2, 'fix-dressing'),
        byHalter,
      ),
      lastResort('What there is, pressed by hand', some(1, 'cover-wound', 'padding', 'stop-bleed')),
    ],
  }),
  need({
    id: 'low-sugar-animal',
    name: 'Low blood sugar',
    tier: 'life',
    range: 'bag',
    atRisk: { animalCondition: ['diabetes'] },
    call: `${VET} Nothing into the mouth of one that seizes or cannot be woken.`,
    source: ANIMAL_AID,
    ways: [way('Honey or sugar, rubbed on the gums', some(2, 'sugar-fast'))],
  }),
  need({
    id: 'colic',
    name: 'Colic',
    tier: 'life',
    range: 'home',
    atRisk: { species: ['horse'] },
    call: 'Call the vet at once. Feed away; nothing by mouth.',
    source: ANIMAL_AID,
    ways: [
      way('Halter, its own thermometer', some(1, 'halter'), some(1, 'pet-thermometer')),
      way('Halter', byHalter),
    ],
  }),

  // ---- urgent ---------------------------------------------------------------------------------
  need({
    id: 'wound-animal',
    name: 'Wound',
    tier: 'urgent',
    range: 'bag',
    atRisk: { species: HELD },
    schools: ['animal-bandage', 'cleaning'],
    call: VET,
    source: ANIMAL_AID,
    ways: [
      {
        ...way(
          'Rinse, pad, light padded wrap, held',
          some(2, 'rinse-wound'),
          daily(1, 1, 'non-stick'),
          some(1, 'padding'),
          daily(1, 1, 'fix-dressing'),
          hold,
        ),
        school: ['animal-bandage', ['light', 'full']],
      },
      {
        ...way('Rinse, pad, pressed by hand', some(2, 'rinse-wound'), some(1, 'non-stick'), hold),
        school: ['animal-bandage', ['pressure']],
      },
      way('Pad and pressure by hand', some(1, 'non-stick', 'cover-wound'), hold),
    ],
  }),
  need({
    id: 'wound-small',
    name: 'Wound',
    tier: 'urgent',
    range: 'bag',
    atRisk: { species: [...SMALL, 'tortoise'] },
    schools: ['cleaning'],
    call: `${VET} No ointment that it can lick off.`,
    source: ANIMAL_AID,
    ways: [
      way('Rinse, pad, held in a towel', some(1, 'rinse-wound'), some(1, 'non-stick'), inTowel),
      way('Rinse', some(1, 'rinse-wound')),
    ],
  }),
  need({
    id: 'wound-bird',
    name: 'Wound',
    tier: 'urgent',
    range: 'bag',
    atRisk: { species: BIRDS },
    call: `${VET} No oily ointment.`,
    source: ANIMAL_AID,
    ways: [
      way(
        'Wrapped, rinsed, styptic for a nail',
        some(1, 'rinse-wound'),
        some(1, 'styptic', 'starch'),
        inTowel,
      ),
      way('Wrapped', inTowel),
    ],
  }),
  need({
    id: 'wound-horse',
    name: 'Wound',
    tier: 'urgent',
    range: 'bag',
    atRisk: { species: ['horse'] },
    schools: ['cleaning'],
    call: `${VET} Near a joint, deep, or on the hoof: at once. Tetanus: ask.`,
    source: ANIMAL_AID,
    ways: [
      way(
        'Rinsed with 60 mL at a time, large pad, padding, wrap; held by the halter',
        some(4, 'rinse-wound'),
        some(1, 'irrigate'),
        daily(1, 1, 'large-dressing'),
        daily(1, 1, 'padding'),
        daily(2, 1, 'fix-dressing'),
        byHalter,
      ),
      way(
        'Rinse and cover',
        some(4, 'rinse-wound'),
        some(2, 'cover-wound', 'non-stick', 'large-dressing'),
        some(2, 'fix-dressing'),
      ),
    ],
  }),
  need({
    id: 'gaping-animal',
    name: 'Gaping wound',
    tier: 'urgent',
    range: 'bag',
    atRisk: { species: [...FURRY, 'horse'] },
    schools: ['closing'],
    call: 'The vet closes it: within hours. Nothing is glued or stapled at home.',
    source: ANIMAL_AID,
    ways: [
      way('Covered moist, and go', some(1, 'rinse-wound'), some(2, 'cover-wound', 'non-stick')),
      way('Covered, and go', some(2, 'cover-wound', 'non-stick')),
    ],
  }),
  need({
    id: 'nail',
    name: 'Torn nail',
    tier: 'urgent',
    range: 'bag',
    atRisk: { species: ['dog', 'cat'] },
    call: 'Vet: torn at the base, or does not stop in twenty minutes.',
    source: ANIMAL_AID,
    ways: [
      way('Styptic, held, kept from licking', some(1, 'styptic'), hold, some(1, 'lick-guard')),
      way('Starch pressed on, held', some(1, 'starch'), hold),
      way('Pad and wrap', some(1, 'non-stick', 'cover-wound'), some(1, 'fix-dressing'), hold),
    ],
  }),
  need({
    id: 'nail-small',
    name: 'Torn nail',
    tier: 'urgent',
    range: 'vehicle',
    atRisk: { species: CLAWED },
    call: 'Vet: does not stop in ten minutes, or is torn at the base.',
    source: ANIMAL_AID,
    ways: [
      way('Styptic, held in a towel', some(1, 'styptic'), inTowel),
      way('Starch pressed on, held in a towel', some(1, 'starch'), inTowel),
      way('Pad pressed on, held in a towel', some(1, 'non-stick', 'cover-wound'), inTowel),
    ],
  }),
  need({
    id: 'burn-animal',
    name: 'Burn',
    tier: 'urgent',
    range: 'vehicle',
    atRisk: { species: [...FURRY, 'horse', ...BIRDS, 'tortoise'] },
    call: `${VET} Cool with water; no ice, no ointment.`,
    source: ANIMAL_AID,
    ways: [
      way('Cool, cover', some(4, 'cool-burn'), some(1, 'burn-cover', 'non-stick')),
      way('Cool', some(4, 'cool-burn')),
    ],
  }),
  need({
    id: 'eye-animal',
    name: 'Something in an eye',
    tier: 'urgent',
    range: 'vehicle',
    atRisk: { species: FURRY },
    call: VET,
    source: ANIMAL_AID,
    ways: [
      way('Rinse, lubricate, held', some(4, 'rinse-eye'), some(1, 'eye-lubricant'), hold),
      way('Rinse', some(4, 'rinse-eye')),
    ],
  }),
  need({
    id: 'eye-bird',
    name: 'Something in an eye',
    tier: 'urgent',
    range: 'vehicle',
    atRisk: { species: [...BIRDS, 'tortoise'] },
    call: VET,
    source: ANIMAL_AID,
    ways: [
      way('Rinse, held in a towel', some(2, 'rinse-eye'), inTowel),
      way('Rinse', some(2, 'rinse-eye')),
    ],
  }),
  need({
    id: 'eye-horse',
    name: 'Something in an eye',
    tier: 'urgent',
    range: 'vehicle',
    atRisk: { species: ['horse'] },
    call: `${VET} A horse’s eye does not wait until tomorrow.`,
    source: ANIMAL_AID,
    ways: [
      way('Rinse, held by the halter', some(6, 'rinse-eye'), byHalter),
      way('Rinse', some(6, 'rinse-eye')),
    ],
  }),
  need({
    id: 'fever-animal',
    name: 'Fever or chill',
    tier: 'urgent',
    range: 'home',
    atRisk: { species: [...FURRY, 'horse'] },
    call: VET,
    source: ANIMAL_AID,
    ways: [way('Its own thermometer', some(1, 'pet-thermometer'))],
  }),
  need({
    id: 'sting-animal',
    name: 'Sting with swelling',
    tier: 'urgent',
    range: 'bag',
    atRisk: { species: [...FURRY, 'horse'] },
    schools: ['animal-medicine', 'suction'],
    call: `${VET} Swelling on both sides or trouble breathing: go.`,
    source: ANIMAL_AID,
    ways: [
      way('What its vet wrote', some(1, 'allergy-tablet')),
      way('Cold through a cloth', some(1, 'cold'), some(1, 'cloth')),
    ],
  }),
  need({
    id: 'tick-animal',
    name: 'Tick',
    tier: 'urgent',
    range: 'bag',
    atRisk: { species: [...FURRY, 'horse'] },
    where: ['ticks'],
    months: [3, 11],
    call: '',
    source: ANIMAL_AID,
    ways: [
      way('Remover, bag', some(1, 'tick-remove'), some(1, 'bag-waste')),
      way('Fine tweezers', some(1, 'tick-remove', 'tweezers')),
    ],
  }),
  need({
    id: 'not-eating',
    name: 'Does not eat',
    tier: 'urgent',
    range: 'home',
    atRisk: { species: SMALL },
    call: `${VET} Half a day without food is urgent.`,
    source: ANIMAL_AID,
    ways: [
      way(
        'Recovery food, syringe, water',
        daily(4, 4, 'recovery-food'),
        some(1, 'feed-syringe'),
        some(0.5, 'water'),
      ),
    ],
  }),
  need({
    id: 'dry-animal',
    name: 'Vomits, or loose stool',
    tier: 'urgent',
    range: 'home',
    atRisk: { species: [...HELD, 'horse'] },
    call: `${VET} Blood, dullness, a puppy or kitten, or no water kept down: today.`,
    source: ANIMAL_AID,
    ways: [way('Water, a little at a time', some(1, 'water'))],
  }),
  need({
    id: 'low-sugar-working',
    name: 'Weak and wobbly at work',
    tier: 'urgent',
    range: 'bag',
    atRisk: { trait: ['works-outdoors'] },
    call: `${VET} Nothing into the mouth of one that seizes or cannot be woken.`,
    source: ANIMAL_AID,
    ways: [way('Honey or sugar, rubbed on the gums', some(1, 'sugar-fast'))],
  }),
  need({
    id: 'hoof',
    name: 'Nail or abscess in a hoof',
    tier: 'urgent',
    range: 'home',
    atRisk: { species: ['horse'] },
    call: `${VET} A nail in the sole stays until the vet has seen where it goes.`,
    source: ANIMAL_AID,
    ways: [
      way(
        'Cleaned, padded, wrapped over the hoof',
        some(2, 'rinse-wound'),
        some(1, 'padding', 'large-dressing'),
        some(2, 'fix-dressing'),
        byHalter,
      ),
      way('Padded and wrapped', some(1, 'padding', 'cover-wound'), some(1, 'fix-dressing')),
    ],
  }),
  need({
    id: 'to-the-vet',
    name: 'On the way to the vet',
    tier: 'urgent',
    range: 'vehicle',
    atRisk: { species: ['dog'] },
    call: VET,
    source: ANIMAL_AID,
    ways: [
      way('Muzzle and lead', some(1, 'muzzle'), some(1, 'leash')),
      way('Lead', some(1, 'leash')),
    ],
  }),
  need({
    id: 'to-the-vet-carried',
    // One carrier does not hold two cats.
    everybodyAtOnce: true,
    name: 'On the way to the vet',
    tier: 'urgent',
    range: 'vehicle',
    atRisk: { species: CARRIED },
    call: VET,
    source: ANIMAL_AID,
    ways: [
      way('Carrier and towel', some(1, 'carrier'), some(1, 'wrap-animal')),
      way('Towel', some(1, 'wrap-animal')),
    ],
  }),
  need({
    id: 'leave-carried',
    // Two cats and one carrier: one of them stays behind.
    everybodyAtOnce: true,
    name: 'Leaving the house in a hurry',
    tier: 'urgent',
    range: 'home',
    atRisk: { species: CARRIED, ownCarrier: true },
    where: ['night'],
    call: '',
    source: 'Preparedness lists; local rules win',
    ways: [way('A carrier each', some(1, 'carrier'))],
  }),
  need({
    id: 'hold-out-water-animal',
    everybodyAtOnce: true,
    name: 'Three days of water',
    tier: 'urgent',
    range: 'home',
    atRisk: { species: ['dog', 'cat'] },
    where: ['remote', 'night'],
    call: '',
    source: '60 mL a kilogram and day, three days',
    ways: [
      {
        name: '60 mL a kilogram and day',
        parts: [{ any: ['water'], uses: 2, perKgDay: 0.06, far: 1, stored: true }],
      },
    ],
  }),

  // ---- comfort --------------------------------------------------------------------------------
  need({
    id: 'hold-out-feed',
    everybodyAtOnce: true,
    name: 'Three days of its food',
    tier: 'comfort',
    range: 'home',
    atRisk: { species: [...FURRY, 'horse', ...BIRDS, 'tortoise'] },
    where: ['remote', 'night'],
    call: '',
    source: 'Preparedness lists; local rules win',
    ways: [{ name: 'Its own food', parts: [{ any: ['pet-food'], uses: 3, far: 1 }] }],
  }),
  need({
    id: 'ears',
    name: 'Wet or itching ears',
    tier: 'comfort',
    range: 'home',
    atRisk: { species: ['dog'], trait: ['floppy-ears', 'swims'] },
    call: VET,
    source: ANIMAL_AID,
    ways: [way('Rinse and dry', some(2, 'rinse-ear'), some(4, 'dry-ear'))],
  }),
  need({
    id: 'coat',
    name: 'Tar, burrs or stink in the coat',
    tier: 'comfort',
    range: 'home',
    atRisk: { species: ['dog', 'cat'] },
    where: ['remote', 'water', 'ticks'],
    call: '',
    source: ANIMAL_AID,
    ways: [
      way('Wash and comb', some(1, 'coat-wash'), some(1, 'comb')),
      way('Comb', some(1, 'comb')),
    ],
  }),
]
