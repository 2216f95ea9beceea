import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays, plainDate } from './plainDate'
import { readDay } from './readDay'
import { DATE_ORDERS } from './readPrintedDate'

const today = plainDate('2026-11-28')
const dayFirst = { order: 'day-first', today } as const
const read = (day: string) => ({ kind: 'read', day })

describe('a day as the household writes it', () => {
  it.each([
    ['2026-11-28', '2026-11-28'],
    ['28.11.2026', '2026-11-28'],
    ['28. 11. 26', '2026-11-28'],
    ['3/4/26', '2026-04-03'],
    ['28 Nov 2026', '2026-11-28'],
    ['1st December 2026', '2026-12-01'],
    ['November 28, 2026', '2026-11-28'],
    ['2026 Nov 28', '2026-11-28'],
    ['2026/11/28', '2026-11-28'],
  ])('reads %s', (written, day) => {
    expect(readDay(written, dayFirst)).toEqual(read(day))
  })

  it('settles three numbers by the order of the household, not by a guess', () => {
    expect(readDay('3/4/26', { order: 'month-first', today })).toEqual(read('2026-03-04'))
    expect(readDay('26-4-3', { order: 'year-first', today })).toEqual(read('2026-04-03'))
    expect(readDay('3.4.2026', { order: 'year-first', today })).toEqual(read('2026-04-03'))
  })

  it('takes two figures of a birth for the century before, when the later one is to come', () => {
    expect(readDay('3/4/51', dayFirst)).toEqual(read('2051-04-03'))
    expect(readDay('3/4/51', { ...dayFirst, latest: today })).toEqual(read('1951-04-03'))
    expect(readDay('3/4/2051', { ...dayFirst, latest: today })).toEqual(read('2051-04-03'))
  })

  it.each(['', 'soon', '28 Nov', '11/2026', '28.11.226', '1.2.3.4', '28 11 20x6', '2026 2026 Nov'])(
    'does not read %j',
    (written) => {
      expect(readDay(written, dayFirst)).toEqual({ kind: 'not_a_day' })
    },
  )

  it.each(['31.2.2026', '29.2.2027', '28.13.2026', '2026-02-30', '0.1.2026'])(
    'knows that there is no %s',
    (written) => {
      expect(readDay(written, dayFirst)).toEqual({ kind: 'no_such_day' })
    },
  )

  it('reads back every day that is written in its order', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...DATE_ORDERS),
        fc.integer({ min: 0, max: 60_000 }),
        fc.constantFrom('.', '/', ' ', '-', ', '),
        (order, ahead, between) => {
          const day = addDays(plainDate('1950-01-01'), ahead)
          const [y = '', m = '', d = ''] = day.split('-')
          const parts = {
            'day-first': [d, m, y],
            'month-first': [m, d, y],
            'year-first': [y, m, d],
          }
          expect(readDay(parts[order].join(between), { order, today })).toEqual(read(day))
        },
      ),
    )
  })
})
