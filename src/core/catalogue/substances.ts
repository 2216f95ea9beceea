/**
 * What things are made of, as far as it decides who may have them. A substance may belong to
 * classes; a rule about a class holds for each of its substances.
 */

export const SUBSTANCE_CLASSES = [
  'nsaid',
  'salicylate',
  'decongestant',
  'antihistamine',
  'sedating antihistamine',
  'sweetener',
  'antibiotic ointment',
  'gut-upsetting antibiotic',
  'local anaesthetic',
  'essential oil',
  'oily',
  'iodine',
  'food allergen',
] as const
export type SubstanceClass = (typeof SUBSTANCE_CLASSES)[number]

interface SubstanceFacts {
  readonly name: string
  readonly also?: readonly string[]
  readonly classes?: readonly SubstanceClass[]
}

export const SUBSTANCES = {
  acetaminophen: { name: 'acetaminophen', also: ['paracetamol'] },
  ibuprofen: { name: 'ibuprofen', classes: ['nsaid'] },
  naproxen: { name: 'naproxen', classes: ['nsaid'] },
  aspirin: {
    name: 'aspirin',
    also: ['acetylsalicylic acid'],
    classes: ['nsaid', 'salicylate'],
  },
  'bismuth-subsalicylate': {
    name: 'bismuth subsalicylate',
    also: ['bismuth'],
    classes: ['salicylate'],
  },
  diphenhydramine: {
    name: 'diphenhydramine',
    classes: ['antihistamine', 'sedating antihistamine'],
  },
  cetirizine: { name: 'cetirizine', classes: ['antihistamine'] },
  loratadine: { name: 'loratadine', classes: ['antihistamine'] },
  loperamide: { name: 'loperamide' },
  meclizine: {
    name: 'meclizine',
    also: ['meclozine'],
    classes: ['antihistamine', 'sedating antihistamine'],
  },
  dimenhydrinate: {
    name: 'dimenhydrinate',
    classes: ['antihistamine', 'sedating antihistamine'],
  },
  chlorphenamine: {
    name: 'chlorphenamine',
    also: ['chlorpheniramine'],
    classes: ['antihistamine', 'sedating antihistamine'],
  },
  promethazine: {
    name: 'promethazine',
    classes: ['antihistamine', 'sedating antihistamine'],
  },
  doxylamine: { name: 'doxylamine', classes: ['antihistamine', 'sedating antihistamine'] },
  fexofenadine: { name: 'fexofenadine', classes: ['antihistamine'] },
  codeine: { name: 'codeine' },
  tramadol: { name: 'tramadol' },
  guaifenesin: { name: 'guaifenesin', also: ['guaiphenesin'] },
  diclofenac: { name: 'diclofenac', classes: ['nsaid'] },
  ketoprofen: { name: 'ketoprofen', classes: ['nsaid'] },
  meloxicam: { name: 'meloxicam', classes: ['nsaid'] },
  carprofen: { name: 'carprofen', classes: ['nsaid'] },
  phenylbutazone: { name: 'phenylbutazone', classes: ['nsaid'] },
  gabapentin: { name: 'gabapentin' },
  'fusidic-acid': { name: 'fusidic acid' },
  mupirocin: { name: 'mupirocin' },
  omeprazole: { name: 'omeprazole' },
  prednisolone: { name: 'prednisolone' },
  prednisone: { name: 'prednisone' },
  'vitamin-c': { name: 'vitamin C', also: ['ascorbic acid'] },
  'magnesium-sulphate': {
    name: 'magnesium sulphate',
    also: ['magnesium sulfate', 'epsom salt', 'epsom salts'],
  },
  starch: { name: 'starch', also: ['cornflour', 'cornstarch', 'corn starch', 'corn flour'] },
  kaolin: { name: 'kaolin' },
  chitosan: { name: 'chitosan' },
  hyaluronate: {
    name: 'hyaluronate',
    also: ['hyaluronic acid', 'sodium hyaluronate', 'hyaluronan'],
  },
  silver: { name: 'silver sulfadiazine', also: ['silver'] },
  'hypochlorous-acid': { name: 'hypochlorous acid', also: ['hypochlorite'] },
  selamectin: { name: 'selamectin' },
  fipronil: { name: 'fipronil' },
  pseudoephedrine: { name: 'pseudoephedrine', classes: ['decongestant'] },
  phenylephrine: { name: 'phenylephrine', classes: ['decongestant'] },
  oxymetazoline: { name: 'oxymetazoline', classes: ['decongestant'] },
  dextromethorphan: { name: 'dextromethorphan' },
  benzocaine: { name: 'benzocaine', classes: ['local anaesthetic'] },
  lidocaine: { name: 'lidocaine', also: ['lignocaine'], classes: ['local anaesthetic'] },
  hydrocortisone: { name: 'hydrocortisone', also: ['cortisone'] },
  'zinc-oxide': { name: 'zinc oxide', also: ['zinc'] },
  'povidone-iodine': { name: 'povidone-iodine', also: ['povidone', 'iodine'], classes: ['iodine'] },
  chlorhexidine: { name: 'chlorhexidine' },
  peroxide: { name: 'hydrogen peroxide', also: ['peroxide'] },
  alcohol: { name: 'alcohol', also: ['ethanol', 'isopropanol', 'spirit'] },
  permethrin: { name: 'permethrin' },
  phenol: { name: 'phenols', also: ['phenol'] },
  'tea-tree-oil': { name: 'tea tree oil', also: ['tea tree'], classes: ['essential oil'] },
  menthol: { name: 'menthol', also: ['camphor', 'eucalyptus'], classes: ['essential oil'] },
  bacitracin: { name: 'bacitracin', classes: ['antibiotic ointment'] },
  neomycin: { name: 'neomycin', classes: ['antibiotic ointment'] },
  penicillin: {
    name: 'penicillin',
    also: ['amoxicillin', 'penicillins'],
    classes: ['gut-upsetting antibiotic'],
  },
  clindamycin: { name: 'clindamycin', classes: ['gut-upsetting antibiotic'] },
  lincomycin: { name: 'lincomycin', classes: ['gut-upsetting antibiotic'] },
  adrenaline: { name: 'adrenaline', also: ['epinephrine'] },
  salbutamol: { name: 'salbutamol', also: ['albuterol'] },
  glucose: { name: 'glucose', also: ['dextrose', 'sugar'] },
  'rehydration-salts': {
    name: 'rehydration salts',
    also: ['rehydration', 'rehydration salts', 'oral rehydration salts'],
  },
  'calcium-carbonate': { name: 'calcium carbonate', also: ['antacid'] },
  simeticone: { name: 'simeticone', also: ['simethicone'] },
  'activated-charcoal': { name: 'activated charcoal', also: ['charcoal'] },
  glycerol: { name: 'glycerol', also: ['glycerin'] },
  macrogol: { name: 'macrogol' },
  cinchocaine: { name: 'cinchocaine', classes: ['local anaesthetic'] },
  clotrimazole: { name: 'clotrimazole' },
  deet: { name: 'DEET', also: ['diethyltoluamide'] },
  icaridin: { name: 'icaridin', also: ['picaridin'] },
  insulin: { name: 'insulin' },
  levothyroxine: { name: 'levothyroxine' },
  methimazole: { name: 'methimazole', also: ['thiamazole', 'thyroid tablets'] },
  nitroglycerin: { name: 'nitroglycerin', also: ['glyceryl trinitrate'] },
  warfarin: { name: 'warfarin' },
  apixaban: { name: 'apixaban' },
  sertraline: { name: 'sertraline', also: ['ssri'] },
  caffeine: { name: 'caffeine' },
  xylitol: { name: 'xylitol', classes: ['sweetener'] },
  sorbitol: { name: 'sorbitol', classes: ['sweetener'] },
  sucralose: { name: 'sucralose', also: ['artificial sweetener'], classes: ['sweetener'] },
  honey: { name: 'honey' },
  latex: { name: 'latex', also: ['natural rubber', 'rubber'] },
  adhesive: { name: 'adhesive', also: ['plaster glue', 'sticking plaster'] },
  colophony: { name: 'colophony', also: ['rosin'] },
  acrylate: { name: 'acrylate', also: ['cyanoacrylate', 'tissue glue'] },
  lanolin: { name: 'lanolin', also: ['wool fat'] },
  paraffin: { name: 'paraffin', also: ['petroleum jelly'], classes: ['oily'] },
  fragrance: { name: 'fragrance', also: ['perfume'] },
  nickel: { name: 'nickel' },
  peanut: { name: 'peanut', also: ['peanuts'], classes: ['food allergen'] },
  nuts: {
    name: 'nuts',
    also: ['nut', 'tree nuts', 'hazelnut', 'almond'],
    classes: ['food allergen'],
  },
  milk: { name: 'milk', also: ['lactose', 'dairy'], classes: ['food allergen'] },
  egg: { name: 'egg', also: ['eggs'], classes: ['food allergen'] },
  gluten: { name: 'gluten', also: ['wheat'], classes: ['food allergen'] },
  soy: { name: 'soy', also: ['soya'], classes: ['food allergen'] },
  fish: { name: 'fish', classes: ['food allergen'] },
  'bee-venom': { name: 'bee or wasp sting', also: ['bee', 'wasp', 'sting'] },
} as const satisfies Record<string, SubstanceFacts>

export type SubstanceId = keyof typeof SUBSTANCES

export const isSubstanceId = (text: string): text is SubstanceId => Object.hasOwn(SUBSTANCES, text)

export const SUBSTANCE_IDS = Object.keys(SUBSTANCES) as readonly SubstanceId[]

export const substanceName = (id: SubstanceId): string => SUBSTANCES[id].name

export const classesOf = (id: SubstanceId): readonly SubstanceClass[] =>
  (SUBSTANCES[id] as SubstanceFacts).classes ?? []

/** Every name by which a substance goes on packs and lists; of a sting nothing is ever made. */
export const substanceWords = (id: SubstanceId): readonly string[] =>
  id === 'bee-venom'
    ? []
    : [SUBSTANCES[id].name, ...((SUBSTANCES[id] as SubstanceFacts).also ?? [])]

/** The substance that people mean by a word, or null. @example substanceNamed('Paracetamol') // 'acetaminophen' */
export function substanceNamed(word: string): SubstanceId | null {
  const wanted = word.trim().toLowerCase()
  for (const id of SUBSTANCE_IDS) {
    const { name, also = [] } = SUBSTANCES[id] as SubstanceFacts
    if (id === wanted || name.toLowerCase() === wanted || also.includes(wanted)) return id
  }
  return null
}
