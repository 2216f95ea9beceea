/** A first guess at an item's sort from its words, for lists that do not say; the keeper may overrule it. */
import type { OpenedClock } from '../shelf-life/openedClock'
import { OPENED_RULES, type OpenedRuleId } from '../shelf-life/openedRules'

const KIND_WORDS: readonly (readonly [ItemKind, RegExp])[] = [
  ['battery', /\b(batter(y|ies)|button cells?|aaa? cells?|lamp cells?|cells? aaa?)\b/i],
  ['pressurised', /\b(aerosol|spray can|pressurised|inhaler)\b/i],
  ['sharp', /\b(needles?|lancets?|scalpels?|blades?|razors?|auto-?injectors?)\b/i],
  [
    'instrument',
    /\b(thermometer|tweezers|scissors|shears|clippers?|oral syringes?|splint|tourniquet|head ?lamp|lamp|torch|muzzle|magnifier|barrier|cutter|lead|collar)\b/i,
  ],
  [
    'sterile',
    /\b(sterile|gauze|pads?|dressings?|compress(es)?|strips|saline|eye ?wash|eye rinse|burn gel|swabs?)\b/i,
  ],
  ['food', /\b(recovery food|water ration|biscuits?|glucose sweets|honey|food)\b/i],
  ['paper', /\b(card|booklet|guide|leaflet|sheet|list|pen|forms?)\b/i],
  [
    'medicine',
    /\b(tablets?|capsules?|syrup|drops|cream|ointment|liquid|suspension|sachets?|lozenges?|antiseptic|antihistamine|ibuprofen|paracetamol|acetaminophen|cetirizine|loratadine|loperamide|aspirin|insulin|adrenaline|salbutamol|meclizine|bismuth|rehydration|hydrocortisone|antibiotic|peroxide|chlorhexidine|povidone)\b/i,
  ],
]
const STRENGTH = /\d\s*(mg|mcg|µg|g|iu)\b|\d\s*%/i

/** @example guessKind('Cetirizine', '10 mg') // 'medicine' */
export function guessKind(name: string, strength: string): ItemKind {
  const words = `${name} ${strength}`
  for (const [kind, pattern] of KIND_WORDS) if (pattern.test(words)) return kind
  return STRENGTH.test(strength) ? 'medicine' : 'supply'
}

const RULE_WORDS: readonly (readonly [OpenedRuleId, RegExp])[] = [
  ['eye-drops', /\beye ?drops?\b/i],
  [
    'saline-pressurised',
    /\b(pressuri[sz]ed|spray).*\b(saline|wound wash)\b|\b(saline|wound wash)\b.*\b(pressuri[sz]ed|spray)\b/i,
  ],
  ['single-dose', /\b(vials?|pods?|single[- ]dose)\b/i],
  ['saline-pourable', /\bsaline\b/i],
  ['peroxide', /\bperoxide\b/i],
  ['reconstituted-antibiotic', /\breconstituted\b/i],
  ['insulin', /\binsulin\b/i],
  ['nitroglycerin', /\b(nitroglycerin|glyceryl trinitrate)\b/i],
  ['tube', /\b(cream|ointment|gel|tube)\b/i],
  ['antiseptic', /\b(antiseptic|chlorhexidine|povidone|iodine)\b/i],
  [
    'dry-doses',
    /\b(tablets?|tabs?|capsules?|caplets?|lozenges?|suppositor(?:y|ies)|chewables?)\b/i,
  ],
  ['recovery-food', /\brecovery (food|powder)\b/i],
  ['oral-liquid', /\b(syrup|liquid|suspension|oral solution)\b/i],
]

/** Kept fresh for an animal's poison: it is replaced after a month. */
export const isForEmesis = (...words: readonly string[]): boolean =>
  /\b(?:dogs?|pets?|animals?|vet|puppy|emesis|vomit)\b/i.test(words.join(' '))

/**
 * The opened clock that the item's words suggest; `unset` when they suggest none.
 * @param around names of the kit and what it is for: peroxide in a dog's kit is kept fresh
 */
export function guessOpenedClock(
  name: string,
  strength: string,
  kind: ItemKind,
  around = '',
): OpenedClock {
  const words = `${name} ${strength}`
  if (/\bperoxide\b/i.test(words) && isForEmesis(words, around))
    return { kind: 'rule', rule: 'peroxide-emesis' }
  if (/\b(burn gel|gel pack|cold pack)\b/i.test(words)) return { kind: 'rule', rule: 'single-dose' }
  for (const [rule, pattern] of RULE_WORDS)
    if (pattern.test(words) && OPENED_RULES[rule]) return { kind: 'rule', rule }
  return kind === 'sterile' ? { kind: 'rule', rule: 'single-dose' } : { kind: 'unset' }
}

/** What sort of thing it is: decides how it is thrown away and how often it is looked at. */
export const ITEM_KINDS = [
  'medicine',
  'sterile',
  'supply',
  'instrument',
  'sharp',
  'battery',
  'pressurised',
  'food',
  'paper',
] as const

export type ItemKind = (typeof ITEM_KINDS)[number]
