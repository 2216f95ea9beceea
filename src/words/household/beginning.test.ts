import { describe, expect, it } from 'vitest'
import { FIRST_STEPS } from '../../core/household/beginning'
import { firstSteps } from '../frame/frame'
import { tour } from '../frame/tour'
import { beginning } from './beginning'
import { settings } from './settings'

describe('the first steps in words', () => {
  it.each(FIRST_STEPS)('%s asks a question, and says what it brings in whole sentences', (step) => {
    expect(beginning.question[step]).toMatch(/^[A-Z].*\?$/)
    expect(beginning.brings[step]).toMatch(/^[A-Z].*\.$/)
    expect(beginning.step(step, true)).toBe(`${firstSteps.names[step]}, done`)
    expect(beginning.step(step, false)).toBe(firstSteps.names[step])
    expect(firstSteps.next(step)).toBe(`Next: ${firstSteps.names[step]}`)
  })
  it('says where one is', () => {
    expect(beginning.at('places')).toBe('Step 3 of 7')
    expect(firstSteps.bar(2)).toBe('First steps: 2 of 7 done.')
    expect(beginning.progress(2)).toBe('2 of 7 steps done')
  })
  it.each([
    [1, 0, 'Home: we propose one thing.'],
    [1, 1, 'Home: we propose one thing, and it is life-saving.'],
    [2, 2, 'Home: we propose two things, all of them life-saving.'],
    [20, 6, 'Home: we propose 20 things, 6 of them life-saving.'],
    [20, 0, 'Home: we propose 20 things.'],
  ])('%i proposed, %i life-saving: %s', (lines, life, said) => {
    expect(beginning.things.proposes('Home', lines, life)).toBe(said)
  })
  it('takes and settles one or many', () => {
    const { take, took, settled, unmatched } = beginning.things
    expect([take(1), take(20)]).toEqual(['Take it', 'Take all 20'])
    expect([took('Home', 1), took('Home', 20)]).toEqual([
      'One thing belongs at Home now',
      '20 things belong at Home now',
    ])
    expect([settled('Car', 1), settled('Car', 32)]).toEqual([
      'Car: one thing belongs here.',
      'Car: 32 things belong here.',
    ])
    expect([unmatched(1), unmatched(3)]).toEqual([
      'We do not know yet what one thing is.',
      'We do not know yet what three things are.',
    ])
    expect(beginning.check.kit('Car kit', 1)).toBe('Car kit: 1 pocket')
    expect(beginning.country.press('Norway')).toBe('Use what is usual in Norway')
  })
})

describe('the tour in words', () => {
  it('leads through pages that are there, each with whole sentences', () => {
    expect(tour.stops.length).toBeGreaterThan(5)
    for (const { href, text } of tour.stops) {
      expect(href).toMatch(/^\/[a-z-]*$/)
      expect(text).toMatch(/^[A-Z].*\.$/)
    }
    expect([tour.at(1, 7), tour.next('Kits')]).toEqual(['1 of 7', 'Next: Kits'])
  })
})

describe('the settings in words', () => {
  it('names each thing that would follow from a country', () =>
    expect(
      settings.usually({
        currency: 'SEK',
        units: 'metric',
        dateOrder: 'year-first',
        weekStart: 'monday',
        timeZone: 'America/Argentina/Buenos_Aires',
      }),
    ).toBe(
      'Usual there: money in SEK, metric units, dates year first (2026-12-31), a week that begins on Monday and the time of Buenos Aires.',
    ))
  it('shows what a setting does', () => {
    expect(settings.effect.currency('EUR')).toBe('Prices look like €12.50')
    expect(settings.effect.lookahead('14')).toContain('14 days before')
    expect(settings.effect.lookahead('soon')).toContain('that many days before')
    expect(settings.called('113')).toBe('Shown: 113')
  })
})
