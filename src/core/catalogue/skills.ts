/** What somebody must have been taught before a thing in their hands counts. */

export const SKILLS = {
  'first-aid': { name: 'First aid course', years: 2 },
  'rescue-breaths': { name: 'Rescue breaths and chest compressions', years: 2 },
  'wound-packing': { name: 'Packing a wound', years: 2 },
  tourniquet: { name: 'Tourniquet', years: 2 },
  'chest-seal': { name: 'Chest seal', years: 2 },
  splinting: { name: 'Splinting a limb', years: 3 },
  staples: { name: 'Skin staples', years: 1 },
  'auto-injector': { name: 'Adrenaline auto-injector', years: 1 },
  injection: { name: 'Injecting insulin or another medicine', years: 1 },
  'animal-handling': { name: 'Muzzling and wrapping an animal', years: 3 },
  'animal-first-aid': { name: 'First aid for animals', years: 3 },
} as const satisfies Record<string, { readonly name: string; readonly years: number }>

export type SkillId = keyof typeof SKILLS
export const SKILL_IDS = Object.keys(SKILLS) as readonly SkillId[]
export const isSkillId = (text: string): text is SkillId => Object.hasOwn(SKILLS, text)

/** What another course teaches as well: a breathing barrier asks for any first aid course. */
const TAUGHT_BY: Partial<Readonly<Record<SkillId, readonly SkillId[]>>> = {
  'rescue-breaths': ['first-aid'],
}

/** Whether somebody with these skills may use what asks for one. */
export const mayUse = (skill: SkillId, taught: { has(id: SkillId): boolean }): boolean =>
  taught.has(skill) || (TAUGHT_BY[skill] ?? []).some((one) => taught.has(one))
