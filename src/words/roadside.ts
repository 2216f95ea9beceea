/** English for the roadside: a professional who comes with empty hands, and the code on a lid. */
import type { ClinicalRole } from '../core/roadside/roadside'
import { list } from './frame/format'

const ROLES: Readonly<Record<ClinicalRole, string>> = {
  bleeding: 'Bleeding',
  airway: 'Airway',
  breathing: 'Breathing',
  warmth: 'Warmth',
  splint: 'Splint and sling',
  dressing: 'Wounds and burns',
  eyes: 'Eyes',
  animals: 'Animals',
  hands: 'Gloves and tools',
}

export const roadside = {
  title: 'For a professional',
  open: 'A professional is here',
  lead: 'Hand over the phone. It shows what is in the kits and where; no names, no medicines.',
  where: 'Kits at',
  role: (role: ClinicalRole): string => ROLES[role],
  none: (roles: readonly ClinicalRole[]): string =>
    `Nothing here for: ${list(roles.map((role) => ROLES[role].toLowerCase()))}.`,
  nothing: 'No kit here holds anything that we know to be no medicine.',
  take: 'Taken, thank you',
  takeLong: (title: string): string => `Taken, thank you: ${title}`,
  taken: (title: string): string => `${title}: taken, thank you`,
  unlisted: 'Medicines are not shown. What nobody has matched yet is not shown either.',
  call: (number: string): string => `Call ${number}`,
  poison: (number: string): string => `Poison line ${number}`,
  /** To whom it went, as the record keeps it. */
  givenTo: 'a professional at a roadside',
  byLid: 'Somebody at the kit',
  toWhoever: 'whoever needed it',
  lid: {
    title: (kit: string): string => `What is in “${kit}”`,
    untitled: 'What is in this kit',
    lead: 'Call for help first. Then take what you need, and press what you took: the household puts it back.',
    leadOnly: 'Call for help first. Then take what you need.',
    typeCode: 'Code on the lid',
    code: 'Code',
    open: 'Open',
    away: 'No connection, so this was not sent. Press it again when there is one.',
    none: 'Put a code on this lid',
    what: 'Whoever opens the kit can scan it and see on their own phone what is in here and where. No names, no medicines, no address. They need no account.',
    isOn: (code: string): string => `On this lid: ${code}`,
    shows: 'It shows',
    showsWhat: { kit: 'This kit', place: 'All kits at this place' },
    mayTake: 'They may note what they took',
    end: 'End the code',
    ended: 'The code on this lid opens nothing any more. Print the sheet anew.',
    set: 'The code is on the sheet',
    told: 'The code opens as far as you said',
    scan: 'Scan to see what is in here',
    image: 'Code that opens this kit on a phone',
  },
} as const

/** What somebody did, after a name: "Ilse …". */
export const roadsidePast = {
  taken_at_roadside: 'gave away at a roadside',
  lid_code_made: 'put a code on a lid',
  lid_code_ended: 'ended the code on a lid',
} as const
