/** The labels of a kit: what each says, whether it has changed since it was printed, and noting a print. */
import { createHash } from 'node:crypto'
import type { PlainDate } from '../../core/calendar/plainDate'
import type { KitId } from '../../core/ids'
import { type LabelAbout, labelsOf } from '../../core/labels/about'
import type { LabelText } from '../../core/labels/fit'
import { withoutNames } from '../../core/sheet/withoutNames'
import type { Survey } from '../../core/watch/survey'
import { createRecord, editRecord } from '../../db/frame/records'
import { everyName, readMembers } from '../../db/members/members'
import { type LabelPrint, labelPrintsOf } from '../../db/sheets/labelPrints'
import { type Acting, act } from '../frame/act'
import { notFound } from '../frame/refusal'
import { type Caller, reading, surveyNow, surveyOf, type Today, type World } from '../frame/world'

/** A label in words. @param isPrivate with the names of people */
export type InWords = (about: LabelAbout, isPrivate: boolean) => LabelText

export interface KitLabel {
  readonly about: LabelAbout
  readonly text: LabelText
  /** The day on which it was printed last; null where nobody has noted one. */
  readonly printedOn: PlainDate | null
  /** It says something else than when it was printed, or was never. */
  readonly isChanged: boolean
}

export interface KitLabels {
  readonly kit: string
  readonly labels: readonly KitLabel[]
}

export interface LabelsAsked {
  readonly kitId: KitId
  readonly isPrivate: boolean
}

export const readLabels = (
  world: World,
  caller: Caller,
  { kitId, isPrivate }: LabelsAsked,
  inWords: InWords,
): Promise<KitLabels> =>
  reading(world, caller, async (at) => {
    const { kit, labels } = await labelsAt(at, await surveyOf(at), kitId)
    const prints = await labelPrintsOf(at.trx, kitId)
    const hide = isPrivate ? null : withoutNames(await everyName(at.trx))
    return {
      kit: kit.name,
      labels: labels.map((about) => ({
        about,
        text: nameless(inWords(about, isPrivate), hide),
        ...sinceLast(prints.get(about.key), about, inWords),
      })),
    }
  })

/** What a keeper wrote may name somebody: a kit, a pocket, what a thing is for. */
const nameless = (text: LabelText, hide: ((words: string) => string) | null): LabelText =>
  hide ? { ...text, lines: text.lines.map((line) => ({ ...line, text: hide(line.text) })) } : text

async function labelsAt({ trx, household, today }: Today, survey: Survey, kitId: KitId) {
  const kit = survey.kits.find(({ id }) => id === kitId)
  if (!kit) throw notFound()
  const members = await readMembers(trx, today)
  return { kit, labels: labelsOf(survey, kit, { household: household.name, members }) }
}

/** What a label says, whole; how large and on which paper it was printed is no matter. */
const fingerprintOf = (about: LabelAbout, inWords: InWords): string =>
  createHash('sha256')
    .update(JSON.stringify([inWords(about, true), about.opens]))
    .digest('hex')

const sinceLast = (
  print: LabelPrint | undefined,
  about: LabelAbout,
  inWords: InWords,
): Pick<KitLabel, 'printedOn' | 'isChanged'> => ({
  printedOn: print?.on ?? null,
  isChanged: print?.fingerprint !== fingerprintOf(about, inWords),
})

/**
 * Notes that these labels were printed as they are now; one that is no longer there is left aside.
 * @returns so many were noted
 */
export const noteLabelsPrinted = (
  world: World,
  caller: Caller,
  {
    key,
    kitId,
    keys,
  }: { readonly key: string; readonly kitId: KitId; readonly keys: readonly string[] },
  inWords: InWords,
) =>
  act(world, caller, { key, kind: 'labels_printed', request: { kitId, keys } }, async (acting) => {
    const { labels } = await labelsAt(acting, await surveyNow(acting), kitId)
    const prints = await labelPrintsOf(acting.trx, kitId)
    const printed = labels.filter((about) => keys.includes(about.key))
    for (const about of printed)
      await notePrint(acting, kitId, about, prints.get(about.key), inWords)
    return { noted: printed.length }
  })

async function notePrint(
  acting: Acting,
  kitId: KitId,
  about: LabelAbout,
  before: LabelPrint | undefined,
  inWords: InWords,
): Promise<void> {
  const print = { on_day: acting.today, fingerprint: fingerprintOf(about, inWords) }
  if (before) await editRecord(acting, 'label_print', before.id, print, null)
  else await createRecord(acting, 'label_print', { kit_id: kitId, label_key: about.key, ...print })
}

/** Which label printer there is, and what is left on its roll. */
export const readLabelPrinter = (world: World, caller: Caller) =>
  reading(world, caller, async () => {
    const { name, isStandIn, left } = world.services.labelPrinter
    return { name, isStandIn, left: await left(caller.householdId) }
  })
