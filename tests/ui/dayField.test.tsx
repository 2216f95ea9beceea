/** A field for a day: typed in the order of the household, or picked in its calendar. */
import { MantineProvider } from '@mantine/core'
import { cleanup, render, screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { afterEach, describe, expect, it } from 'vitest'
import { plainDate } from '../../src/core/calendar/plainDate'
import { DayField } from '../../src/ui/DayField'
import { type DayHabits, DayHabitsProvider } from '../../src/ui/dayHabits'

afterEach(cleanup)

const today = plainDate('2026-11-28')
const HABITS: DayHabits = { today, order: 'day-first', weekStart: 'monday' }
let held = ''

function Page({ first, ...limits }: { first: string; min?: typeof today; max?: typeof today }) {
  const [day, setDay] = useState(first)
  held = day
  return (
    <>
      <DayField label="Born" value={day} onChange={setDay} {...limits} />
      <button type="button" onClick={() => setDay('')}>
        Wipe
      </button>
    </>
  )
}

function show(first = '', habits: Partial<DayHabits> = {}, limits = {}) {
  render(
    <MantineProvider env="test">
      <DayHabitsProvider value={{ ...HABITS, ...habits }}>
        <Page first={first} {...limits} />
      </DayHabitsProvider>
    </MantineProvider>,
  )
  return userEvent.setup()
}
const field = () => screen.getByRole<HTMLInputElement>('textbox', { name: 'Born' })
const openCalendar = async (user: ReturnType<typeof userEvent.setup>) => {
  await user.click(screen.getByRole('button', { name: 'Calendar' }))
  return screen.findByRole('table')
}

describe('a field for a day', () => {
  it.each([
    ['day-first', '3 Apr 2026', '2026-04-03'],
    ['month-first', 'Mar 4, 2026', '2026-03-04'],
    ['year-first', '2026-04-03', '2026-04-03'],
  ] as const)('%s: 3/4/26 is %s once it is left', async (order, shown, day) => {
    const user = show('', { order })
    await user.type(field(), order === 'year-first' ? '26-4-3' : '3/4/26')
    expect(held).toBe(day)
    await user.tab()
    await waitFor(() => expect(field().value).toBe(shown))
    expect(screen.queryByText(/Write a whole day/)).toBeNull()
  })

  it('shows the day it has in the order of the household', () => {
    show('2026-04-03', { order: 'month-first' })
    expect(field().value).toBe('Apr 3, 2026')
  })

  it('keeps what cannot be read, and says how to write it once it is left', async () => {
    const user = show('2026-04-03')
    await user.clear(field())
    await user.type(field(), '28 Nov')
    expect(screen.queryByText(/Write a whole day/)).toBeNull()
    await user.tab()
    await screen.findByText('Write a whole day, like 28 Nov 2026.')
    expect(field().value).toBe('28 Nov')
    expect(field().getAttribute('aria-invalid')).toBe('true')
  })

  it('says which days it does not take', async () => {
    const user = show('', {}, { max: today })
    await user.type(field(), '29.11.2026')
    await user.tab()
    await screen.findByText('No later than 28 Nov 2026.')
  })

  it('empty, is no day and no fault; wiped from outside, it is empty', async () => {
    const user = show('2026-04-03')
    await user.clear(field())
    await user.tab()
    expect([held, field().value]).toEqual(['', ''])
    expect(field().getAttribute('aria-invalid')).not.toBe('true')
    await user.type(field(), 'nonsense')
    await user.click(screen.getByRole('button', { name: 'Wipe' }))
    expect(field().value).toBe('')
  })

  it.each([
    ['monday', 'Mo'],
    ['sunday', 'Su'],
  ] as const)('its calendar begins on %s', async (weekStart, first) => {
    const user = show('', { weekStart })
    const month = await openCalendar(user)
    expect(within(month).getAllByRole('columnheader', { hidden: true })[0]?.textContent).toBe(first)
  })

  it('a day picked in the calendar is the day, and the calendar is gone', async () => {
    const user = show('2026-04-03')
    const month = await openCalendar(user)
    await user.click(within(month).getByRole('button', { name: /17 April 2026/ }))
    expect([held, field().value]).toEqual(['2026-04-17', '17 Apr 2026'])
    expect(screen.queryByRole('table')).toBeNull()
  })

  it('its calendar opens on the month of today, and offers no day that is not taken', async () => {
    const user = show('', {}, { max: today })
    const month = await openCalendar(user)
    const day = (name: RegExp) => within(month).getByRole<HTMLButtonElement>('button', { name })
    expect(day(/28 November 2026/).disabled).toBe(false)
    expect(day(/29 November 2026/).disabled).toBe(true)
  })
})
