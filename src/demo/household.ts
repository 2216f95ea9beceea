/**
 * The demo household as data: a blended family with a row house, an estate car, a cargo bike
 * and a hill cottage. All names, places and numbers are made up; days count from today.
 */
import type { Rhythm } from '../core/calendar/presence'
import type { Climate, Hue, Kit, PlaceTrait, Signal } from '../core/household/places'
import type { PocketSort } from '../core/household/pocket'
import type { ItemKind } from '../core/stock/itemKind'
import type { VerdictKind } from '../core/stock/verdict'

export const DEMO_HOUSEHOLD = {
  name: 'Marrow & Quill household',
  timeZone: 'Europe/Oslo',
  emergencyNumber: '555-0100',
  poisonNumber: '555-0122',
  labels: 'us',
} as const

export interface DemoPlace {
  readonly key: string
  readonly name: string
  readonly hue: Hue
  readonly minutesToHelp: number
  readonly minutesToVet: number
  /** Members who are there as a rule. */
  readonly usually: readonly string[]
  readonly signal: Signal
  readonly climate: Climate
  readonly note: string
  readonly traits: readonly PlaceTrait[]
  readonly rhythm: Rhythm
  /** First and last day from the coming Saturday, and what it is. */
  readonly visits: readonly (readonly [number, number, string])[]
}

export const DEMO_PLACES: readonly DemoPlace[] = [
  {
    key: 'house',
    name: 'Row house',
    hue: 'persimmon',
    minutesToHelp: 12,
    minutesToVet: 15,
    signal: 'good',
    climate: 'heated',
    usually: ['Ilse', 'Tove', 'Ned', 'Runa', 'Arlo', 'Bracken', 'Moth', 'Pip'],
    note: 'Third from the corner',
    traits: ['tap', 'night'],
    rhythm: { kind: 'always' },
    visits: [],
  },
  {
    key: 'car',
    name: 'Estate car',
    hue: 'cobalt',
    minutesToHelp: 20,
    minutesToVet: 20,
    signal: 'good',
    climate: 'car',
    usually: ['Ilse', 'Tove'],
    note: 'Electric; stands outside',
    traits: ['vehicle'],
    rhythm: { kind: 'weekdays', days: [1, 2, 3, 4, 5] },
    visits: [],
  },
  {
    key: 'bike',
    name: 'Cargo bike',
    hue: 'magenta',
    minutesToHelp: 15,
    minutesToVet: 15,
    signal: 'good',
    climate: 'unheated',
    usually: ['Ilse', 'Ned'],
    note: 'School run',
    traits: ['road'],
    rhythm: { kind: 'weekdays', days: [1, 2, 3, 4, 5] },
    visits: [],
  },
  {
    key: 'cottage',
    name: 'Hill cottage',
    hue: 'fern',
    minutesToHelp: 90,
    minutesToVet: 110,
    signal: 'patchy',
    climate: 'unheated',
    usually: ['Ilse', 'Tove', 'Bracken'],
    note: 'End of the forestry track; unheated in winter',
    traits: ['night', 'cold', 'ticks', 'blades'],
    rhythm: { kind: 'visits' },
    visits: [
      [7, 8, 'A weekend'],
      [21, 31, 'Turn of the year'],
      [119, 127, 'Spring week'],
      [220, 262, 'Summer weeks'],
      [399, 406, 'Turn of the year'],
    ],
  },
]

export interface DemoKit {
  readonly key: string
  readonly place: string
  readonly name: string
  readonly note: string
  readonly checkEveryDays: number
  /** What it is for, where its place does not say it. */
  readonly use?: Partial<Pick<Kit, 'range' | 'whom' | 'minutesAway'>>
  /** Days ago and by whom. */
  readonly checked: readonly [number, string] | null
  /** Name, column, row, columns, rows, seconds to reach, sort. */
  readonly pockets: readonly (readonly [
    string,
    number,
    number,
    number,
    number,
    number,
    PocketSort?,
  ])[]
}

export const DEMO_KITS: readonly DemoKit[] = [
  {
    key: 'hall',
    place: 'house',
    name: 'Hall drawers',
    note: 'Under the coat hooks',
    checkEveryDays: 182,
    checked: [74, 'Ilse'],
    pockets: [
      ['Lid', 1, 1, 4, 1, 3, 'outside'],
      ['Tray 1 · small wounds', 5, 1, 8, 1, 6],
      ['Tray 2 · tools', 1, 2, 5, 1, 8],
      ['Tray 3 · bandages', 6, 2, 7, 1, 10],
      ['Bottom · big things', 1, 3, 12, 1, 20],
    ],
  },
  {
    key: 'bath',
    place: 'house',
    name: 'Bathroom cabinet',
    note: 'High shelf, locked',
    checkEveryDays: 120,
    checked: [133, 'Tove'],
    pockets: [
      ['Top shelf · grown-ups', 1, 1, 6, 1, 15],
      ['Top shelf · children', 7, 1, 6, 1, 15],
      ['Drops and creams', 1, 2, 7, 1, 12],
      ['Waiting for an answer', 8, 2, 5, 1, 20],
      ['Fridge door', 1, 3, 12, 1, 60, 'elsewhere'],
    ],
  },
  {
    key: 'animals',
    place: 'house',
    name: 'Animal tote',
    note: 'Beside the back door',
    use: { whom: 'animals' },
    checkEveryDays: 182,
    checked: [60, 'Arlo'],
    pockets: [
      ['Front flap', 1, 1, 4, 1, 4, 'outside'],
      ['Bracken', 5, 1, 4, 1, 8],
      ['Moth and Pip', 9, 1, 4, 1, 8],
      ['Main', 1, 2, 8, 1, 15],
      ['Beside the tote', 9, 2, 4, 1, 10, 'elsewhere'],
    ],
  },
  {
    key: 'boot',
    place: 'car',
    name: 'Boot bag',
    note: 'Left of the spare wheel',
    checkEveryDays: 182,
    checked: [191, 'Ilse'],
    pockets: [
      ['Outer pocket', 1, 1, 4, 1, 5, 'outside'],
      ['Wounds', 5, 1, 8, 1, 10],
      ['Roadside', 1, 2, 6, 1, 12],
      ['Comfort', 7, 2, 6, 1, 15],
    ],
  },
  {
    key: 'glove',
    place: 'car',
    name: 'Glovebox pouch',
    note: 'Yellow zip',
    use: { range: 'bag' },
    checkEveryDays: 182,
    checked: [40, 'Tove'],
    pockets: [
      ['Front', 1, 1, 6, 1, 6],
      ['Back', 7, 1, 6, 1, 9],
    ],
  },
  {
    key: 'pannier',
    place: 'bike',
    name: 'Pannier pouch',
    note: 'Waterproof roll',
    checkEveryDays: 182,
    checked: [22, 'Ilse'],
    pockets: [
      ['Outside net', 1, 1, 4, 1, 3, 'outside'],
      ['Roll', 5, 1, 8, 1, 8],
    ],
  },
  {
    key: 'pantry',
    place: 'cottage',
    name: 'Pantry roll',
    note: 'Hangs behind the pantry door',
    checkEveryDays: 150,
    checked: [46, 'Ilse'],
    pockets: [
      ['Outer flap', 1, 1, 3, 1, 3, 'outside'],
      ['Pouch A · wounds', 4, 1, 6, 1, 8],
      ['Tall sleeve', 10, 1, 3, 1, 12],
      ['Pouch B · fever, pain', 1, 2, 4, 1, 8],
      ['Pouch C · allergy, bites', 5, 2, 4, 1, 8],
      ['Pouch D · stomach', 9, 2, 4, 1, 8],
      ['Foot · animals', 1, 3, 6, 1, 15],
      ['Cellar shelf, 6 °C', 7, 3, 6, 1, 60, 'elsewhere'],
    ],
  },
  {
    key: 'shed',
    place: 'cottage',
    name: 'Woodshed case',
    note: 'Hard case by the saw horse',
    use: { minutesAway: 2 },
    checkEveryDays: 365,
    checked: [151, 'Tove'],
    pockets: [
      ['Lid', 1, 1, 6, 1, 4],
      ['Tray', 7, 1, 6, 1, 8],
    ],
  },
]

/** What the household has come to think of an item, so many days ago. */
export const DEMO_VERDICTS: readonly (readonly [DemoItemKey, VerdictKind, string, number])[] = [
  ['syrupOld', 'refused', 'Ned spits it out', 140],
  ['itch', 'did_not_work', 'Runa: no help against horseflies', 110],
]

/** key: name, strength, unit, kind, purpose, and where it is bought: shop, pack, price of a pack. */
type DemoItem = readonly [
  string,
  string,
  string,
  ItemKind,
  string,
  string,
  number | null,
  number | null,
]
const PHARMACY = 'Corner pharmacy'
const OUTDOOR = 'Outdoor shop'
const VET = 'Vet practice'
const MARKET = 'Supermarket'

export const DEMO_ITEMS = {
  plasters: ['Plasters, assorted', '', 'strip', 'sterile', 'Small wounds', PHARMACY, 40, 390],
  blister: ['Blister plasters', '', 'plaster', 'sterile', 'Blisters', PHARMACY, 6, 620],
  strips: ['Closure strips', '6 mm', 'strip', 'sterile', 'Small gaping cuts', PHARMACY, 10, 480],
  gauze: ['Gauze', '7.5 cm', 'pad', 'sterile', 'Cover a wound', PHARMACY, 10, 350],
  pads: ['Non-stick pads', '10 cm', 'pad', 'sterile', 'Cover a wound, grazes', PHARMACY, 10, 540],
  pressure: ['Pressure dressing', '10 cm', 'piece', 'sterile', 'Heavy bleeding', OUTDOOR, 1, 890],
  tourniquet: [
    'Windlass tourniquet',
    '',
    '',
    'instrument',
    'Severe bleeding of a limb, trained only',
    OUTDOOR,
    1,
    3200,
  ],
  cohesive: [
    'Cohesive wrap, latex-free',
    '5 cm',
    'roll',
    'supply',
    'Hold a dressing',
    PHARMACY,
    2,
    590,
  ],
  elastic: ['Elastic bandage', '8 cm', 'roll', 'supply', 'Sprains', PHARMACY, 1, 420],
  triangle: ['Triangular bandage', '', '', 'supply', 'Sling', PHARMACY, 1, 310],
  tape: ['Fabric tape', '2.5 cm', 'roll', 'supply', 'Hold gauze', PHARMACY, 1, 280],
  saline: ['Saline pods', '20 mL', 'pod', 'sterile', 'Rinse eyes and wounds', PHARMACY, 10, 490],
  bottleSaline: [
    'Saline, pourable',
    '500 mL',
    'bottle',
    'sterile',
    'Rinse wounds',
    PHARMACY,
    1,
    360,
  ],
  antiseptic: [
    'Chlorhexidine antiseptic',
    '0.05 %',
    'bottle',
    'medicine',
    'Wounds, after rinsing',
    PHARMACY,
    1,
    650,
  ],
  wipes: ['Cleansing wipes', '', 'wipe', 'supply', 'Hands and skin around', PHARMACY, 20, 240],
  burnGel: [
    'Burn gel sachets',
    '3.5 g',
    'sachet',
    'sterile',
    'Small burns, after cooling',
    PHARMACY,
    10,
    720,
  ],
  eyeDrops: [
    'Eye drops, lubricating',
    '10 mL',
    'bottle',
    'medicine',
    'Dry or dusty eyes',
    PHARMACY,
    1,
    780,
  ],
  eyeRinse: ['Eye rinse vials', '5 mL', 'vial', 'sterile', 'Debris in an eye', PHARMACY, 20, 910],
  glovesS: [
    'Gloves, nitrile',
    'S',
    'pair',
    'supply',
    'Protect the helper: Ilse',
    PHARMACY,
    10,
    450,
  ],
  glovesL: ['Gloves, nitrile', 'L', 'pair', 'supply', 'Protect the helper', PHARMACY, 10, 450],
  scissors: ['Blunt scissors', '', '', 'instrument', 'Cut bandage and clothes', PHARMACY, 1, 560],
  shears: ['Clothing shears', '', '', 'instrument', 'Cut clothes and straps', OUTDOOR, 1, 990],
  tweezers: ['Tweezers, fine', '', '', 'instrument', 'Splinters', PHARMACY, 1, 520],
  tick: ['Tick tweezers', '', '', 'instrument', 'Ticks: straight out', OUTDOOR, 1, 480],
  thermometer: ['Thermometer', '', '', 'instrument', 'Fever', PHARMACY, 1, 1290],
  petThermometer: [
    'Thermometer, animals only',
    '',
    '',
    'instrument',
    'Fever in an animal',
    VET,
    1,
    890,
  ],
  probe: ['Probe covers', '', 'cover', 'supply', 'With the thermometer', PHARMACY, 20, 320],
  lamp: ['Head lamp', '', '', 'instrument', 'Both hands free in the dark', OUTDOOR, 1, 2450],
  cells: ['Lamp cells', 'AAA', 'cell', 'battery', 'For the head lamp', MARKET, 4, 380],
  button: ['Button cells', 'LR41', 'cell', 'battery', 'For the thermometer', MARKET, 2, 260],
  foil: ['Foil blanket', '', '', 'supply', 'Keep warm', OUTDOOR, 1, 290],
  cold: [
    'Instant cold pack',
    '',
    'pack',
    'supply',
    'Sprains; never on bare skin',
    PHARMACY,
    2,
    560,
  ],
  barrier: ['Breathing barrier', '', '', 'sterile', 'Rescue breaths', OUTDOOR, 1, 390],
  splint: ['Folding splint', '', '', 'instrument', 'Hold a limb still', OUTDOOR, 1, 1150],
  pen: ['Pen and incident card', '', '', 'paper', 'Write times down', MARKET, 1, 150],
  guide: ['First aid booklet', '', '', 'paper', 'Read before it is needed', '', null, null],
  bag: ['Zip bags', '1 L', 'bag', 'supply', 'Waste, ticks, wet things', MARKET, 20, 190],
  paraTab: [
    'Acetaminophen',
    '500 mg',
    'tablet',
    'medicine',
    'Pain and fever, 12 years and over',
    PHARMACY,
    20,
    280,
  ],
  paraLiq: [
    'Acetaminophen liquid',
    '160 mg/5 mL',
    'bottle',
    'medicine',
    'Pain and fever, children',
    PHARMACY,
    1,
    540,
  ],
  ibuTab: [
    'Ibuprofen',
    '200 mg',
    'tablet',
    'medicine',
    'Pain and fever; not with a blood thinner',
    PHARMACY,
    20,
    310,
  ],
  ibuLiq: [
    'Ibuprofen liquid',
    '100 mg/5 mL',
    'bottle',
    'medicine',
    'Pain and fever, children',
    PHARMACY,
    1,
    590,
  ],
  cetTab: ['Cetirizine', '10 mg', 'tablet', 'medicine', 'Allergy', PHARMACY, 10, 420],
  cetSyr: [
    'Cetirizine syrup',
    '1 mg/mL',
    'bottle',
    'medicine',
    'Allergy, children',
    PHARMACY,
    1,
    690,
  ],
  loper: [
    'Loperamide',
    '2 mg',
    'tablet',
    'medicine',
    'Diarrhoea, 12 years and over',
    PHARMACY,
    10,
    390,
  ],
  rehyd: ['Rehydration sachets', '', 'sachet', 'medicine', 'Fluid and salts', PHARMACY, 6, 450],
  travel: [
    'Meclizine',
    '25 mg',
    'tablet',
    'medicine',
    'Travel sickness, 12 years and over',
    PHARMACY,
    10,
    520,
  ],
  hydro: ['Hydrocortisone cream', '1 %', 'tube', 'medicine', 'Itch', PHARMACY, 1, 560],
  itch: ['Itch cream', '', 'tube', 'medicine', 'Bites', PHARMACY, 1, 480],
  zinc: [
    'Zinc ointment',
    '',
    'tube',
    'medicine',
    'Sore skin; nothing an animal can lick',
    PHARMACY,
    1,
    390,
  ],
  syringe: ['Oral syringe', '5 mL', '', 'instrument', 'Measure liquid medicine', PHARMACY, 3, 240],
  syringeBig: [
    'Oral syringe',
    '10 mL',
    '',
    'instrument',
    'Measure liquid medicine',
    PHARMACY,
    2,
    240,
  ],
  injector: [
    'Adrenaline auto-injector',
    '0.15 mg',
    '',
    'sharp',
    'Ned: known anaphylaxis',
    PHARMACY,
    1,
    4900,
  ],
  inhaler: ['Reliever inhaler', '100 µg', '', 'pressurised', 'Ned: asthma', PHARMACY, 1, 850],
  spacer: ['Inhaler spacer', '', '', 'instrument', 'With the inhaler', PHARMACY, 1, 1190],
  glucose: ['Glucose sweets', '', 'roll', 'food', 'Low sugar, awake only', MARKET, 3, 220],
  water: ['Water', '500 mL', 'bottle', 'food', 'Drink, rinse, cool', MARKET, 6, 240],
  muzzle: ['Muzzle, whippet', '', '', 'instrument', 'Before any painful job', VET, 1, 1490],
  lead: ['Slip lead', '', '', 'instrument', 'Lead and emergency muzzle', VET, 1, 790],
  styptic: ['Styptic powder', '', 'tin', 'medicine', 'Nail cut too short', VET, 1, 880],
  collar: ['Soft collar', 'M', '', 'instrument', 'Keeps from licking', VET, 1, 1650],
  paw: ['Paw sock', 'M', '', 'supply', 'Over a paw dressing', VET, 2, 590],
  thyroid: [
    'Thyroid tablets',
    '2.5 mg',
    'tablet',
    'medicine',
    'Moth, as Dr Fenwick wrote',
    VET,
    30,
    2100,
  ],
  thyroidOld: [
    'Thyroid tablets, left over',
    '5 mg',
    'tablet',
    'medicine',
    'Moth, earlier strength',
    VET,
    null,
    null,
  ],
  vetAnti: ['Antihistamine, Bracken', '', 'tablet', 'medicine', 'Stings', VET, null, null],
  recovery: ['Recovery food', '20 g', 'sachet', 'food', 'An animal not eating', VET, 10, 1800],
  towel: ['Wrap towel', '', '', 'supply', 'Cat or bird held gently', '', null, null],
  vest: ['High-visibility vest', '', '', 'supply', 'At the roadside', OUTDOOR, 1, 490],
  triangleSign: ['Warning triangle', '', '', 'instrument', 'At the roadside', OUTDOOR, 1, 1290],
  syrupOld: ['Children’s cough syrup', '100 mL', 'bottle', 'medicine', 'Cough', PHARMACY, 1, 640],
  lozenge: ['Throat lozenges', '', 'lozenge', 'medicine', 'Sore throat', PHARMACY, 24, 430],
  thinner: ['Apixaban', '5 mg', 'tablet', 'medicine', 'Tove, as Dr Aske wrote', PHARMACY, 60, 4200],
  pressureTab: [
    'Blood pressure tablets',
    '5 mg',
    'tablet',
    'medicine',
    'Grete, as Dr Holm wrote',
    PHARMACY,
    100,
    1200,
  ],
  earDrops: [
    'Ear drops, Bracken',
    '10 mL',
    'bottle',
    'medicine',
    'Bracken, as Dr Fenwick wrote',
    VET,
    1,
    1650,
  ],
  numbers: [
    'Card of numbers to call',
    '',
    '',
    'paper',
    'Whom to call, without a phone',
    '',
    null,
    null,
  ],
  carrier: ['Cat carrier', '', '', 'instrument', 'Moth and Pip to the vet', VET, 1, 3490],
  aspirin: [
    'Aspirin',
    '325 mg',
    'tablet',
    'medicine',
    'To chew at chest pain, on the line’s word; 16 and over',
    PHARMACY,
    20,
    290,
  ],
  ginger: ['Ginger chews', '', 'piece', 'food', 'Comfort in the car', MARKET, 20, 390],
  crisp: ['Crispbread', '400 g', 'pack', 'food', 'Keeps', MARKET, 1, 250],
  dogFood: ['Dog food for a day', '', 'day', 'food', 'Bracken', MARKET, 7, 1290],
  power: ['Power bank', '10 Ah', '', 'battery', 'The phone is the way to help', OUTDOOR, 1, 2490],
  formula: ['Baby formula', '', 'day', 'food', 'From when Runa was small', MARKET, 5, 1890],
  grips: ['Ice grips', '', 'pair', 'supply', 'Ice underfoot', OUTDOOR, 1, 1990],
  sun: ['Sun cream', '50+', 'tube', 'supply', 'Sun', MARKET, 1, 990],
} as const satisfies Record<string, DemoItem>

export type DemoItemKey = keyof typeof DEMO_ITEMS

export const DEMO_ESSENTIAL: readonly DemoItemKey[] = [
  'tourniquet',
  'pressure',
  'injector',
  'inhaler',
  'glovesS',
  'glovesL',
  'saline',
  'thyroid',
  'lamp',
  'barrier',
]

export interface DemoExtra {
  /** Opened so many days ago. */
  readonly opened?: number
  readonly held?: string
  /** To whom, and how many days ago. */
  readonly lent?: readonly [string, number]
  readonly condition?: 'caked' | 'torn' | 'leaked'
  /** Price of one, in hundredths. */
  readonly price?: number
  readonly note?: string
  readonly directions?: string
  readonly batch?: string
}

/** Item, how many, how many belong, days until the printed end (null: nothing printed, '?' not looked), more. */
export type DemoLine = readonly [DemoItemKey, number, number, number | null | '?', DemoExtra?]

/** Per kit and pocket, in the pockets' order. A count of 0 leaves only the par. */
export const DEMO_STOCK: Readonly<Record<string, readonly (readonly DemoLine[])[]>> = {
  hall: [
    [
      ['plasters', 26, 20, 640],
      ['glovesS', 4, 2, 900],
      ['glovesL', 3, 2, 900],
      ['wipes', 18, 10, 410],
    ],
    [
      ['gauze', 9, 10, 1010],
      ['gauze', 6, 10, 260],
      ['pads', 8, 6, 520],
      ['strips', 12, 10, 330],
      ['blister', 5, 4, 470],
      ['saline', 14, 8, 455],
      ['burnGel', 6, 4, 365],
      ['antiseptic', 1, 1, 700, { opened: 152 }],
    ],
    [
      ['scissors', 1, 1, null, { lent: ['Arlo', 3] }],
      ['tweezers', 1, 1, null],
      ['tick', 1, 1, null],
      ['thermometer', 1, 1, null],
      ['probe', 17, 10, null],
      ['button', 1, 2, 720],
    ],
    [
      ['cohesive', 3, 2, 1200],
      ['elastic', 2, 2, null],
      ['triangle', 2, 2, null],
      ['tape', 1, 2, null],
      ['pressure', 2, 2, 1290],
    ],
    [
      ['tourniquet', 1, 1, null],
      ['foil', 2, 2, null],
      ['cold', 2, 2, 810],
      ['lamp', 1, 1, null],
      ['cells', 6, 4, 1500],
      ['barrier', 1, 1, 980],
      ['splint', 1, 1, null],
      ['guide', 1, 1, null],
      ['pen', 1, 1, null],
      ['numbers', 1, 1, null],
      ['bag', 15, 10, null],
    ],
  ],
  bath: [
    [
      ['paraTab', 18, 16, 520],
      ['paraTab', 8, 16, 12],
      ['ibuTab', 16, 10, 410],
      ['cetTab', 7, 10, 186],
      ['loper', 8, 6, 300],
      ['travel', 10, 6, 415],
      ['lozenge', 20, 12, 240],
      ['thinner', 44, 28, 520],
      ['aspirin', 12, 6, 610],
    ],
    [
      ['paraLiq', 1, 1, 290],
      ['ibuLiq', 2, 1, 205],
      ['cetSyr', 1, 1, 340, { opened: 61, directions: 'Label: read the band for age; once a day' }],
      ['rehyd', 5, 6, 560],
      ['syrupOld', 1, 0, 120, { opened: 196 }],
      ['syringe', 2, 2, null],
      ['syringeBig', 1, 1, null],
      ['formula', 2, 0, 95],
    ],
    [
      ['eyeDrops', 1, 1, 480, { opened: 20 }],
      ['eyeRinse', 12, 10, 395],
      ['hydro', 1, 1, 610, { opened: 88 }],
      ['zinc', 1, 1, 222],
      ['itch', 1, 1, '?'],
    ],
    [
      ['thyroidOld', 11, 0, 240, { held: 'until Dr Fenwick answers' }],
      ['vetAnti', 6, 0, 150, { held: 'no written rule from the vet yet' }],
    ],
    [
      ['cold', 1, 1, null],
      ['bottleSaline', 1, 1, 365],
    ],
  ],
  animals: [
    [
      ['muzzle', 1, 1, null],
      ['lead', 1, 1, null],
      ['glovesS', 2, 2, 900],
    ],
    [
      ['cohesive', 2, 2, 1100],
      ['paw', 2, 2, null],
      ['styptic', 1, 1, 620],
      ['pads', 4, 4, 520],
      ['collar', 1, 1, null],
      ['earDrops', 1, 0, 210, { opened: 3 }],
    ],
    [
      ['thyroid', 38, 28, 330],
      ['towel', 1, 1, null],
      ['recovery', 4, 6, 145],
    ],
    [
      ['petThermometer', 1, 1, null],
      ['gauze', 5, 4, 1010],
      ['tick', 1, 1, null],
      ['saline', 6, 6, 455],
      ['probe', 20, 10, null],
      ['wipes', 10, 10, 233],
    ],
    [['carrier', 1, 1, null]],
  ],
  boot: [
    [
      ['glovesL', 2, 2, 610],
      ['glovesS', 2, 2, 610],
      ['shears', 1, 1, null],
      ['pen', 1, 1, null],
      ['barrier', 1, 1, 520],
    ],
    [
      ['pressure', 2, 2, 850],
      ['gauze', 10, 10, 730],
      ['pads', 6, 6, 205],
      ['tourniquet', 1, 1, null],
      ['saline', 5, 6, 38],
      ['burnGel', 4, 4, 310],
      ['plasters', 14, 10, 240],
      ['cohesive', 2, 2, 700],
      ['triangle', 2, 2, null],
      ['tape', 1, 1, null],
    ],
    [
      ['vest', 4, 4, null],
      ['triangleSign', 1, 1, null],
      ['lamp', 1, 1, null],
      ['cells', 2, 4, 190],
      ['foil', 3, 4, null],
      ['cold', 1, 2, -18],
      ['water', 4, 4, 160],
    ],
    [
      ['paraTab', 6, 6, 480],
      ['travel', 6, 6, 96],
      ['glucose', 2, 2, 70],
      ['wipes', 12, 10, 286],
      ['bag', 8, 6, null],
      ['lead', 1, 1, null],
      ['power', 1, 1, null],
      ['ginger', 12, 0, 150],
    ],
  ],
  glove: [
    [
      ['injector', 1, 1, 35, { batch: 'K7731' }],
      ['inhaler', 1, 1, 268],
      ['plasters', 8, 6, 590],
      ['glovesL', 1, 1, 610],
    ],
    [
      ['cetSyr', 1, 1, 410],
      ['wipes', 8, 5, 380, { batch: 'W3116' }],
      ['pen', 1, 1, null],
    ],
  ],
  pannier: [
    [
      ['plasters', 10, 8, 430],
      ['wipes', 8, 6, 222],
      ['glovesS', 1, 1, 700],
    ],
    [
      ['gauze', 4, 4, 620],
      ['saline', 3, 3, 388],
      ['cohesive', 1, 1, null],
      ['foil', 1, 1, null],
      ['injector', 1, 1, 300, { batch: 'K8120' }],
      ['inhaler', 1, 1, 402],
      ['blister', 4, 3, 510],
      ['glucose', 1, 1, 140],
    ],
  ],
  pantry: [
    [
      ['tourniquet', 1, 1, null],
      ['pressure', 2, 2, 915],
    ],
    [
      ['saline', 5, 6, 460],
      ['gauze', 12, 10, 990],
      ['pads', 6, 6, 420],
      ['antiseptic', 1, 1, 500, { opened: 127 }],
      ['plasters', 16, 15, 540],
      ['strips', 8, 8, 365],
    ],
    [
      ['splint', 1, 1, null],
      ['triangle', 1, 1, null],
    ],
    [
      [
        'ibuLiq',
        1,
        1,
        35,
        { opened: 81, directions: 'Label: by weight, see the carton; shake well' },
      ],
      ['paraLiq', 1, 1, 300],
      ['paraTab', 10, 10, 365],
      ['ibuTab', 9, 0, 300, { held: 'not for Tove (blood thinner)' }],
      ['syringe', 3, 3, null],
      ['thermometer', 1, 1, null],
    ],
    [
      ['cetTab', 14, 10, 155],
      ['itch', 1, 1, 400, { opened: 389 }],
      ['injector', 0, 2, null],
      ['inhaler', 1, 1, 512],
      ['spacer', 1, 1, null],
      ['tick', 1, 1, null],
    ],
    [
      ['rehyd', 6, 6, 205],
      ['loper', 6, 6, 430],
      ['glucose', 2, 2, 320],
      ['eyeDrops', 1, 1, 366, { opened: 14 }],
    ],
    [
      ['cohesive', 3, 2, null],
      ['muzzle', 1, 1, null],
      ['styptic', 1, 1, 730],
      ['glovesS', 0, 2, null],
      ['glovesL', 4, 2, 900],
      ['lamp', 1, 1, null],
      ['cells', 4, 4, 420],
    ],
    [
      ['cold', 2, 2, null],
      ['recovery', 6, 6, 100],
      ['water', 12, 12, 270],
      ['crisp', 4, 4, 210],
      ['dogFood', 3, 3, 190],
      ['grips', 2, 4, null],
    ],
  ],
  shed: [
    [
      ['pressure', 3, 2, 880],
      ['tourniquet', 1, 1, null],
      ['glovesL', 2, 2, 900],
      ['shears', 1, 1, null],
      ['gauze', 8, 10, 640],
    ],
    [
      ['foil', 2, 2, null],
      ['burnGel', 2, 4, -40],
      ['bottleSaline', 2, 2, 244],
      ['plasters', 12, 10, 480, { condition: 'torn' }],
      ['tape', 1, 1, null],
      ['tweezers', 1, 1, null],
      ['eyeRinse', 6, 6, 176],
      ['lozenge', 10, 0, 88],
    ],
  ],
}

/** What the family answered where the name alone was not sure. */
export const DEMO_ANSWERS: Readonly<Partial<Record<DemoItemKey, string>>> = {
  elastic: 'elastic-bandage',
  itch: 'itch-gel',
  inhaler: 'reliever-inhaler',
  syrupOld: 'cough-syrup',
  crisp: 'crispbread',
  power: 'power-bank',
}
