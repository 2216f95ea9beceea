/** Nights and benches as a person goes through them, and what the record says of it afterwards. */
import { expect, type Page } from '@playwright/test'
import { readCare } from '../../../src/app/care/readCare'
import { readStockList } from '../../../src/app/stock/readStockList'
import type { CareEntry, Incident, IncidentId } from '../../../src/core/incident/entry'
import { type Timeline, timelineOf } from '../../../src/core/incident/timeline'
import { type Account, world } from './account'

export const press = (page: Page, name: string | RegExp) =>
  page
    .getByRole('button', { name, exact: typeof name === 'string' })
    .first()
    .click()

export const incidentOf = (page: Page): IncidentId =>
  (new URL(page.url()).searchParams.get('id') ?? '') as IncidentId

/** The incident as the server knows it. */
export async function lineOnServer(account: Account, id: IncidentId): Promise<Timeline> {
  const { incidents, entries } = await readCare(world(), account.caller)
  const incident = incidents.find((one) => one.id === id) as unknown as Incident
  return timelineOf(
    incident,
    (entries as unknown as CareEntry[]).filter(({ incidentId }) => incidentId === id),
  )
}

/** Thousandths of an item that lie anywhere. */
export async function stockOf(account: Account, name: string): Promise<number> {
  const { rows } = await readStockList(world(), account.caller)
  return rows
    .filter(({ title }) => title.startsWith(name))
    .reduce((sum, row) => sum + Number(row.amount), 0)
}

/** How far the face of a drawn plunger stands from the mark of its volume, in pixels of the screen. */
export async function plungerOff(page: Page): Promise<number> {
  const drawing = page.locator('svg[data-volume]').first()
  await expect(drawing).toBeVisible()
  return drawing.evaluate((svg) => {
    const volume = Number(svg.getAttribute('data-volume'))
    const left = (element: Element): number => {
      const box = element.getBoundingClientRect()
      return box.left + (element.tagName === 'line' ? box.width / 2 : 0)
    }
    const marks = [...svg.querySelectorAll('[data-microlitres]')].map((mark) => ({
      volume: Number(mark.getAttribute('data-microlitres')),
      at: left(mark),
    }))
    const first = marks.at(0)
    const last = marks.at(-1)
    const plunger = svg.querySelector('[data-plunger]')
    if (!first || !last || !plunger) return Number.NaN
    const at = first.at + ((last.at - first.at) * volume) / last.volume
    return Math.abs(left(plunger) - at)
  })
}
