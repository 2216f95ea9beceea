/**
 * What labels say to ask a doctor or a pharmacist about before use: a question, not a bar. Their
 * word, with name and day, settles it. Where a bar fits as well, the bar wins.
 */
import type { SubstanceId } from '../catalogue/substances'
import type { PersonCondition } from '../household/member'
import type { Rule, Whom } from './rules'

const LABEL = 'Public over-the-counter labels: ask a doctor before use'
const SIXTY = 60 * 12

const SEDATING: readonly SubstanceId[] = [
  'diphenhydramine',
  'chlorphenamine',
  'promethazine',
  'doxylamine',
]

type About = Pick<Rule, 'substances' | 'classes'>
const ANTI_INFLAMMATORY: About = { classes: ['nsaid'] }

const question = (id: string, about: About, whom: Whom, reason: string): Rule => ({
  ...about,
  id,
  whom,
  routes: ['mouth', 'none'],
  reason,
  source: LABEL,
})
const withCondition = (
  prefix: string,
  about: About,
  conditions: readonly (readonly [PersonCondition, string])[],
): readonly Rule[] =>
  conditions.map(([condition, reason]) =>
    question(`${prefix}-${condition}`, about, { condition: [condition] }, reason),
  )

export const ASK_FIRST: readonly Rule[] = [
  ...withCondition('ask-nsaid', ANTI_INFLAMMATORY, [
    ['high-blood-pressure', 'high blood pressure'],
    ['heart-disease', 'heart disease'],
    ['water-tablet', 'takes a water tablet'],
    ['liver-disease', 'liver disease'],
    ['stroke', 'a stroke in the past'],
    ['stomach-bleed', 'stomach bleeding in the past'],
    ['asthma', 'asthma'],
  ]),
  question(
    'ask-nsaid-sixty',
    ANTI_INFLAMMATORY,
    { species: ['person'], fromMonths: SIXTY },
    'sixty years and over',
  ),
  ...withCondition('ask-acetaminophen', { substances: ['acetaminophen'] }, [
    ['liver-disease', 'liver disease'],
    ['drinks', 'three or more alcoholic drinks a day'],
  ]),
  question(
    'ask-acetaminophen-thinner',
    { substances: ['acetaminophen'] },
    { bloodThinner: true },
    'takes a blood thinner',
  ),
  ...withCondition('ask-sedating', { substances: SEDATING }, [
    ['glaucoma', 'glaucoma'],
    ['breathing-trouble', 'chronic bronchitis or emphysema'],
    ['urine-trouble', 'trouble passing urine'],
  ]),
]
