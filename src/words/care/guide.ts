/** English for guided cards. */
import { SKILLS, type SkillId } from '../../core/catalogue/skills'

export const guide = {
  title: 'Guided cards',
  lead: 'Practise with them on a quiet evening, and follow them when it happens. General first aid in our words; each card names the guideline it follows. A course comes first.',
  people: 'People',
  animals: 'Animals',
  both: 'Everybody',
  life: 'life',
  call: 'Call',
  stop: 'Stop and go',
  before: 'Before you begin',
  stepOf: (at: number, of: number): string => `Step ${at} of ${of}`,
  done: 'Done',
  next: 'Next',
  back: 'Back',
  skip: 'Skip',
  onlyTaught: (skill: SkillId): string =>
    `Only if you were taught: ${SKILLS[skill].name.toLowerCase()}`,
  taught: (names: readonly string[]): string =>
    names.length === 0 ? 'Nobody here is signed off.' : `Signed off: ${names.join(', ')}`,
  timer: (minutes: number): string =>
    minutes < 60 ? `sets a timer: ${minutes} min` : `sets a timer: ${minutes / 60} h`,
  later: (days: number, what: string): string => `Day ${days}: ${what}`,
  laterTitle: 'Later',
  handover: 'Hand over',
  end: 'End of the card',
  endLead: 'Stay, watch, and hand over.',
  follows: (guideline: string): string => `Follows: ${guideline}`,
  rehearse: 'Rehearsing: nothing is noted.',
  takes: 'Takes',
  begin: 'Begin',
  all: 'All cards',
} as const
