/**
 * Small words that decide what a thing is: form, way of use, whom it is made for, and what makes
 * it doubtful. What stands in none of these lists, nor in the catalogue, is never explained away.
 */
import type { Form, Route } from '../catalogue/entry'
import type { Species } from '../household/species'

/** Forms told apart more finely than the catalogue does: a cream is no ointment. */
export const FORM_WORDS: Readonly<Record<string, string>> = {
  tablet: 'tablet',
  tab: 'tablet',
  pill: 'tablet',
  caplet: 'tablet',
  capsule: 'capsule',
  cap: 'capsule',
  softgel: 'capsule',
  chewable: 'chewable',
  effervescent: 'effervescent',
  dispersible: 'effervescent',
  liquid: 'liquid',
  syrup: 'liquid',
  suspension: 'liquid',
  elixir: 'liquid',
  linctus: 'liquid',
  solution: 'solution',
  drop: 'drop',
  spray: 'spray',
  aerosol: 'spray',
  inhaler: 'inhaler',
  puffer: 'inhaler',
  injector: 'injector',
  autoinjector: 'injector',
  pen: 'pen',
  injection: 'injector',
  ampoule: 'ampoule',
  powder: 'powder',
  granule: 'granule',
  sachet: 'sachet',
  cream: 'cream',
  ointment: 'ointment',
  balm: 'balm',
  salve: 'ointment',
  lotion: 'lotion',
  paste: 'paste',
  gel: 'gel',
  jelly: 'gel',
  foam: 'foam',
  suppository: 'suppository',
  lozenge: 'lozenge',
  pastille: 'lozenge',
  patch: 'patch',
  vial: 'vial',
  pod: 'vial',
  wipe: 'wipe',
  swab: 'swab',
  strip: 'strip',
  stick: 'stick',
  mouthwash: 'mouthwash',
  enema: 'enema',
  pipette: 'drop',
  sponge: 'sponge',
  bandage: 'bandage',
}

/** What a form of the catalogue may be called beyond the entry's own words. */
export const FORMS_SPOKEN: Readonly<Partial<Record<Form, readonly string[]>>> = {
  tablet: ['tablet'],
  liquid: ['liquid'],
  drops: ['drop'],
  spray: ['spray'],
  inhaler: ['inhaler'],
  injector: ['injector', 'pen'],
  powder: ['powder'],
  cream: ['cream'],
  gel: ['gel'],
  suppository: ['suppository'],
  lozenge: ['lozenge'],
  wipe: ['wipe'],
}

export const ROUTE_WORDS: Readonly<Record<string, Route>> = {
  eye: 'eye',
  eyes: 'eye',
  ocular: 'eye',
  ophthalmic: 'eye',
  corneal: 'eye',
  ear: 'ear',
  otic: 'ear',
  aural: 'ear',
  nose: 'nose',
  nasal: 'nose',
  oral: 'mouth',
  orally: 'mouth',
  mouth: 'mouth',
  swallow: 'mouth',
  rectal: 'rectum',
  rectally: 'rectum',
  vaginal: 'rectum',
  skin: 'skin',
  topical: 'skin',
  dermal: 'skin',
  inhaled: 'lungs',
  injectable: 'muscle',
  intramuscular: 'muscle',
}

const SMALL: readonly Species[] = ['rabbit', 'guinea pig', 'hamster']
const BEASTS: readonly Species[] = [
  'dog',
  'cat',
  'ferret',
  'horse',
  'bird',
  'hen',
  'tortoise',
  'other',
  ...SMALL,
]

/** Words for whom a thing is made. Two-word names are joined before they are looked up. */
export const SPECIES_WORDS: Readonly<Record<string, readonly Species[]>> = {
  human: ['person'],
  people: ['person'],
  person: ['person'],
  dog: ['dog'],
  doggy: ['dog'],
  canine: ['dog'],
  k9: ['dog'],
  puppy: ['dog'],
  pup: ['dog'],
  cat: ['cat'],
  feline: ['cat'],
  kitten: ['cat'],
  kitty: ['cat'],
  horse: ['horse'],
  equine: ['horse'],
  pony: ['horse'],
  foal: ['horse'],
  donkey: ['horse'],
  rabbit: ['rabbit'],
  bunny: ['rabbit'],
  'guinea-pig': ['guinea pig'],
  cavy: ['guinea pig'],
  piggy: ['guinea pig'],
  hamster: ['hamster'],
  rodent: ['guinea pig', 'hamster'],
  bird: ['bird', 'hen'],
  avian: ['bird', 'hen'],
  parrot: ['bird'],
  budgie: ['bird'],
  hen: ['hen'],
  chicken: ['hen'],
  poultry: ['hen'],
  ferret: ['ferret'],
  tortoise: ['tortoise'],
  reptile: ['tortoise', 'other'],
  livestock: ['horse', 'other'],
  cattle: ['other'],
  sheep: ['other'],
  goat: ['other'],
  pet: BEASTS,
  animal: BEASTS,
  vet: BEASTS,
  veterinary: BEASTS,
  veterinarian: BEASTS,
}

/** Whose age or body it is made for: decides dose and size, and is never skipped. */
export const AGE_WORDS: ReadonlySet<string> = new Set([
  'adult',
  'adults',
  'child',
  'children',
  'childrens',
  'childs',
  'kid',
  'kids',
  'junior',
  'jr',
  'infant',
  'baby',
  'toddler',
  'newborn',
  'paediatric',
  'pediatric',
  'teen',
  'senior',
  'elderly',
  'grandma',
  'grandpa',
  'granny',
])

/** Say nothing about what a thing is: packaging, colour, make. */
export const NEUTRAL_WORDS: ReadonlySet<string> = new Set(
  (
    'the a an of for with and in to by on per x or our my some each set pack packet pk pkt box boxed bag ' +
    'tub jar tin carton case bundle piece pcs pc count ct new sealed unopened individually wrapped ' +
    'assorted various mixed several spare single brand generic quality premium standard ' +
    'regular basic white blue green red black pink orange yellow beige clear transparent skin-tone ' +
    'approx about ca item'
  ).split(' '),
)

/** Sizes by letter or word. */
export const SIZE_WORDS: Readonly<Record<string, string>> = {
  xs: 'size-xs',
  s: 'size-s',
  small: 'size-s',
  m: 'size-m',
  medium: 'size-m',
  l: 'size-l',
  large: 'size-l',
  big: 'size-l',
  xl: 'size-xl',
  'extra-large': 'size-xl',
  wide: 'wide',
  mini: 'size-xs',
}

export const SIZES: ReadonlySet<string> = new Set(Object.values(SIZE_WORDS))

export type Doubt = 'unidentified' | 'left_over' | 'worn_out' | 'not_real'

/** What makes a thing doubtful whatever else its name says. */
export const DOUBTS: readonly (readonly [Doubt, RegExp])[] = [
  [
    'unidentified',
    /\b(?:un(?:labell?ed|identified|known|marked|named)|mystery|no labels?|without (?:a )?labels?|labels? (?:is |has )?(?:gone|lost|missing|off|unreadable|illegible|worn)|not labell?ed|what is (?:it|this)|whats this|some (?:white|yellow|pink|blue|round|old)? ?(?:pills?|tablets?|capsules?)|loose (?:pills?|tablets?|capsules?)|unsure what)\b|\?\?|^\s*\?/,
  ],
  [
    'left_over',
    /\b(?:left ?-?overs?|remaining from|rest of|remainder|old prescriptions?|left (?:from|by)|(?:from|of) the (?:old|late|former|last|previous)|from (?:grand(?:ma|pa|mother|father)|granny|grandad|gran|mum|dad|mother|father|aunt|uncle|the neighbou?r|(?:last|the last|a former|previous) (?:course|illness|surgery|operation|time|dog|cat))|after (?:the )?(?:surgery|operation)|(?:late|former|previous) (?:dog|cat|rabbit|horse)s?|belonged to)\b/,
  ],
  [
    'worn_out',
    /\b(?:expired|out ?-?of ?-?date|past (?:its )?date|half ?-?(?:used|empty|full)|part(?:ly)? used|opened|nearly empty|almost empty|dried (?:out|up)|broken|damaged|torn|leak(?:ed|ing|y)|empty|flat|used)\b/,
  ],
  ['not_real', /\b(?:train(?:er|ing)|practice|practise|dummy|demo|placebo|toy|expired trainer)\b/],
]

/** Carried if somebody likes; without evidence, whatever else the name says. */
export const WITHOUT_EVIDENCE =
  /\b(?:homeopath(?:y|ic)|homoeopath(?:y|ic)|globules?|pillules?|(?:c|d|ch|x) ?\d{1,4}\b(?= ?(?:globules?|pillules?|pellets?|dilution))|\d{1,3} ?(?:c|ch) (?:globules?|pillules?|pellets?)|flower (?:essence|remedy|drops)|colloidal silver|healing crystals?|magnet(?:ic)? (?:bracelet|band)|detox|essential oils?|aromatherapy|herbal|traditional remedy|arnica|schuessler|schüssler)\b/

/** Words that turn a medicine into another one. */
export const VARIANT_WORDS: ReadonlySet<string> = new Set([
  'pm',
  'am',
  'night',
  'nighttime',
  'daytime',
  'day',
  'plus',
  'forte',
  'max',
  'maximum',
  'extra',
  'strong',
  'strength',
  'ultra',
  'rapid',
  'fast',
  'express',
  'retard',
  'sr',
  'xr',
  'er',
  'mr',
  'la',
  'cr',
  'slow',
  'release',
  'sustained',
  'extended',
  'prolonged',
  'modified',
  'coated',
  'enteric',
  'cold',
  'flu',
  'sinus',
  'allergy',
  'cough',
  'migraine',
  'concentrate',
  'concentrated',
  'diluted',
  'dilute',
  'hot',
])
