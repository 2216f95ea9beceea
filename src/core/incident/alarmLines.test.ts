import { describe, expect, it } from 'vitest'
import { SPECIES } from '../household/species'
import { type AlarmLines, ANYBODY_HOT, alarmLines } from './alarmLines'

const lines = (months: number | null) => alarmLines('person', months)

describe('from which temperature a person has to be seen', () => {
  it.each([
    [0, 3800, null],
    [2, 3800, null],
    [3, null, 3900],
    [5, null, 3900],
    [6, null, 4000],
    [480, null, 4000],
  ])('at %i months: at once from %s, today from %s', (months, hotNow, hot) => {
    expect([lines(months).hotNow, lines(months).hot]).toEqual([hotNow, hot])
  })
  it.each([
    [0, 3600, null],
    [2, 3600, null],
    [3, null, 3550],
    [6, null, 3500],
  ])('at %i months: cold at once under %s, today under %s', (months, coldNow, cold) => {
    expect([lines(months).coldNow, lines(months).cold]).toEqual([coldNow, cold])
  })
  it('of unknown age: the strictest, as for a newborn', () => {
    expect(lines(null)).toEqual(lines(0))
  })
  it('at every age 41.5 and 32 degrees are emergencies, and cooling ends at 38.9', () => {
    for (const months of [null, 0, 4, 12, 900])
      expect(lines(months)).toMatchObject({
        hotEmergency: 4150,
        coldEmergency: 3200,
        cooledTo: 3890,
        heat: 4000,
      })
  })
})

describe('animals', () => {
  it.each([
    ['dog', 4050, 4110, 3720, 3500, 3940],
    ['cat', 4000, 4100, 3720, 3500, 3940],
    ['rabbit', 4050, 4100, null, 3800, 4000],
    ['guinea pig', 4050, 4100, null, 3650, 4000],
    ['horse', 3950, 4100, 3650, null, 3940],
  ] as const)('%s', (species, hot, hotEmergency, cold, coldEmergency, cooledTo) => {
    expect(alarmLines(species, null)).toMatchObject({
      hot,
      hotEmergency,
      cold,
      coldEmergency,
      cooledTo,
    })
  })
  it('for which no line ships have only what is an emergency in anybody', () => {
    const { hotEmergency, ...others } = alarmLines('hamster', 12)
    expect(hotEmergency).toBe(ANYBODY_HOT)
    expect(Object.values(others).every((line) => line === null)).toBe(true)
  })
})

describe('the lines of every species lie in order', () => {
  const below = (a: number | null, b: number | null): boolean => a === null || b === null || a <= b
  it.each(SPECIES)('%s', (species) => {
    for (const months of [null, 0, 3, 6, 120]) {
      const of: AlarmLines = alarmLines(species, months)
      for (const [lower, upper] of [
        [of.coldEmergency, of.coldNow],
        [of.coldEmergency, of.cold],
        [of.cold, of.hot],
        [of.coldNow, of.hotNow],
        [of.hot, of.hotEmergency],
        [of.hotNow, of.hotEmergency],
        [of.cold, of.cooledTo],
        // Cooled down far enough is below what counts as heat.
        [of.cooledTo, of.heat],
        [of.hotEmergency, ANYBODY_HOT],
      ] as const)
        expect([species, months, below(lower, upper)]).toEqual([species, months, true])
    }
  })
})
