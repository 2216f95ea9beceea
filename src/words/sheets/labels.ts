/** What stands on a label: few words, the most needed first. */
import type { Expiry } from '../../core/calendar/expiry'
import { allergyName } from '../../core/household/factNames'
import type { LabelAbout, LabelKind } from '../../core/labels/about'
import type { LabelText, TextLine } from '../../core/labels/fit'
import { type LabelFormat, labelsOnPage, type Size } from '../../core/labels/formats'
import { storage } from '../exposure/storage'
import { expiryText, fullDay, list, several } from '../frame/format'

const must = (text: string, face: TextLine['face'] = 'text'): readonly TextLine[] =>
  text === '' ? [] : [{ text, face, spare: false }]
const may = (text: string): readonly TextLine[] =>
  text === '' ? [] : [{ text, face: 'text', spare: true }]
const when = (is: boolean, lines: readonly TextLine[]): readonly TextLine[] => (is ? lines : [])

const FOR_ANIMALS = 'For animals only'

/**
 * The words of a label.
 * @param isPrivate with the names of people and their allergies
 */
export function labelText(about: LabelAbout, isPrivate: boolean): LabelText {
  const common = { badge: '', hasCode: true, isHatched: false }
  switch (about.kind) {
    case 'kit':
      return {
        ...common,
        lines: [
          ...must(about.name, 'title'),
          ...when(isPrivate, must(about.household, 'strong')),
          ...must(
            about.hasMedicine
              ? 'First aid. Grown-ups open it: it holds medicines.'
              : 'First aid. Anybody may open it.',
          ),
          ...may(
            [about.place, several(about.pockets, 'pocket', 'pockets')].filter(Boolean).join(' · '),
          ),
        ],
      }
    case 'pocket':
      return {
        ...common,
        isHatched: about.isForAnimals,
        lines: [
          ...must(about.name, 'title'),
          ...when(about.isForAnimals, must(FOR_ANIMALS, 'strong')),
          ...may(about.holds.join(' · ')),
          ...may(
            [
              about.kit,
              about.reachSeconds === null ? '' : `reach it in ${about.reachSeconds}\u00a0s`,
            ]
              .filter(Boolean)
              .join(' · '),
          ),
        ],
      }
    case 'lot':
      return {
        ...common,
        badge: storage.short(about.keeping),
        isHatched: about.isForAnimals,
        lines: [
          ...must(about.title, 'title'),
          ...when(about.isOnHold, must('ON HOLD: ask before you use it', 'strong')),
          ...must(untilText(about.until), 'strong'),
          ...(about.opened ? must(openedText(about.opened), 'strong') : []),
          ...when(about.contains.length > 0, must(`CONTAINS ${list(about.contains)}`, 'strong')),
          ...when(about.isForAnimals, must(FOR_ANIMALS, 'strong')),
          ...when(isPrivate && about.forWhom !== '', must(`For ${about.forWhom}`, 'strong')),
          ...must(about.directions),
          ...when(about.isMoved, must('Not in its own pack')),
          ...may(about.purpose),
        ],
      }
    case 'allergy':
      return {
        ...common,
        lines: [
          ...must(`ALLERGY: ${list(about.allergies.map(allergyName))}`, 'title'),
          ...when(isPrivate, must(about.who, 'strong')),
        ],
      }
  }
}

const untilText = (until: Expiry): string => {
  if (until.kind === 'none') return 'No date on its pack'
  if (until.kind === 'unknown') return 'Date not read yet: look at its pack'
  return `Good through ${expiryText(until)}`
}

const openedText = ({
  on,
  through,
}: NonNullable<Extract<LabelAbout, { kind: 'lot' }>['opened']>): string =>
  `Opened ${fullDay(on)}${through ? `; throw away after ${fullDay(through)}` : ''}`

const sizes = (size: Size): string => size.map((one) => String(one)).join(' × ')

export const labels = {
  title: 'Labels',
  of: (kit: string): string => `Labels for ${kit}`,
  lead: 'For the kit, its pockets, and every pack that has to say what it is. Drawn to the millimetre: print at 100 %, never “fit to page”.',
  kinds: {
    kit: 'The kit from outside',
    pocket: 'Pockets',
    lot: 'Medicines and opened packs',
    allergy: 'Allergy',
  } satisfies Record<LabelKind, string>,
  format: 'Labels of',
  formatName: (format: LabelFormat): string =>
    format.kind === 'roll'
      ? `Roll, ${sizes(format.label)} mm`
      : `${format.paper}, ${labelsOnPage(format)} of ${sizes(format.label)} mm`,
  large: 'Large print',
  plain: 'Black and white',
  names: 'With names',
  which: 'Which',
  changed: (count: number, of: number): string => `${count} of ${of} are new or have changed`,
  onlyChanged: 'New or changed',
  all: 'All',
  begin: 'First label on the sheet',
  beginHint: 'Where a sheet was begun, count on from there.',
  nudge: 'Printer is off',
  right: 'To the right, mm',
  down: 'Down, mm',
  wrongNudge: 'Give millimetres from −10 to 10, such as 0.5',
  test: 'Test page',
  testHint: 'Print it on plain paper, hold it against the labels, and say how far it is off.',
  pdf: 'Open the PDF',
  arePrinted: 'They are printed',
  roll: 'Print on the label printer',
  rollIs:
    'This label printer is simulated: it shows the strip that a real one would print from the same PDF.',
  strip: 'What came out',
  left: (count: number): string =>
    several(count, 'label left on the roll', 'labels left on the roll'),
  out: (printed: number, of: number): string =>
    `The roll ran out: ${printed} of ${of} were printed. Put in a new one; the rest stays marked as to be printed.`,
  newRoll: 'New roll is in: print',
  done: (count: number): string => several(count, 'label printed', 'labels printed'),
  printedOn: (on: string): string => `printed ${on}`,
  isNew: 'new',
  isChanged: 'changed',
  leave: (name: string): string => `Print this one: ${name}`,
  leftOut: (what: readonly string[]): string => `Left out, for lack of room: ${what.join('; ')}`,
  tooSmall: 'This does not go onto a label of this size. Choose a larger one.',
  none: 'Nothing has changed since the labels were printed.',
  nothing: 'This kit has no pockets yet.',
  testTitle: (format: string): string => `Test page for ${format}`,
  testLead: 'The frames should lie on the labels. The marks are one millimetre apart.',
  back: 'Back to the kit',
}
