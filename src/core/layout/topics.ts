/** What a pocket's label promises: "Pouch B · fever, pain" is for pain. */
import type { SectionId } from '../catalogue/entry'

const TOPIC_WORDS: Readonly<Record<SectionId, RegExp>> = {
  bleeding: /\bbleed/i,
  wounds: /\b(wounds?|plasters?|cuts?|grazes?)\b/i,
  burns: /\b(burns?|blisters?)\b/i,
  wraps: /\b(bandages?|wraps?|slings?|splints?)\b/i,
  tools: /\b(tools?|instruments?)\b/i,
  eyes: /\b(eyes?|ears?|nose|drops)\b/i,
  pain: /\b(pain|fever)\b/i,
  allergy: /\b(allerg\w*|bites?|stings?|skin)\b/i,
  stomach: /\b(stomach|tummy|travel)\b/i,
  emergency: /\b(emergency|injectors?|inhalers?)\b/i,
  animals: /\b(animals?|pets?|dogs?|cats?|birds?)\b/i,
  shelter: /\b(weather|road\w*|warm\w*|rain)\b/i,
  food: /\b(food|water|drinks?)\b/i,
  information: /\b(papers?|cards?|guides?)\b/i,
}

/** Groups of the catalogue that a label names; none for a plain one. */
export const topicsOf = (label: string): readonly SectionId[] =>
  (Object.keys(TOPIC_WORDS) as SectionId[]).filter((topic) => TOPIC_WORDS[topic].test(label))
