/** What is typed about heat and frost as its forms have it, and what that asks for. */
import { addReadings, tellYear, typeReadings } from '../../contract/exposure'
import type { PlainDate } from '../../core/calendar/plainDate'
import type { Spot } from '../../core/exposure/household'
import type { Series } from '../../core/exposure/readings'
import type { PlaceId } from '../../core/ids'
import { readNumber } from '../../core/quantity/readNumber'
import { act, type FormReading, faultsIn, missing } from '../../ui/formReading'
import * as words from '../../words'
import { dayFault } from '../../words/frame/forms'
import type { ExposureView } from './view'

const { file: fileWords, model: modelWords, typed: typedWords } = words.exposure

export type YearDraft = {
  readonly coldestMonth: string
  readonly coldest: string
  readonly hottestMonth: string
  readonly hottest: string
}

/** North of the equator until somebody says otherwise. */
export const yearDraft = (year: ExposureView['places'][number]['year']): YearDraft => ({
  coldestMonth: String(year?.coldestMonth ?? 1),
  coldest: year ? String(year.coldest) : '',
  hottestMonth: String(year?.hottestMonth ?? 7),
  hottest: year ? String(year.hottest) : '',
})

const WHOLE = { least: -60, most: 60, whole: true }

export function readYearDraft(
  draft: YearDraft,
  placeId: PlaceId,
): FormReading<YearDraft, typeof tellYear> {
  const [coldest, hottest] = [readNumber(draft.coldest, WHOLE), readNumber(draft.hottest, WHOLE)]
  const isNumber = typeof coldest === 'number' && typeof hottest === 'number'
  const faults = faultsIn<YearDraft>({
    coldest: typeof coldest === 'number' && coldest <= 50 ? undefined : modelWords.wrong,
    hottest:
      typeof hottest !== 'number'
        ? modelWords.wrong
        : isNumber && (hottest < coldest || draft.coldestMonth === draft.hottestMonth)
          ? modelWords.order
          : undefined,
  })
  if (faults || !isNumber) return faults ?? { kind: 'unchanged' }
  return act(tellYear, {
    params: { placeId },
    body: {
      coldestMonth: Number(draft.coldestMonth),
      coldest,
      hottestMonth: Number(draft.hottestMonth),
      hottest,
    },
  })
}

export type TypedDraft = {
  readonly from: string
  readonly to: string
  readonly lowest: string
  readonly highest: string
}

const DEGREES = { least: -60, most: 90 }

export function readTypedDraft(
  draft: TypedDraft,
  spot: Spot,
): FormReading<TypedDraft, typeof typeReadings> {
  const [lowest, highest] = [readNumber(draft.lowest, DEGREES), readNumber(draft.highest, DEGREES)]
  const isNumber = typeof lowest === 'number' && typeof highest === 'number'
  const day = (written: string) => (written === '' ? typedWords.missingDay : dayFault(written))
  const faults = faultsIn<TypedDraft>({
    from: day(draft.from),
    to: day(draft.to) ?? (draft.to < draft.from ? words.household.backwards : undefined),
    lowest: typeof lowest === 'number' ? undefined : typedWords.wrong,
    highest:
      typeof highest !== 'number'
        ? typedWords.wrong
        : isNumber && highest < lowest
          ? typedWords.order
          : undefined,
  })
  if (faults || !isNumber) return faults ?? { kind: 'unchanged' }
  return act(typeReadings, {
    body: {
      spot,
      from: draft.from as PlainDate,
      to: draft.to as PlainDate,
      lowest: Math.round(lowest * 100),
      highest: Math.round(highest * 100),
    },
  })
}

export type FileDraft = {
  readonly name: string
  /** Kind and id with a stroke between. */
  readonly spot: string
  readonly series: Series | null
}

export const spotKey = (spot: Spot): string => `${spot.kind}/${spot.id}`

export function spotFrom(key: string): Spot {
  const [kind, id] = key.split('/')
  return { kind, id } as Spot
}

export function readFileDraft(draft: FileDraft): FormReading<FileDraft, typeof addReadings> {
  const { series } = draft
  const faults = faultsIn<FileDraft>({
    name: missing(draft.name) && fileWords.missingName,
    series: series && series.minutes.length > 0 ? undefined : fileWords.nothing,
  })
  const from = series?.minutes[0]
  if (faults || !series || from === undefined) return faults ?? { kind: 'unchanged' }
  return act(addReadings, {
    body: {
      spot: spotFrom(draft.spot),
      name: draft.name.trim(),
      readings: {
        from,
        steps: series.minutes.map((at, n) => at - (series.minutes[n - 1] ?? from)),
        hundredths: series.hundredths,
      },
    },
  })
}
