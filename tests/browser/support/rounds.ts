/** Going through a round as a person does, for the tests of rounds. */
import { expect, type Page } from '@playwright/test'
import { readRound } from '../../../src/app/rounds/readRounds'
import type { Contents } from '../../../src/core/rounds/contents'
import type { RoundId } from '../../../src/core/rounds/round'
import { type Account, world } from './account'
import { open } from './test'

export const heading = (page: Page) => page.getByRole('heading', { level: 1 })
export const press = (page: Page, name: string | RegExp) =>
  page.getByRole('button', { name, exact: typeof name === 'string' }).click()
export const next = (page: Page) => page.locator('button[type="submit"]').last().click()

/** The id in the address of the round. */
export const roundOf = (page: Page): RoundId =>
  (new URL(page.url()).searchParams.get('id') ?? '') as RoundId

export async function startBootBag(page: Page): Promise<RoundId> {
  await open(page, '/rounds')
  await press(page, /^Start: Boot bag/)
  await expect(heading(page)).toHaveText('Take out Outer pocket')
  return roundOf(page)
}

/** How many things of the round are answered. */
export const answeredSoFar = async (page: Page): Promise<number> =>
  Number(await page.getByRole('progressbar').getAttribute('aria-valuenow'))

/** Presses next, and waits until the answer is taken. */
export async function answer(page: Page): Promise<void> {
  const before = await answeredSoFar(page)
  await next(page)
  await expect.poll(() => answeredSoFar(page)).toBe(before + 1)
}

/** Answers what is on the card as it is recorded, until the pocket is gone through. */
export async function throughPocket(page: Page, pocket: string): Promise<void> {
  while ((await heading(page).textContent()) !== `${pocket} is done`) await answer(page)
}

/** Takes the pocket out and has its first thing on the card. */
export async function begin(page: Page): Promise<string> {
  await press(page, 'Begin')
  await expect(heading(page)).not.toHaveText(/^Take out /)
  return (await heading(page).textContent()) ?? ''
}

export const readBack = async (account: Account, roundId: RoundId) => {
  const { entries, round, contents } = await readRound(world(), account.caller, roundId)
  return { entries, round, contents: contents as Contents }
}
