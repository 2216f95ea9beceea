/** What is said of trips, held against the numbers and names that were handed in. */
import { describe, expect, it } from 'vitest'
import { plainDate } from '../../core/calendar/plainDate'
import type { KitId, MemberId, StopId, TripId } from '../../core/ids'
import { units } from '../../core/quantity/amount'
import type { TripFault } from '../../core/trips/faults'
import { tripFaultText, trips } from './trips'

const day = plainDate
const stop = 'stop' as StopId
const member = 'ned' as MemberId

/** One of each, with what is said of it. */
const FAULTS: {
  readonly [Code in TripFault['code']]: readonly [Extract<TripFault, { code: Code }>, string]
} = {
  no_stop: [{ code: 'no_stop' }, 'Say where you are going: add a stop.'],
  ends_before: [
    { code: 'ends_before', stop },
    'Lake house ends before it begins. Change one of its days.',
  ],
  nobody_there: [{ code: 'nobody_there', stop }, 'Nobody goes to Lake house. Choose who goes.'],
  too_long: [
    { code: 'too_long', days: 402 },
    '402 days are more than can be packed for at once. Plan at most 400.',
  ],
  in_two_stops: [
    { code: 'in_two_stops', member, stops: [stop, stop] },
    'Ned would be in Lake house and in Hut on the same days. Change who goes, or the days.',
  ],
  in_two_trips: [
    { code: 'in_two_trips', member, trip: 'x' as TripId, name: 'Camp', on: day('2026-12-05') },
    'Ned is on another trip from 5 Dec 2026: Camp. Change who goes, or the days.',
  ],
  carrier_stays: [
    { code: 'carrier_stays', kit: 'kit' as KitId, member },
    'Ned does not go. Choose who carries the bag.',
  ],
  bag_twice: [
    { code: 'bag_twice', kit: 'kit' as KitId },
    'One bag is in the list twice. Remove one of them.',
  ],
}

describe('a trip that cannot be', () => {
  it.each(Object.values(FAULTS))('%j is told', (fault, text) => {
    expect(tripFaultText(fault, { who: 'Ned', stops: ['Lake house', 'Hut'] })).toBe(text)
  })
  it('because somebody is twice in one place says so', () => {
    expect(tripFaultText(FAULTS.in_two_stops[0], { who: 'Ned', stops: ['Hut', 'Hut'] })).toBe(
      'Ned is in Hut twice on the same days. Remove one of them.',
    )
  })
})

describe('days of a trip', () => {
  const today = day('2026-11-28')
  it.each([
    ['2026-12-12', '2026-12-12', 'Sat 12 Dec'],
    ['2026-12-12', '2026-12-19', '12–19 Dec'],
    ['2026-12-28', '2027-01-03', '28 Dec – 3 Jan 2027'],
  ])('%s to %s', (from, to, text) => expect(trips.days(day(from), day(to), today)).toBe(text))
  it.each([
    ['2026-11-29', '2026-11-30', '29–30 Nov · tomorrow'],
    ['2026-12-01', '2026-12-02', '1–2 Dec · in 3 days'],
    ['2026-11-28', '2026-11-30', '28–30 Nov · under way'],
    ['2026-11-20', '2026-11-27', '20–27 Nov · to be unpacked'],
  ])('%s to %s on a card', (from, to, text) =>
    expect(trips.card(day(from), day(to), today)).toBe(text),
  )
})

describe('figures of a trip', () => {
  it.each([
    [260, '260 g'],
    [999.6, '1000 g'],
    [1000, '1.0 kg'],
    [3449, '3.4 kg'],
  ])('%d grams', (grams, text) => expect(trips.weight(grams)).toBe(text))
  it.each([
    [0, false, 'Lake week: what to take'],
    [0, true, 'Lake week: everything you need is on the list'],
    [1, true, 'Lake week: one thing still missing'],
    [12, true, 'Lake week: 12 things still missing'],
  ])('%d gaps', (gaps, planned, text) =>
    expect(trips.headline('Lake week', gaps, planned)).toBe(text),
  )
  it('tell proven from not yet proven', () => {
    expect(trips.loadout(3400, 3400, true)).toBe(
      '3.4 kg to put in. Nothing lighter would do the same.',
    )
    expect(trips.loadout(3400, 3100, false)).toBe(
      '3.4 kg to put in. At least 3.1 kg is needed for the same.',
    )
  })
  it('say who goes, and that the party splits', () => {
    const say = (people: number, animals: number, halves: number) =>
      trips.summary(
        day('2026-12-12'),
        day('2026-12-19'),
        day('2026-11-28'),
        people,
        animals,
        halves,
      )
    expect(say(1, 0, 1)).toBe('12–19 Dec · one person')
    expect(say(0, 2, 1)).toBe('12–19 Dec · two animals')
    expect(say(5, 1, 2)).toBe(
      '12–19 Dec · five people and one animal · the party splits: each part can cope alone',
    )
  })
  it('say how far help is, and that nobody knows', () => {
    expect(trips.toHelp(40)).toBe('40 min to a clinic')
    expect(trips.toHelp(180)).toBe('3 h to a clinic')
    expect(trips.toHelp(null)).toBe('how far help is nobody has said')
  })
  it('count what is packed, and what is left to pack', () => {
    expect([trips.packing(0, 0), trips.packing(2, 5), trips.packing(5, 5)]).toEqual([
      'Nothing worked out yet',
      '2 of 5 packed',
      'Packed',
    ])
    expect(trips.pack.headline(0, 'Lake week')).toBe('Lake week: everything is packed')
    expect(trips.pack.headline(1, 'Lake week')).toBe('Lake week: one thing to pack')
    expect(trips.pack.changed(units(0), 'strip')).toBe('nothing is left there')
    expect(trips.pack.changed(units(2), 'strip')).toBe('only 2 strips left there')
    expect([trips.unpack.done(0), trips.unpack.done(1), trips.unpack.done(3)]).toEqual([
      'Noted',
      'One thing back where it belongs',
      'Three things back where they belong',
    ])
    expect(trips.unpack.wrong(units(4), 'tablet')).toBe('Give a number up to 4 tablets.')
  })
  it('name what a cabin keeps at home, with the reason', () => {
    const { bag } = trips
    expect(
      bag.keptOut([
        bag.keptOutBecause('Shears', 'blade'),
        bag.keptOutBecause('Saline 500 mL', 'liquid_too_large'),
      ]),
    ).toBe(
      'Stays at home: Shears (a blade that is too long for the cabin) and Saline 500 mL (a liquid in too large a container for the cabin)',
    )
    expect(bag.keptOutBecause('Lamp cells', 'cells')).toBe(
      'Lamp cells (spare cells go in the cabin)',
    )
  })
  it('ask where somebody is on a day and from one day to another', () => {
    const { where_on: where } = trips.questions
    expect(trips.questions.who_is_gone('Hut')).toBe(
      'Somebody who was to be in Hut is no longer in the household and is not counted. Choose who goes.',
    )
    expect(where('Ned', day('2026-12-15'), day('2026-12-15'))).toBe(
      'Where is Ned on 15 Dec 2026? No stop says so.',
    )
    expect(where('Ned', day('2026-12-15'), day('2026-12-16'))).toBe(
      'Where is Ned from 15 Dec 2026 to 16 Dec 2026? No stop says so.',
    )
  })
})

describe('heat and frost on the way', () => {
  const titles = ['Pen', 'Drops']
  it.each([
    ['car', /closed car in the sun gets up to about 44 °C\. Do not leave .* Pen and Drops/],
    ['heat', /Up to about 44 °C\. Keep these in the shade/],
    ['unknown', /nobody has said how these are to be kept: Pen and Drops\. Look at their labels/],
  ] as const)('%s says what to do', (code, said) => {
    expect(trips.weather.harm({ code, hundredths: 4400, titles })).toMatch(said)
  })
  it('frost says where it stays warm', () => {
    const said = trips.weather.harm({ code: 'frost', hundredths: -350, titles })
    expect(said).toMatch(/Down to about −3.5 °C\. Keep these on the body/)
  })
  it.each([
    [0, 'no time at all'],
    [0.5, 'half an hour'],
    [1, 'an hour'],
    [1.5, '1½ hours'],
    [6, '6 hours'],
  ])('a cool bag of %s hours is said as %s, as our own figure', (hours, said) => {
    const text = trips.weather.harm({
      code: 'cold',
      hundredths: 2600,
      titles,
      hours,
      hoursWithIce: 5,
    })
    expect(text).toContain(`for about ${said},`)
    expect(text).toMatch(/figures of ours: put a thermometer in/)
  })
})
