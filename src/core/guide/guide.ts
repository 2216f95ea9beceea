/** The guided cards by what they are for, and whether they hang together. */
import { isRoleId } from '../catalogue/roles'
import { isSkillId } from '../catalogue/skills'
import type { Species } from '../household/species'
import { ANIMAL_CARDS } from './animals'
import type { GuideCard } from './card'
import { PEOPLE_CARDS } from './people'

export const GUIDE_CARDS: readonly GuideCard[] = [...PEOPLE_CARDS, ...ANIMAL_CARDS]

const byId = new Map(GUIDE_CARDS.map((card) => [card.id, card]))
export const guideCard = (id: string): GuideCard | null => byId.get(id) ?? null

/** Cards for a species; what can kill first. */
export const guidesFor = (species: Species): readonly GuideCard[] =>
  GUIDE_CARDS.filter((card) => card.species.includes(species)).sort(
    (a, b) => Number(b.life) - Number(a.life),
  )

/** What a step used is noted by its words, as a title. */
const LONGEST_TITLE = 100

/** What is wrong with the cards; each names its card. Read by the tests. */
export function guideFaults(cards: readonly GuideCard[] = GUIDE_CARDS): readonly string[] {
  const faults: string[] = []
  const seen = new Set<string>()
  for (const card of cards) {
    if (seen.has(card.id)) faults.push(`${card.id}: twice`)
    seen.add(card.id)
    if (card.call === '' || card.stop.length === 0) faults.push(`${card.id}: no call or no stop`)
    if (card.steps.length === 0 || card.handover === '') faults.push(`${card.id}: no steps or end`)
    if (card.guideline === '') faults.push(`${card.id}: names no guideline`)
    for (const { text, takes, skill, timer } of card.steps) {
      if (takes.length > 0 && text.length > LONGEST_TITLE) faults.push(`${card.id}: too long`)
      for (const role of takes) if (!isRoleId(role)) faults.push(`${card.id}: role ${role}`)
      if (skill !== null && !isSkillId(skill)) faults.push(`${card.id}: skill ${skill}`)
      if (timer && timer.minutes <= 0) faults.push(`${card.id}: a timer of nothing`)
    }
  }
  return faults
}
