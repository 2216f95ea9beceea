/** The gravest true thing of the day, as facts for one sentence. */
import { addDays, type PlainDate } from '../calendar/plainDate'
import { nextThere } from '../calendar/presence'
import type { Tier } from '../cover/need'
import type { Place } from '../household/places'
import type { MemberId } from '../ids'
import type { Judgement, PlaceJudgement } from '../judgement/judgement'
import { membersOf, missingIn } from '../judgement/readiness'
import { NOTHING } from '../quantity/amount'
import {
  ENGINES,
  type Engine,
  type Errand,
  type ErrandAct,
  gravityOf,
  SOON_DAYS,
  soonness,
} from './errand'
import { lineState, type Survey } from './survey'

export type Headline =
  | { readonly code: 'nothing_kept' }
  /** A place is not ready for these, today. */
  | {
      readonly code: 'not_ready'
      readonly tier: Exclude<Tier, 'comfort'>
      readonly place: Place
      readonly problems: readonly string[]
      /** For whom the first of them is not; empty for whoever is there. */
      readonly members: readonly MemberId[]
      /** How many other places lack something as grave. */
      readonly elsewhere: number
    }
  /** It is ready, and will not be from that day. */
  | {
      readonly code: 'lapses'
      readonly place: Place
      readonly problem: string
      readonly from: PlainDate
    }
  | {
      readonly code: 'runs_out'
      readonly count: number
      readonly title: string
      readonly memberId: MemberId
      readonly lastDay: PlainDate | null
    }
  | { readonly code: 'recalled'; readonly lots: number }
  | {
      readonly code: 'essentials_bare'
      readonly count: number
      readonly place: Place
      readonly title: string
    }
  /** Things expire before anybody is back after the coming visit. */
  | {
      readonly code: 'turns_before_back'
      readonly count: number
      readonly place: Place
      readonly visit: PlainDate
    }
  /** So many errands of one kind, where. */
  | {
      readonly code: 'to_do'
      readonly act: ErrandAct
      readonly count: number
      readonly title: string
      readonly places: readonly Place[]
    }
  /** Nothing is open that was not put off or put on the list. */
  | { readonly code: 'put_off'; readonly later: number; readonly listed: number }
  | { readonly code: 'all_well'; readonly nextDay: PlainDate | null }

export interface HeadlineFacts {
  readonly survey: Survey
  readonly judgement: Judgement
  readonly open: readonly Errand[]
  readonly later: number
  readonly listed: number
}

/** How grave what an engine says is: the least is said first. */
const ORDER = [
  'not_ready_life',
  'runs_out_soon',
  'recalled',
  'lapses_life',
  'essentials_bare',
  'turns_before_back',
  'not_ready_urgent',
  'follow_up',
  'pack_soon',
  'runs_out',
  'throw_away',
  'replace',
  'ask',
  'put_back',
  'clean',
  'look_for',
  'take_in',
  'top_up',
  'make_up',
  'lapses_urgent',
  'cover',
  'ask_member',
  'weigh',
  'teach',
  'check',
  'unpack',
  'bring_back',
  'pack',
  'identify',
] as const

interface Said {
  readonly rank: (typeof ORDER)[number]
  readonly headline: Headline
}

type Voice = (facts: HeadlineFacts) => readonly Said[]

/** Every engine has its voice: one without does not compile. */
const VOICES: Readonly<Record<Engine, Voice>> = {
  cover: (facts) => [
    ...notReady(facts, 'life', 'not_ready_life'),
    ...lapsing(facts),
    ...notReady(facts, 'urgent', 'not_ready_urgent'),
    ...toDo(facts, 'cover', ['carry', 'buy', 'find_out']),
  ],
  medicines: runningOut,
  incidents: (facts) => toDo(facts, 'follow_up', ['follow_up']),
  recalls: ({ open }) =>
    open.flatMap(({ reason }) =>
      reason.code === 'recalled'
        ? [{ rank: 'recalled', headline: { code: 'recalled', lots: reason.lots } } as const]
        : [],
    ),
  stock: (facts) =>
    (['throw_away', 'ask', 'put_back', 'clean', 'look_for'] as const).flatMap((act) =>
      toDo(facts, act, [act]),
    ),
  targets: (facts) => [
    ...essentialsBare(facts),
    ...turnsBeforeBack(facts),
    ...toDo(facts, 'replace', ['replace']),
    ...toDo(facts, 'top_up', ['top_up']),
  ],
  roadside: (facts) => toDo(facts, 'make_up', ['make_up']),
  rounds: (facts) => toDo(facts, 'check', ['check']),
  exposure: (facts) => toDo(facts, 'take_in', ['take_in']),
  trips: ({ open, ...facts }) => {
    const isSoon = (errand: Errand) => gravityOf(errand, facts.survey.today) === 'urgent'
    return [
      ...toDo({ ...facts, open: open.filter(isSoon) }, 'pack_soon', ['pack']),
      ...(['unpack', 'bring_back', 'pack'] as const).flatMap((act) =>
        toDo({ ...facts, open }, act, [act]),
      ),
    ]
  },
  people: (facts) =>
    (['ask_member', 'weigh', 'teach'] as const).flatMap((act) => toDo(facts, act, [act])),
  things: (facts) => toDo(facts, 'identify', ['identify']),
}

/** "All is well" only where every engine is silent. */
export function headline(facts: HeadlineFacts): Headline {
  const { survey, later, listed } = facts
  if (survey.holdings.length === 0 && survey.lines.length === 0) return { code: 'nothing_kept' }
  const said = ENGINES.flatMap((engine) => VOICES[engine](facts))
  const gravest = said.reduce<Said | null>(
    (a, b) => (a && ORDER.indexOf(a.rank) <= ORDER.indexOf(b.rank) ? a : b),
    null,
  )
  if (gravest) return gravest.headline
  if (later + listed > 0) return { code: 'put_off', later, listed }
  const days = survey.holdings.flatMap(({ judged }) =>
    judged.state === 'sound' && judged.lastGood.kind === 'day' ? [judged.lastGood.day] : [],
  )
  return { code: 'all_well', nextDay: days.sort()[0] ?? null }
}

// ---- voices ------------------------------------------------------------------------------------

/** The place where somebody is soonest, of those that lack something as grave. */
function notReady(
  { survey, judgement }: HeadlineFacts,
  tier: 'life' | 'urgent',
  rank: Said['rank'],
): readonly Said[] {
  const lacking = judgement.places
    .map((judged) => ({
      place: survey.places.find(({ id }) => id === judged.place.id),
      problems: missingIn(judged.today).filter((problem) => problem.tier === tier),
    }))
    .flatMap(({ place, problems }) => (place && problems.length > 0 ? [{ place, problems }] : []))
    .sort((a, b) => soonness(a.place, survey.today).localeCompare(soonness(b.place, survey.today)))
  const [first] = lacking
  const [worst] = first?.problems ?? []
  return first && worst
    ? [
        {
          rank,
          headline: {
            code: 'not_ready',
            tier,
            place: first.place,
            problems: first.problems.map(({ name }) => name),
            members: membersOf(worst),
            elsewhere: lacking.length - 1,
          },
        },
      ]
    : []
}

function lapsing({ survey, judgement }: HeadlineFacts): readonly Said[] {
  const all = judgement.places.flatMap(({ place, lapses }: PlaceJudgement) =>
    lapses.map((lapse) => ({ lapse, place: survey.places.find(({ id }) => id === place.id) })),
  )
  return (['life', 'urgent'] as const).flatMap((tier): readonly Said[] => {
    const soonest = all
      .filter(({ lapse }) => lapse.tier === tier)
      .sort((a, b) => a.lapse.from.localeCompare(b.lapse.from))[0]
    return soonest?.place
      ? [
          {
            rank: tier === 'life' ? 'lapses_life' : 'lapses_urgent',
            headline: {
              code: 'lapses',
              place: soonest.place,
              problem: soonest.lapse.name,
              from: soonest.lapse.from,
            },
          },
        ]
      : []
  })
}

function runningOut({ survey, open }: HeadlineFacts): readonly Said[] {
  const all = open
    .flatMap(({ reason, title, memberId }) =>
      reason.code === 'runs_out' && memberId ? [{ title, memberId, lastDay: reason.lastDay }] : [],
    )
    .sort((a, b) => (a.lastDay ?? '').localeCompare(b.lastDay ?? ''))
  const [first] = all
  if (!first) return []
  const isSoon = first.lastDay === null || first.lastDay <= addDays(survey.today, SOON_DAYS)
  return [
    {
      rank: isSoon ? 'runs_out_soon' : 'runs_out',
      headline: { code: 'runs_out', count: all.length, ...first },
    },
  ]
}

function essentialsBare({ survey }: HeadlineFacts): readonly Said[] {
  const essentials = survey.lines.filter(
    (line) => line.item.essential && line.par > NOTHING && lineState(line) === 'bare',
  )
  const bare = survey.places
    .map((place) => ({
      place,
      lines: essentials.filter((line) => line.site.place.id === place.id),
    }))
    .sort((a, b) => b.lines.length - a.lines.length)
  const [worst] = bare
  const [missing] = worst?.lines ?? []
  return worst && missing
    ? [
        {
          rank: 'essentials_bare',
          headline: {
            code: 'essentials_bare',
            count: worst.lines.length,
            place: worst.place,
            title: missing.item.name,
          },
        },
      ]
    : []
}

function turnsBeforeBack({ survey, open }: HeadlineFacts): readonly Said[] {
  for (const place of survey.places) {
    if (place.presence.rhythm.kind !== 'visits') continue
    const there = nextThere(place.presence, survey.today)
    const count = open.filter(
      ({ act, place: at }) => act === 'replace' && at.id === place.id,
    ).length
    if (there.kind === 'on' && count > 0)
      return [
        {
          rank: 'turns_before_back',
          headline: { code: 'turns_before_back', count, place, visit: there.day },
        },
      ]
  }
  return []
}

function toDo(
  { open }: HeadlineFacts,
  rank: Said['rank'],
  acts: readonly ErrandAct[],
): readonly Said[] {
  const those = open.filter(({ act }) => acts.includes(act))
  const [first] = those
  return first
    ? [
        {
          rank,
          headline: {
            code: 'to_do',
            act: first.act,
            count: those.length,
            title: first.title,
            places: [...new Set(those.map(({ place }) => place))],
          },
        },
      ]
    : []
}
