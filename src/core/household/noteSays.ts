/**
 * What a keeper's free note about a member says that decides what suits them: a blood thinner, a
 * condition, an allergy. It is offered to be recorded, and asked about until somebody has; words in
 * a note change nothing by themselves, and never silently.
 */
import { SUBSTANCE_IDS, type SubstanceId, substanceWords } from '../catalogue/substances'
import {
  type AnimalCondition,
  CONDITIONS_OF_ANIMALS,
  CONDITIONS_OF_PEOPLE,
  type Member,
  type MemberFacts,
  type PersonCondition,
} from './member'

export type Noted =
  | { readonly kind: 'thinner' }
  | { readonly kind: 'condition'; readonly condition: string }
  | { readonly kind: 'allergy'; readonly substance: SubstanceId }

/** Words for a condition besides its own name. */
const CONDITION_WORDS: Readonly<Record<string, readonly string[]>> = {
  asthma: ['asthma', 'asthmatic'],
  anaphylaxis: ['anaphylaxis', 'anaphylactic'],
  diabetes: ['diabetes', 'diabetic', 'on insulin'],
  epilepsy: ['epilepsy', 'epileptic', 'seizures', 'fits'],
  'heart-disease': ['heart disease', 'heart failure', 'heart attack', 'angina', 'heart murmur'],
  'high-blood-pressure': ['high blood pressure', 'hypertension'],
  'kidney-disease': ['kidney disease', 'kidney failure', 'bad kidneys', 'kidney trouble'],
  'liver-disease': ['liver disease', 'cirrhosis', 'hepatitis'],
  'stomach-ulcer': ['stomach ulcer', 'peptic ulcer'],
  'stomach-bleed': ['stomach bleed', 'stomach bleeding', 'bleeding ulcer'],
  stroke: ['stroke'],
  'water-tablet': ['water tablet', 'water pill', 'diuretic', 'furosemide'],
  glaucoma: ['glaucoma'],
  thyroid: ['thyroid', 'hyperthyroid', 'hypothyroid'],
}
const THINNERS = [
  'blood thinner',
  'blood thinners',
  'blood thinning',
  'anticoagulant',
  'anticoagulants',
  'warfarin',
  'apixaban',
  'rivaroxaban',
  'dabigatran',
  'edoxaban',
]

/** Words that turn what follows into its opposite, as far as the sentence goes. */
const NEGATIONS = /\b(?:no|not|never|without|denies|isn't|hasn't|doesn't)\b[^.;,]*$/

const plain = (text: string): string =>
  ` ${text
    .toLowerCase()
    .replace(/[’]/g, "'")
    .replace(/[^\p{L}\p{N}.;,']+/gu, ' ')} `

/** Whether a phrase stands in a text as words of its own, said and not denied. */
function says(text: string, phrase: string): boolean {
  for (let from = 0; ; ) {
    const at = text.indexOf(phrase, from)
    if (at < 0) return false
    const isWord = /[^\p{L}\p{N}]/u
    const isAlone = isWord.test(text[at - 1] ?? ' ') && isWord.test(text[at + phrase.length] ?? ' ')
    if (isAlone && !NEGATIONS.test(text.slice(0, at))) return true
    from = at + phrase.length
  }
}

/** What stands in the note and not in the facts; nothing that the keeper has said is not so. */
export function noteSays({ note, facts }: Pick<Member, 'note' | 'facts'>): readonly Noted[] {
  if (note.trim() === '') return []
  const text = plain(note)
  const found: Noted[] = []
  if (facts.kind === 'person' && !facts.bloodThinner && THINNERS.some((one) => says(text, one)))
    found.push({ kind: 'thinner' })
  const conditions: Readonly<Record<string, string>> =
    facts.kind === 'person' ? CONDITIONS_OF_PEOPLE : CONDITIONS_OF_ANIMALS
  const known: readonly string[] = facts.conditions ?? []
  for (const [condition, name] of Object.entries(conditions)) {
    if (known.includes(condition)) continue
    if ((CONDITION_WORDS[condition] ?? [name]).some((one) => says(text, one)))
      found.push({ kind: 'condition', condition })
  }
  found.push(...allergiesIn(text, facts.allergies))
  return found.filter((one) => !(facts.noteNotSo ?? []).includes(notedKey(one)))
}

/** "Allergic to …", "… allergy" with a substance that we know. */
function allergiesIn(text: string, known: Member['facts']['allergies']): readonly Noted[] {
  const about = /\b(?:allergic to|allergy to|allergies to|allergy:|allergies:)\s*([^.;]*)/g
  const after = [...text.matchAll(about)]
    .filter((match) => !NEGATIONS.test(text.slice(0, match.index)))
    .map(([, words = '']) => ` ${words} `)
  return SUBSTANCE_IDS.flatMap((substance): readonly Noted[] => {
    if (known.some((one) => one.kind === 'substance' && one.substance === substance)) return []
    const words = substanceWords(substance).map((word) => word.toLowerCase())
    const isSaid = words.some(
      (word) =>
        after.some((part) => says(part, word)) ||
        says(text, `${word} allergy`) ||
        says(text, `${word} intolerance`),
    )
    return isSaid ? [{ kind: 'allergy', substance }] : []
  })
}

/** By which a keeper's "that is not so" is remembered. */
export const notedKey = (noted: Noted): string => {
  switch (noted.kind) {
    case 'thinner':
      return 'thinner'
    case 'condition':
      return `condition:${noted.condition}`
    case 'allergy':
      return `allergy:${noted.substance}`
  }
}

/** The facts once somebody has said whether what the note speaks of is so. */
export const noteAnswered = (facts: MemberFacts, noted: Noted, isSo: boolean): MemberFacts =>
  isSo
    ? recorded(facts, noted)
    : { ...facts, noteNotSo: [...(facts.noteNotSo ?? []), notedKey(noted)] }

/** A fact that only the note knew, put where the rules see it. */
function recorded(facts: MemberFacts, noted: Noted): MemberFacts {
  switch (noted.kind) {
    case 'thinner':
      return facts.kind === 'person' ? { ...facts, bloodThinner: true } : facts
    case 'condition':
      return facts.kind === 'person'
        ? { ...facts, conditions: [...facts.conditions, noted.condition as PersonCondition] }
        : {
            ...facts,
            conditions: [...(facts.conditions ?? []), noted.condition as AnimalCondition],
          }
    case 'allergy':
      return {
        ...facts,
        allergies: [...facts.allergies, { kind: 'substance', substance: noted.substance }],
      }
  }
}
