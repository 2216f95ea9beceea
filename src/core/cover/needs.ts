/**
 * The needs that a household is judged by. They are general first aid readiness and name what
 * they follow; they are no instructions. Who to call comes first in each.
 */
import { EVERYBODY, PEOPLE } from '../catalogue/define'
import type { RoleId } from '../catalogue/roles'
import { ANIMAL_NEEDS } from './animalNeeds'
import { type Need, TIERS } from './need'
import { daily, EMERGENCY, FIRST_AID, lastResort, need, some, way } from './needWords'

const YEAR = 12
const PREPARED = 'Preparedness lists: three days, 3.8 L of water a person and day; local rules win'
const RULE_OF_THUMB = 'Customary quantity of first aid teaching'

const NEEDS_OF_PEOPLE: readonly Need[] = [
  // ---- life-saving ----------------------------------------------------------------------------
  need({
    id: 'bleed-limb',
    name: 'Severe bleeding of a limb',
    tier: 'life',
    atRisk: { species: PEOPLE },
    schools: ['tourniquet'],
    call: EMERGENCY,
    source: FIRST_AID,
    ways: [
      {
        ...way('Windlass tourniquet and pressure', some(1, 'windlass'), some(1, 'stop-bleed')),
        school: ['tourniquet', ['windlass', 'strap']],
      },
      {
        ...way('Two windlass tourniquets and pressure', some(2, 'windlass'), some(1, 'stop-bleed')),
        school: ['tourniquet', ['several']],
      },
      {
        ...way(
          'Any strap and pressure',
          some(1, 'windlass', 'elastic-strap'),
          some(1, 'stop-bleed'),
        ),
        school: ['tourniquet', ['strap']],
      },
      way('Firm pressure, two dressings', some(2, 'stop-bleed')),
      lastResort(
        'Pads and a wrap, pressed by hand',
        some(4, 'cover-wound'),
        some(1, 'fix-dressing'),
      ),
      lastResort('Anything clean, pressed by hand', some(1, 'cover-wound', 'padding', 'cloth')),
    ],
  }),
  need({
    id: 'bleed-heavy',
    name: 'Heavy bleeding',
    tier: 'life',
    atRisk: { species: PEOPLE },
    call: EMERGENCY,
    source: FIRST_AID,
    ways: [
      way('Pressure dressings', some(2, 'stop-bleed')),
      way('Wound packing', some(1, 'pack-wound'), some(1, 'fix-dressing')),
      lastResort('Pads and a wrap', some(4, 'cover-wound'), some(1, 'fix-dressing')),
      lastResort('Anything clean, pressed by hand', some(1, 'cover-wound', 'padding', 'cloth')),
    ],
  }),
  need({
    id: 'chest-wound',
    name: 'Hole in the chest',
    tier: 'life',
    atRisk: { species: PEOPLE },
    where: ['blades'],
    call: EMERGENCY,
    source: FIRST_AID,
    ways: [
      way('Chest seal', some(1, 'chest-seal')),
      way('Left open, pads at hand', some(2, 'cover-wound')),
    ],
  }),
  need({
    id: 'anaphylaxis',
    everybodyAtOnce: true,
    name: 'Known anaphylaxis',
    tier: 'life',
    atRisk: { condition: ['anaphylaxis'] },
    call: `${EMERGENCY} Follow the signed plan.`,
    source: 'Two auto-injectors wherever the person goes; the prescriber’s plan wins',
    ways: [{ name: 'Two auto-injectors', parts: [{ any: ['adrenaline'], uses: 2, far: 1 }] }],
  }),
  need({
    id: 'asthma',
    everybodyAtOnce: true,
    name: 'Asthma attack',
    tier: 'life',
    atRisk: { condition: ['asthma', 'aspirin-asthma'] },
    call: `${EMERGENCY} Follow the signed plan.`,
    source: 'The prescriber’s plan wins',
    ways: [
      way('Reliever with a spacer', some(10, 'reliever'), some(1, 'spacer')),
      way('Reliever alone', some(10, 'reliever')),
    ],
  }),
  need({
    id: 'low-sugar',
    name: 'Low blood sugar',
    tier: 'life',
    atRisk: { condition: ['diabetes'] },
    call: 'Nothing into the mouth of one who seizes or is unconscious: call.',
    source: FIRST_AID,
    ways: [
      way('Fast sugar and a meter', some(2, 'sugar-fast'), some(1, 'glucose-meter')),
      way('Fast sugar', some(2, 'sugar-fast')),
    ],
  }),
  need({
    id: 'not-breathing',
    name: 'Not breathing',
    tier: 'life',
    atRisk: { species: PEOPLE },
    call: EMERGENCY,
    source: FIRST_AID,
    ways: [way('Breathing barrier, trained', some(1, 'barrier'))],
  }),
  need({
    id: 'chest-pain',
    name: 'Chest pain',
    tier: 'life',
    atRisk: { species: PEOPLE, fromMonths: 40 * YEAR },
    call: `${EMERGENCY} Aspirin only when they say so.`,
    source: FIRST_AID,
    ways: [way('Aspirin to chew, on their word', some(1, 'chew-aspirin'))],
  }),
  need({
    id: 'poison',
    name: 'Poison swallowed',
    tier: 'life',
    scope: 'party',
    atRisk: {},
    schools: ['bring-up'],
    call: 'Call the poison line or the vet first. Bring nothing up without their word.',
    source: 'Poison line and veterinary advice',
    ways: [way('The numbers on paper', some(1, 'numbers'))],
  }),
  need({
    id: 'chilled',
    everybodyAtOnce: true,
    name: 'Chilled through',
    tier: 'life',
    atRisk: { species: EVERYBODY },
    where: ['cold', 'remote', 'vehicle', 'water'],
    call: EMERGENCY,
    source: FIRST_AID,
    ways: [way('A blanket each', some(1, 'warm'))],
  }),
  need({
    id: 'in-water',
    name: 'Somebody in the water',
    tier: 'life',
    scope: 'party',
    atRisk: {},
    where: ['water'],
    call: EMERGENCY,
    source: FIRST_AID,
    ways: [way('Something that floats or reaches', some(1, 'float'))],
  }),
  need({
    id: 'trapped',
    name: 'Locked in the belt',
    tier: 'life',
    scope: 'party',
    atRisk: {},
    where: ['vehicle'],
    call: EMERGENCY,
    source: 'Road safety bodies',
    ways: [
      way('Belt cutter within reach', some(1, 'cut-belt')),
      way('Shears', some(1, 'cut-clothes')),
    ],
  }),
  need({
    id: 'own-medicine',
    everybodyAtOnce: true,
    name: 'Own regular medicine',
    tier: 'life',
    atRisk: {},
    call: 'Ask the prescriber or the pharmacy before it runs out.',
    source: 'Days away and two more',
    ways: [way('Days away and two more', some(1, 'own-medicine'))],
  }),

  // ---- urgent ---------------------------------------------------------------------------------
  need({
    id: 'gloves',
    everybodyAtOnce: true,
    name: 'Gloves in the helper’s size',
    tier: 'urgent',
    atRisk: { helper: true, species: PEOPLE },
    call: '',
    source: 'Two pairs for each helper and kit',
    ways: [way('Two pairs', { any: ['gloves'], uses: 2, far: 1 })],
  }),
  need({
    id: 'light',
    name: 'Light with both hands free',
    tier: 'urgent',
    scope: 'party',
    atRisk: {},
    where: ['night', 'vehicle', 'remote'],
    call: '',
    source: RULE_OF_THUMB,
    ways: [
      way('Lamp and spare cells', some(1, 'lamp'), some(3, 'lamp-cells')),
      way('Lamp', some(1, 'lamp')),
    ],
  }),
  need({
    id: 'call-for-help',
    name: 'Calling for help',
    tier: 'urgent',
    scope: 'party',
    atRisk: {},
    where: ['vehicle', 'remote'],
    call: '',
    source: PREPARED,
    ways: [
      way('Power for the phone, numbers on paper', some(1, 'phone-power'), some(1, 'numbers')),
      way('Numbers on paper', some(1, 'numbers')),
    ],
  }),
  need({
    id: 'roadside',
    everybodyAtOnce: true,
    name: 'Standing at the roadside',
    tier: 'urgent',
    atRisk: { species: PEOPLE },
    where: ['vehicle', 'road'],
    call: '',
    source: 'Road safety bodies; local rules win',
    ways: [way('Vest and warning triangle', some(1, 'road-vest'), some(1, 'road-sign'))],
  }),
  need({
    id: 'small-fire',
    name: 'A small fire',
    tier: 'urgent',
    scope: 'party',
    atRisk: {},
    where: ['vehicle', 'night'],
    call: EMERGENCY,
    source: 'Fire safety bodies',
    ways: [way('Blanket or extinguisher', some(1, 'fire-cover'))],
  }),
  need({
    id: 'wound',
    name: 'Wound or graze',
    tier: 'urgent',
    atRisk: { species: PEOPLE },
    schools: ['cleaning'],
    call: '',
    source: FIRST_AID,
    ways: [
      {
        ...way(
          'Rinse, cover, hold',
          some(2, 'rinse-wound'),
          daily(2, 1, 'non-stick', 'cover-wound'),
          daily(2, 1, 'fix-dressing'),
        ),
        school: ['cleaning', ['water', 'dilute']],
      },
      {
        ...way(
          'Peroxide or spirit, cover, hold',
          some(1, 'harsh-antiseptic', 'rinse-wound'),
          daily(2, 1, 'non-stick', 'cover-wound'),
          daily(2, 1, 'fix-dressing'),
        ),
        school: ['cleaning', ['harsh']],
      },
      way('Wipe around, plaster', some(2, 'clean-skin', 'dilute-antiseptic'), some(3, 'plaster')),
    ],
  }),
  need({
    id: 'gaping-cut',
    name: 'Gaping cut',
    tier: 'urgent',
    atRisk: { species: PEOPLE },
    schools: ['closing', 'cleaning'],
    call: 'A gaping cut goes to a doctor.',
    source: FIRST_AID,
    ways: [
      way(
        'Rinse, strips, dressing',
        some(2, 'rinse-wound'),
        some(4, 'close-cut'),
        some(1, 'cover-wound'),
        some(1, 'fix-dressing'),
      ),
      {
        ...way(
          'Rinse, adhesive, dressing',
          some(2, 'rinse-wound'),
          some(1, 'glue-cut'),
          some(1, 'cover-wound'),
        ),
        school: ['closing', ['adhesive']],
      },
      {
        ...way(
          'Rinse, staples, dressing',
          some(4, 'rinse-wound'),
          some(4, 'staple-cut'),
          some(1, 'cover-wound'),
          some(1, 'remove-staple'),
        ),
        school: ['closing', ['staples']],
      },
      way('Cover and go', some(2, 'cover-wound'), some(2, 'fix-dressing')),
    ],
  }),
  need({
    id: 'burn',
    name: 'Burn',
    tier: 'urgent',
    atRisk: { species: PEOPLE },
    call: 'Cool under water for twenty minutes; large, deep, face or hands: call.',
    source: FIRST_AID,
    ways: [
      way(
        'Cool, cover',
        some(4, 'cool-burn'),
        some(1, 'burn-cover', 'non-stick'),
        some(1, 'fix-dressing'),
      ),
      way('Cover', some(1, 'burn-cover', 'non-stick')),
    ],
  }),
  need({
    id: 'eye',
    name: 'Something in an eye',
    tier: 'urgent',
    atRisk: { species: PEOPLE },
    call: 'Stuck or after a chemical: rinse and call.',
    source: FIRST_AID,
    ways: [
      way('Rinse', some(4, 'rinse-eye')),
      way('Cover and go', some(1, 'eye-cover'), some(1, 'fix-dressing')),
    ],
  }),
  need({
    id: 'fever-pain',
    name: 'Fever and pain',
    tier: 'urgent',
    atRisk: { species: PEOPLE, fromMonths: 3 },
    call: 'Under three months, stiff neck, drowsy, no better in three days: a doctor.',
    source: 'Public over-the-counter labels; the label wins',
    ways: [
      way('Medicine for a day, thermometer', daily(4, 3, 'pain-fever'), some(1, 'thermometer')),
      way('Medicine for a night', some(2, 'pain-fever')),
    ],
  }),
  need({
    id: 'fever-baby',
    name: 'Fever',
    tier: 'urgent',
    atRisk: { species: PEOPLE, underMonths: 3 },
    call: 'A baby under three months with fever goes to a doctor at once.',
    source: FIRST_AID,
    ways: [way('Thermometer', some(1, 'thermometer'))],
  }),
  need({
    id: 'allergy',
    name: 'Hives or swelling',
    tier: 'urgent',
    atRisk: { species: PEOPLE, fromMonths: 6 },
    call: 'Face, throat or breathing: call the emergency number.',
    source: 'Public over-the-counter labels; the label wins',
    ways: [way('Antihistamine', daily(1, 1, 'allergy-tablet'))],
  }),
  need({
    id: 'tick',
    name: 'Tick',
    tier: 'urgent',
    atRisk: { species: PEOPLE },
    where: ['ticks'],
    months: [3, 11],
    call: 'Note the day and the place on the body.',
    source: FIRST_AID,
    ways: [
      way('Remover, bag, pen', some(1, 'tick-remove'), some(1, 'bag-waste'), some(1, 'pen')),
      way('Fine tweezers', some(1, 'tick-remove', 'tweezers')),
    ],
  }),
  need({
    id: 'sprain',
    name: 'Sprain',
    tier: 'urgent',
    atRisk: { species: PEOPLE },
    call: '',
    source: FIRST_AID,
    ways: [
      way('Wrap, cold through a cloth', some(1, 'elastic-wrap'), some(1, 'cold'), some(1, 'cloth')),
      way('Wrap', some(1, 'elastic-wrap', 'fix-dressing')),
    ],
  }),
  need({
    id: 'broken-limb',
    name: 'Broken limb',
    tier: 'urgent',
    atRisk: { species: PEOPLE },
    where: ['remote', 'vehicle', 'blades'],
    call: EMERGENCY,
    source: FIRST_AID,
    ways: [
      way(
        'Splint, wrap, sling',
        some(1, 'splint'),
        some(1, 'elastic-wrap', 'fix-dressing'),
        some(1, 'sling'),
      ),
      way('Sling', some(1, 'sling')),
    ],
  }),
  need({
    id: 'stomach',
    name: 'Vomiting and diarrhoea',
    tier: 'urgent',
    atRisk: { species: PEOPLE },
    call: 'Blood, drowsy, dry, a baby: a doctor.',
    source: 'WHO rehydration; the label wins',
    ways: [
      way('Rehydration and water', daily(4, 2, 'rehydrate'), daily(1, 1, 'water')),
      way('A little rehydration', some(2, 'rehydrate')),
    ],
  }),
  need({
    id: 'overheated',
    everybodyAtOnce: true,
    name: 'Overheated',
    tier: 'urgent',
    atRisk: { species: EVERYBODY },
    where: ['vehicle', 'heat'],
    months: [5, 9],
    call: 'Cool at once. Not falling in five minutes: call.',
    source: FIRST_AID,
    ways: [
      way('Shade and water', some(1, 'shade'), some(1, 'water')),
      way('Water', some(1, 'water')),
    ],
  }),
  need({
    id: 'hold-out-water',
    everybodyAtOnce: true,
    name: 'Three days of water',
    tier: 'urgent',
    atRisk: { species: PEOPLE },
    where: ['remote', 'night'],
    call: '',
    source: PREPARED,
    ways: [
      { name: '3.8 L a day', parts: [{ any: ['water'], uses: 12, far: 1, stored: true }] },
      {
        name: 'Water cleaning and a day’s water',
        parts: [
          { any: ['clean-water'], uses: 12, far: 1 },
          { any: ['water'], uses: 2, far: 1, stored: true },
        ],
      },
    ],
  }),
  need({
    id: 'write-down',
    name: 'Times written down, a guide at hand',
    tier: 'urgent',
    scope: 'party',
    atRisk: {},
    call: '',
    source: FIRST_AID,
    ways: [
      way('Pen, card, guide', some(1, 'pen'), some(1, 'guide')),
      way('Pen and card', some(1, 'pen')),
    ],
  }),

  // ---- comfort --------------------------------------------------------------------------------
  need({
    id: 'small-cut',
    name: 'Small cut',
    tier: 'comfort',
    atRisk: { species: PEOPLE },
    call: '',
    source: FIRST_AID,
    ways: [
      way('Wipe and plaster', some(1, 'clean-skin', 'rinse-wound'), daily(2, 1, 'plaster')),
      way('Plaster', some(1, 'plaster')),
    ],
  }),
  need({
    id: 'blister',
    name: 'Blister',
    tier: 'comfort',
    atRisk: { species: PEOPLE, fromMonths: 3 * YEAR },
    call: '',
    source: FIRST_AID,
    ways: [way('Blister cover', some(2, 'blister')), way('Plaster', some(2, 'plaster'))],
  }),
  need({
    id: 'splinter',
    name: 'Splinter',
    tier: 'comfort',
    atRisk: { species: EVERYBODY },
    call: '',
    source: FIRST_AID,
    ways: [
      way('Fine tweezers and a wipe', some(1, 'tweezers'), some(1, 'clean-skin', 'rinse-wound')),
      way('Tweezers', some(1, 'tweezers', 'tick-remove')),
    ],
  }),
  need({
    id: 'itch',
    name: 'Itching bites',
    tier: 'comfort',
    atRisk: { species: PEOPLE, fromMonths: 6 },
    months: [4, 10],
    schools: ['remedies'],
    call: '',
    source: 'Public over-the-counter labels; the label wins',
    ways: [
      way('Cream', some(2, 'itch-cream')),
      way('Antihistamine', some(1, 'allergy-tablet')),
      way('Cold through a cloth', some(1, 'cold'), some(1, 'cloth')),
    ],
  }),
  need({
    id: 'insects',
    everybodyAtOnce: true,
    name: 'Mosquitoes and ticks kept off',
    tier: 'comfort',
    atRisk: { species: PEOPLE, fromMonths: 24 },
    where: ['ticks', 'water'],
    months: [5, 9],
    call: '',
    source: 'Public labels; the label wins',
    ways: [way('Repellent', daily(2, 2, 'repellent'))],
  }),
  need({
    id: 'dry-eyes',
    name: 'Dry or dusty eyes',
    tier: 'comfort',
    atRisk: { species: PEOPLE },
    call: '',
    source: FIRST_AID,
    ways: [
      way('Lubricating drops', daily(1, 1, 'eye-lubricant')),
      way('Rinse', some(2, 'rinse-eye')),
    ],
  }),
  need({
    id: 'shaky',
    name: 'Tired and shaky on the way',
    tier: 'comfort',
    atRisk: { species: PEOPLE, fromMonths: 4 * YEAR },
    where: ['vehicle', 'remote', 'road'],
    call: '',
    source: RULE_OF_THUMB,
    ways: [way('Something sweet', some(1, 'sugar-fast')), way('A bite to eat', some(0.2, 'food'))],
  }),
  need({
    id: 'sun',
    everybodyAtOnce: true,
    name: 'Sun',
    tier: 'comfort',
    atRisk: { species: PEOPLE, fromMonths: 6 },
    months: [4, 9],
    call: '',
    source: FIRST_AID,
    ways: [way('Sun cream', daily(2, 2, 'sunscreen')), way('Shade', some(1, 'shade'))],
  }),
  need({
    id: 'throat',
    name: 'Sore throat and cough',
    tier: 'comfort',
    atRisk: { species: PEOPLE, fromMonths: 12 },
    schools: ['remedies'],
    call: '',
    source: 'Public over-the-counter labels; the label wins',
    ways: [way('Something for the throat', daily(3, 3, 'throat-ease', 'cough-ease'))],
  }),
  need({
    id: 'nose',
    name: 'Blocked nose',
    tier: 'comfort',
    atRisk: { species: PEOPLE },
    call: '',
    source: FIRST_AID,
    ways: [way('Saline or drops', daily(2, 2, 'rinse-nose', 'ease-nose'))],
  }),
  need({
    id: 'travel',
    name: 'Travel sickness',
    tier: 'comfort',
    atRisk: { condition: ['motion-sick'] },
    where: ['vehicle'],
    call: '',
    source: 'Public over-the-counter labels; the label wins',
    ways: [
      way('Medicine and bags', some(1, 'travel-sick'), some(2, 'sick-bag', 'bag-waste')),
      way('Bags', some(2, 'sick-bag', 'bag-waste')),
    ],
  }),
  need({
    id: 'runs',
    name: 'Diarrhoea on a journey',
    tier: 'comfort',
    atRisk: { species: PEOPLE, fromMonths: 12 * YEAR },
    where: ['vehicle', 'remote'],
    call: 'Not with fever or blood.',
    source: 'Public over-the-counter labels; the label wins',
    ways: [way('Medicine', some(4, 'stop-runs')), way('Rehydration', some(2, 'rehydrate'))],
  }),
  need({
    id: 'sore-skin',
    name: 'Sore skin',
    tier: 'comfort',
    atRisk: { species: PEOPLE, underMonths: 36 },
    call: '',
    source: FIRST_AID,
    ways: [way('Barrier cream', daily(4, 4, 'skin-barrier'))],
  }),
  need({
    id: 'baby-days',
    everybodyAtOnce: true,
    name: 'Baby food and nappies',
    tier: 'comfort',
    atRisk: { species: PEOPLE, underMonths: 18 },
    where: ['remote', 'night'],
    call: '',
    source: PREPARED,
    ways: [
      way('Food and nappies', daily(3, 1, 'baby-food'), daily(3, 1, 'nappy')),
      way('Food', daily(3, 1, 'baby-food')),
    ],
  }),
  need({
    id: 'hold-out-food',
    everybodyAtOnce: true,
    name: 'Three days of food',
    tier: 'comfort',
    atRisk: { species: PEOPLE, fromMonths: 18 },
    where: ['remote', 'night'],
    call: '',
    source: PREPARED,
    ways: [{ name: 'Food that keeps', parts: [{ any: ['food'], uses: 3, far: 1 }] }],
  }),
  need({
    id: 'ice-underfoot',
    everybodyAtOnce: true,
    name: 'Ice underfoot',
    tier: 'comfort',
    atRisk: { species: PEOPLE, fromMonths: 3 * YEAR },
    where: ['cold'],
    months: [11, 3],
    call: '',
    source: FIRST_AID,
    ways: [way('Ice grips', some(1, 'ice-grip'))],
  }),
  need({
    id: 'period',
    name: 'Period',
    tier: 'comfort',
    atRisk: { species: PEOPLE, sex: 'female', fromMonths: 10 * YEAR, underMonths: 56 * YEAR },
    where: ['vehicle', 'remote'],
    call: '',
    source: PREPARED,
    ways: [way('Pads or tampons', daily(4, 4, 'period-care'))],
  }),
]

const TIER_ORDER = (one: Need): number => TIERS.indexOf(one.tier)

/** All needs, those that save a life first. */
export const NEEDS: readonly Need[] = [...NEEDS_OF_PEOPLE, ...ANIMAL_NEEDS].sort(
  (a, b) => TIER_ORDER(a) - TIER_ORDER(b),
)

/** Every fault of the needs, each naming its offender. */
export function needFaults(needs: readonly Need[], played: ReadonlySet<RoleId>): readonly string[] {
  const seen = new Set<string>()
  return needs.flatMap((one) => {
    const faults: string[] = []
    if (seen.has(one.id)) faults.push(`${one.id}: stands twice`)
    seen.add(one.id)
    if (one.source === '') faults.push(`${one.id}: names no source`)
    for (const { name, parts } of one.ways) {
      if (parts.length === 0) faults.push(`${one.id}: the way "${name}" needs nothing`)
      for (const { any, uses } of parts) {
        if (!(uses > 0)) faults.push(`${one.id}: ${any.join(' or ')} in no amount`)
        for (const role of any)
          if (role !== 'own-medicine' && !played.has(role))
            faults.push(`${one.id}: nothing plays ${role}`)
      }
    }
    return faults
  })
}
