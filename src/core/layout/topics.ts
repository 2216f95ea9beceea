/** Kinds of thing that a pocket's label may name, with the words people write on pockets. */
import type { Form, SectionId } from '../catalogue/entry'
import type { RoleId } from '../catalogue/roles'

export interface Topic {
  /** On a proposed label. */
  readonly name: string
  /** Against one word in the singular. */
  readonly words: RegExp
  readonly sections: readonly SectionId[]
  readonly roles: readonly RoleId[]
  readonly forms?: readonly Form[]
  readonly medicines?: true
}

export const TOPICS: readonly Topic[] = [
  {
    name: 'bleeding',
    words: /^(bleed\w*|blood|trauma)$/,
    sections: ['bleeding'],
    roles: ['stop-bleed', 'windlass', 'pack-wound', 'gloves', 'cut-clothes'],
  },
  {
    name: 'wounds',
    words: /^(wound|plaster|cut|graze|scrape|dressing)$/,
    sections: ['wounds', 'bleeding'],
    roles: ['tweezers', 'cutting', 'burn-cover', 'cool-burn', 'blister', 'padding', 'fix-dressing'],
  },
  {
    name: 'burns',
    words: /^(burn|blister|scald)$/,
    sections: ['burns'],
    roles: ['burn-cover', 'cool-burn', 'blister', 'cold'],
  },
  {
    name: 'bandages',
    words: /^(bandag\w*|wrap|sling|splint|sprain|joint|dressing|fracture)$/,
    sections: ['wraps'],
    roles: ['fix-dressing', 'elastic-wrap', 'padding', 'stop-bleed', 'cold', 'cloth', 'cutting'],
  },
  {
    name: 'tools',
    words: /^(tool|instrument|gadget|tweezer|scissor)$/,
    sections: ['tools'],
    roles: ['cutting', 'tweezers', 'lamp', 'lamp-cells', 'button-cells', 'nail-clip'],
  },
  {
    name: 'eyes, ears, nose',
    words: /^(eye|ear|nose)$/,
    sections: ['eyes'],
    roles: ['rinse-eye', 'rinse-nose', 'rinse-ear'],
  },
  {
    name: 'fever, pain',
    words: /^(fever|pain|headache|temperature)$/,
    sections: ['pain'],
    roles: ['thermometer', 'probe-cover', 'button-cells', 'dose-syringe', 'pain-fever'],
  },
  {
    name: 'allergy, bites',
    words: /^(allerg\w*|bite|sting|skin|itch|rash|tick)$/,
    sections: ['allergy'],
    roles: ['adrenaline', 'reliever', 'spacer', 'tick-remove', 'dose-syringe'],
  },
  {
    name: 'breathing',
    words: /^(breath\w*|asthma|inhal\w*|cough|cold|throat)$/,
    sections: [],
    roles: [
      'reliever',
      'spacer',
      'barrier',
      'cough-ease',
      'throat-ease',
      'ease-nose',
      'rinse-nose',
    ],
  },
  {
    name: 'stomach',
    words: /^(stomach|tummy|gut|nausea|travel|belly)$/,
    sections: ['stomach'],
    roles: ['rehydrate', 'sick-bag'],
  },
  {
    name: 'emergency',
    words: /^(emergency|rescue|injector|lifesaver|life-saver)$/,
    sections: ['emergency', 'bleeding'],
    roles: ['barrier', 'numbers'],
  },
  {
    name: 'weather, road',
    words: /^(weather|road\w*|warm\w*|rain|winter|breakdown)$/,
    sections: ['shelter'],
    roles: ['warm', 'lamp', 'lamp-cells', 'phone-power', 'water'],
  },
  {
    name: 'food, water',
    words: /^(food|water|drink|snack|feed\w*)$/,
    sections: ['food'],
    roles: ['water', 'food', 'pet-food', 'recovery-food', 'feed-syringe', 'sugar-fast'],
  },
  {
    name: 'papers',
    words: /^(paper|card|guide|document|list|number)$/,
    sections: ['information'],
    roles: ['pen', 'numbers', 'guide', 'papers'],
  },
  {
    name: 'light, cells',
    words: /^(lamp|torch|light|batter\w*|cell)$/,
    sections: [],
    roles: ['lamp', 'lamp-cells', 'button-cells', 'phone-power'],
  },
  {
    name: 'gloves, wipes',
    words: /^(glove|wipe|hygiene|clean\w*|daily|everyday)$/,
    sections: [],
    roles: ['gloves', 'hand-clean', 'clean-skin', 'bag-waste', 'plaster'],
  },
  {
    name: 'medicines',
    words: /^(medicine|medication|med|drug)$/,
    sections: [],
    roles: ['dose-syringe', 'tablet-cutter'],
    medicines: true,
  },
  {
    name: 'drops',
    words: /^(drop|spray)$/,
    sections: ['eyes'],
    roles: [],
    forms: ['drops', 'spray'],
  },
  {
    name: 'creams',
    words: /^(cream|ointment|gel|salve)$/,
    sections: [],
    roles: ['itch-cream', 'skin-barrier'],
    forms: ['cream', 'gel'],
  },
  {
    name: 'baby',
    words: /^(baby|infant|toddler|nappy|diaper)$/,
    sections: [],
    roles: ['nappy', 'baby-food', 'skin-barrier', 'dose-syringe', 'thermometer'],
  },
  { name: 'tablets', words: /^(tablet|pill)$/, sections: [], roles: [], forms: ['tablet'] },
  {
    name: 'syrups',
    words: /^(syrup|liquid)$/,
    sections: [],
    roles: ['dose-syringe'],
    forms: ['liquid'],
  },
]

/** What a section is called on a proposed label. */
export const SECTION_LABELS: Readonly<Record<SectionId, string>> = {
  bleeding: 'bleeding',
  wounds: 'wounds',
  burns: 'burns',
  wraps: 'bandages',
  tools: 'tools',
  eyes: 'eyes',
  pain: 'fever, pain',
  allergy: 'allergy, bites',
  stomach: 'stomach',
  emergency: 'emergency',
  animals: 'animals',
  shelter: 'weather, road',
  food: 'food, water',
  information: 'papers',
}
