/** The first screen in words: each headline and each reason, with the numbers that were handed in. */
import { describe, expect, it } from 'vitest'
import { plainDate } from '../core/calendar/plainDate'
import { type Total, units } from '../core/quantity/amount'
import { ITEM_KINDS } from '../core/stock/itemKind'
import { ERRAND_ACTS } from '../core/watch/errand'
import { watchText } from './watch'

const today = plainDate('2026-11-26')
const soon = plainDate('2026-12-05')
const total = (many: number): Total => (many * 1000) as Total
type Headline = Parameters<typeof watchText.headline>[0]
type Reason = Parameters<typeof watchText.reason>[0]['reason']

const BROUGHT = {
  problemId: 'anaphylaxis',
  name: 'Known anaphylaxis',
  tier: 'life' as const,
  members: ['Ned'],
  from: null,
}
const GAP: Reason = {
  code: 'gap',
  problem: 'Known anaphylaxis',
  tier: 'life',
  members: ['Ned'],
  state: 'none',
  ready: [],
  also: [],
  packs: 0,
  costMinor: null,
  from: null,
}

describe('the headline', () => {
  const cases: readonly (readonly [Headline, string, string])[] = [
    [
      { code: 'nothing_kept' },
      'Nothing is kept here yet',
      'Import the list you have, or add a kit and put things into it.',
    ],
    [
      {
        code: 'not_ready',
        tier: 'life',
        place: 'Row House',
        placeId: 'p' as never,
        problems: ['Known anaphylaxis', 'Asthma attack', 'Chest pain'],
        members: ['Ned'],
        elsewhere: 1,
      },
      'Row House is not ready for known anaphylaxis and asthma attack, and one more',
      'It concerns Ned. One other place lacks something as grave. What you can do stands here first.',
    ],
    [
      {
        code: 'not_ready',
        tier: 'urgent',
        place: 'the Van',
        placeId: 'p' as never,
        problems: ['A small fire'],
        members: [],
        elsewhere: 2,
      },
      'the Van is not ready for a small fire',
      'Two other places lack something as grave. What you can do stands here first.',
    ],
    [
      { code: 'lapses', place: 'Hill cottage', problem: 'Burn', from: soon },
      'Hill cottage is ready for burn only until Saturday 5 December',
      'What ends then is to be replaced before that day.',
    ],
    [
      { code: 'runs_out', count: 1, title: 'Apixaban 5 mg', member: 'Grete', lastDay: null },
      'Grete has no Apixaban 5 mg left',
      'Ask for the next pack in time.',
    ],
    [
      { code: 'runs_out', count: 3, title: 'Apixaban 5 mg', member: 'Grete', lastDay: soon },
      'Grete has Apixaban 5 mg until Saturday 5 December',
      'Ask for the next pack in time. Two other medicines run out soon.',
    ],
    [
      { code: 'recalled', lots: 1 },
      'A pack of yours is recalled',
      'Set it aside until the maker has answered.',
    ],
    [
      { code: 'recalled', lots: 3 },
      'Three packs of yours are recalled',
      'Set it aside until the maker has answered.',
    ],
    [
      { code: 'essentials_bare', count: 1, place: 'Hill cottage', title: 'Tourniquet' },
      'Tourniquet is missing at Hill cottage',
      'An essential is something a person may need within minutes. Put it back first.',
    ],
    [
      { code: 'essentials_bare', count: 2, place: 'Hill cottage', title: 'Tourniquet' },
      'Two essentials are missing at Hill cottage',
      'An essential is something a person may need within minutes. Put it back first.',
    ],
    [
      { code: 'turns_before_back', count: 1, place: 'Hill cottage', visit: soon },
      'One thing expires at Hill cottage before anybody is back there',
      'Carry replacements on Saturday 5 December. The rest can wait for its next visit.',
    ],
    [
      { code: 'turns_before_back', count: 12, place: 'Hill cottage', visit: soon },
      '12 things expire at Hill cottage before anybody is back there',
      'Carry replacements on Saturday 5 December. The rest can wait for its next visit.',
    ],
    [
      { code: 'put_off', later: 1, listed: 0 },
      'Nothing is waiting today',
      'One errand waits for a reminder.',
    ],
    [
      { code: 'put_off', later: 2, listed: 3 },
      'Nothing is waiting today',
      'Two errands wait for a reminder. Three errands are on the shopping list.',
    ],
    [{ code: 'all_well', nextDay: null }, 'All is well', 'Nothing has a date that runs out.'],
    [
      { code: 'all_well', nextDay: soon },
      'All is well',
      'The next thing expires 5 Dec 2026, in 9 days.',
    ],
  ]
  it.each(cases)('%j', (headline, said, under) => {
    expect([watchText.headline(headline), watchText.under(headline, today)]).toEqual([said, under])
  })
})

describe('where a kit is that is not at its place', () => {
  it.each([
    [{ code: 'with', member: 'Ned' }, 'goes with Ned'],
    [{ code: 'with', member: '' }, 'goes with somebody who is no longer here'],
    [{ code: 'on_trip', trip: 'Lake week', until: soon }, 'on Lake week until 5 Dec'],
  ] as const)('%j', (kit, said) => expect(watchText.kitIs(kit, today)).toBe(said))
})

describe('so much to do, as a sentence', () => {
  it.each([
    [
      'throw_away',
      'One thing can no longer be used at Car',
      'Two things can no longer be used at Car',
    ],
    ['ask', 'One thing is on hold at Car', 'Two things are on hold at Car'],
    ['put_back', 'Tape is lent out', 'Two things are lent out'],
    ['clean', 'One thing needs cleaning at Car', 'Two things need cleaning at Car'],
    ['look_for', 'Tape was not found', 'Two things were not found'],
    ['replace', 'One thing expires soon at Car', 'Two things expire soon at Car'],
    ['top_up', 'One thing is short at Car', 'Two things are short at Car'],
    ['check', 'Tape is due for a check', 'Two kits are due for a check'],
    ['ask_member', 'Nobody has asked about Tape yet', 'Nobody has asked about two of you yet'],
    ['weigh', 'Tape needs weighing', 'Two need weighing'],
    ['teach', 'A skill runs out: Tape', 'Two skills run out'],
    ['identify', 'Some things are not matched yet', 'Some things are not matched yet'],
    ['follow_up', 'Check on Tape', 'Two patients need checking on'],
    ['refill', 'One thing will run out', 'Two things will run out'],
    ['set_aside', 'One thing is recalled', 'Two things are recalled'],
    ['carry', 'One thing is needed at Car', 'Two things are needed at Car'],
    ['buy', 'One thing is needed at Car', 'Two things are needed at Car'],
    ['find_out', 'One thing is needed at Car', 'Two things are needed at Car'],
    ['pack', 'Pack for Tape', 'Two trips are to be packed for'],
    ['unpack', 'Tape is over: unpack the bags', 'Two trips are over: unpack the bags'],
    ['bring_back', 'Tape has not been put back', 'Two kits have not been put back'],
  ] as const)('%s', (act, one, two) => {
    const said = (count: number) =>
      watchText.headline({ code: 'to_do', act, count, title: 'Tape', places: ['Car'] })
    expect([said(1), said(2)]).toEqual([one, two])
    expect(watchText.under({ code: 'to_do', act, count: 1, title: '', places: [] }, today)).toMatch(
      /\.$/,
    )
  })
  it('of a patient whom nobody knows any more', () => {
    expect(
      watchText.headline({ code: 'to_do', act: 'follow_up', count: 1, title: '', places: [] }),
    ).toBe('Check on the patient')
    expect(watchText.untitled('follow_up')).toBe('the patient')
  })
  it('every act has its sentence, its heading and its press', () => {
    for (const act of ERRAND_ACTS)
      expect([act, watchText.acts[act].length > 2, watchText.press[act].length > 2]).toEqual([
        act,
        true,
        true,
      ])
    expect(watchText.untitled('set_aside')).toBe('Recalled packs')
    expect([watchText.untitled('identify'), watchText.untitled('buy')]).toEqual([
      'Things not matched yet',
      '',
    ])
  })
})

describe('what an errand brings', () => {
  const brought = { problemId: 'burn', name: 'Burn', tier: 'urgent' } as const
  it.each([
    [{ ...brought, members: [], from: null }, 'For burn'],
    [{ ...brought, members: ['Ned', 'Runa'], from: null }, 'For burn: Ned and Runa'],
    [{ ...brought, members: ['Ned'], from: soon }, 'Keeps it ready for burn after 4 Dec: Ned'],
  ])('%j', (brings, said) => expect(watchText.brings(brings, today)).toBe(said))
})

describe('why something is to be done', () => {
  const spare = { place: 'Row house', amount: total(4) }
  const cases: readonly (readonly [Reason, string])[] = [
    [
      { code: 'spent', why: { kind: 'date', day: plainDate('2026-11-16'), clock: 'opened' } },
      'its time after opening ended 16 Nov; the printed date no longer counts',
    ],
    [
      { code: 'spent', why: { kind: 'date', day: plainDate('2025-10-31'), clock: 'printed' } },
      'past its date, 31 Oct 2025',
    ],
    [{ code: 'spent', why: { kind: 'opened' } as never }, 'opened, so no longer sterile'],
    [{ code: 'spent', why: { kind: 'condition', condition: 'torn' } as never }, 'torn'],
    [
      { code: 'held', because: { kind: 'said', reason: 'no written rule from the vet yet' } },
      'on hold: no written rule from the vet yet',
    ],
    [
      { code: 'held', because: { kind: 'left_over', prescriber: 'Dr Fenwick' } },
      'on hold: left over: ask Dr Fenwick before it is used',
    ],
    [
      { code: 'held', because: { kind: 'left_over', prescriber: '' } },
      'on hold: left over: ask the prescriber before it is used',
    ],
    [
      { code: 'held', because: { kind: 'opened_no_period', on: plainDate('2026-11-25') } },
      'on hold: opened on 25 Nov 2026, and nobody has said how long it keeps',
    ],
    [
      { code: 'held', because: { kind: 'not_judged' } },
      'on hold: its dates make no sense: look at the pack and correct them',
    ],
    [
      { code: 'lent', to: 'the neighbour', since: plainDate('2026-11-02') },
      'the neighbour has it since 2 Nov',
    ],
    [
      { code: 'unclean', since: plainDate('2026-11-25') },
      'used 25 Nov; does not count until it is clean',
    ],
    [{ code: 'missing', since: plainDate('2025-12-24') }, 'was not found 24 Dec 2025'],
    [{ code: 'turns', day: soon, clock: 'printed', spare: null }, 'good to 5 Dec'],
    [
      { code: 'turns', day: soon, clock: 'opened', spare },
      'opened, good to 5 Dec; Row house has 4 to spare',
    ],
    [
      { code: 'below_par', good: total(1), par: units(3), spare: null, takenOn: null },
      '1 of 3 there',
    ],
    [
      { code: 'below_par', good: total(0), par: units(3), spare, takenOn: null },
      '0 of 3 there; Row house has 4 to spare',
    ],
    [
      { code: 'round_due', why: 'never', since: null, pockets: 1, allPockets: 1 },
      '1 pocket: nobody has counted it yet',
    ],
    [
      {
        code: 'round_due',
        why: 'battery',
        since: plainDate('2026-05-01'),
        pockets: 2,
        allPockets: 5,
      },
      '2 of 5 pockets: batteries, last looked at 1 May',
    ],
    [{ code: 'dates_missing', count: 1 }, 'One pack has no date recorded; read it off the pack'],
    [
      { code: 'dates_missing', count: 3 },
      'Three packs have no date recorded; read it off the pack',
    ],
    [GAP, 'nothing here'],
    [
      { ...GAP, members: [], state: 'thin', from: 'Boot bag', ready: ['Car', 'Bike'] },
      'not enough here; Boot bag has some to spare; ready at Car and Bike',
    ],
    [
      { ...GAP, state: 'held', also: ['Tape'], packs: 2, costMinor: 9800 },
      'what is here is held back; with Tape; 2 packs, about €98.00',
    ],
    [{ code: 'runs_out', lastDay: null, prescriber: '', openUntil: null }, 'Grete has none left'],
    [
      {
        code: 'runs_out',
        lastDay: soon,
        prescriber: 'Dr Vale',
        openUntil: plainDate('2026-12-04'),
      },
      'Grete: lasts until Sat 5 Dec; the pharmacy is shut that day; go by Fri 4 Dec; from Dr Vale',
    ],
    [{ code: 'recalled', lots: 1 }, 'a bulletin names one pack of yours'],
    [{ code: 'recalled', lots: 2 }, 'bulletins name two packs of yours'],
    [
      { code: 'weight', kind: 'unknown' },
      'nobody has written a weight down; doses by weight wait for it',
    ],
    [{ code: 'weight', kind: 'stale' }, 'the weight is out of date; doses by weight wait for it'],
    [
      { code: 'not_asked', topics: ['allergies', 'medicines'] },
      'not asked yet: allergies and regular medicines',
    ],
    [{ code: 'skill_ends', skill: 'tourniquet', until: soon }, 'signed off until 5 Dec 2026'],
    [
      {
        code: 'follow_up',
        why: 'look_again',
        what: 'Day 3: better?',
        on: plainDate('2026-11-24'),
        incidentId: 'i' as never,
      },
      'due since 24 Nov: Day 3: better?',
    ],
    [
      {
        code: 'follow_up',
        why: 'not_ended',
        what: '',
        on: plainDate('2026-11-24'),
        incidentId: 'i' as never,
      },
      'nobody has said how it ended',
    ],
    [
      { code: 'trip_soon', tripId: 't' as never, from: soon, toPack: 0 },
      'you leave Sat 5 Dec, in 9 days; nothing is on its list yet',
    ],
    [
      { code: 'trip_soon', tripId: 't' as never, from: today, toPack: 1 },
      'you leave today; 1 line of the list left to pack',
    ],
    [
      { code: 'trip_over', tripId: 't' as never, to: plainDate('2026-11-24'), packed: 2 },
      'over since 24 Nov; 2 lines are still in the bags',
    ],
    [
      {
        code: 'below_par',
        good: total(1),
        par: units(3),
        spare: null,
        takenOn: plainDate('2026-11-24'),
      },
      '1 of 3 there; given away at a roadside 24 Nov',
    ],
    [
      { code: 'given_away', on: plainDate('2026-11-24'), byLid: false },
      'given away at a roadside 24 Nov',
    ],
    [
      { code: 'given_away', on: plainDate('2026-11-24'), byLid: true },
      'taken by whoever opened the kit 24 Nov',
    ],
    [{ code: 'taken_along', since: plainDate('2026-11-24') }, 'Grete took it along 24 Nov'],
    [
      { code: 'unknown_things', count: 1 },
      'one thing counts for nothing until somebody says what it is',
    ],
    [
      { code: 'unknown_things', count: 3 },
      'three things count for nothing until somebody says what they are',
    ],
  ]
  it.each(cases)('%j', (reason, said) =>
    expect(
      watchText.reason({ reason, act: 'buy', member: 'Grete', brings: [BROUGHT] }, today, 'EUR'),
    ).toBe(said),
  )
})

describe('a gap that is not closed by one press', () => {
  it('says what it is about, which nothing else on its line does', () => {
    const said = (reason: Reason) =>
      watchText.reason({ reason, act: 'buy', member: '', brings: [] }, today, 'EUR')
    expect(said({ ...GAP, state: 'thin' })).toBe('known anaphylaxis (Ned): not enough here')
    expect(said({ ...GAP, members: [] })).toBe('known anaphylaxis: nothing here')
  })
})

describe('what nothing known answers', () => {
  const said = (reason: Reason) =>
    watchText.reason({ reason, act: 'find_out', member: '', brings: [] }, today, 'EUR')
  it('names whom it is about, and where else', () => {
    expect(said(GAP)).toBe('Ned: nothing here')
    expect(said({ ...GAP, members: [], also: ['Car', 'Bike'] })).toBe(
      'nothing here; the same at Car and Bike',
    )
  })
})

describe('when somebody is there next', () => {
  it.each([
    [{ kind: 'now', label: '' } as const, 'Row house, now'],
    [
      { kind: 'on', day: plainDate('2026-11-27'), label: 'Weekend' } as const,
      'Row house, tomorrow',
    ],
    [{ kind: 'on', day: soon, label: 'Weekend' } as const, 'Row house, Sat 5 Dec'],
    [{ kind: 'never' } as never, 'Row house'],
  ])('%j', (next, said) => expect(watchText.group('Row house', next, today)).toBe(said))
})

describe('what must not go into the bin', () => {
  it('is said for what can hurt, and nothing for what cannot', () => {
    expect(ITEM_KINDS.filter((kind) => watchText.safeWay(kind) !== '')).toEqual(
      ITEM_KINDS.filter((kind) =>
        ['medicine', 'sharp', 'battery', 'pressurised', 'paper'].includes(kind),
      ),
    )
    expect(watchText.safeWay(null)).toBe('')
    expect(watchText.safeWay('sharp')).toContain('never loose in a bin')
    expect(watchText.safeWay('medicine')).toContain('not in the sink, not in the bin')
  })
})

describe('what is put aside', () => {
  it.each([
    [2, '2 reminders set', '2 on the shopping list'],
    [1, '1 reminder set', '1 on the shopping list'],
  ])('%i', (count, later, listed) =>
    expect([watchText.putOff(count), watchText.listed(count)]).toEqual([later, listed]),
  )
  it('one lot is one lot', () => {
    expect([watchText.ribbonLots(1), watchText.ribbonLots(2), watchText.more(3)]).toEqual([
      '1 thing expires',
      '2 things expire',
      '+3',
    ])
  })
})
