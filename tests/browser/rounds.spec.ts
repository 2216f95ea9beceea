/** Rounds with codes and on paper. */
import { readRounds } from '../../src/app/rounds/readRounds'
import type { RoundId } from '../../src/core/rounds/round'
import { world } from './support/account'
import { heading, press, readBack, startBootBag } from './support/rounds'
import { expect, expectAccessible, open, PHONE, test } from './support/test'

test.use({ viewport: PHONE })

test('a label is scanned, learned and found again; a code that is wrong is refused', async ({
  page,
  account,
}) => {
  const roundId = await startBootBag(page)
  await press(page, 'Begin')
  // A pack that belongs elsewhere is told from the thing on the card.
  await press(page, 'Scan')
  await press(page, 'Practice label: Cetirizine 10 mg, 10 tablets')
  await expect(page.getByText('The code says that this is Cetirizine 10 mg')).toBeVisible()
  await press(page, 'Also here')
  await page.getByRole('dialog').getByRole('button', { name: 'Scan' }).click()
  await page.getByLabel('Type or scan into this field').fill('9520000000019')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('status').filter({ hasText: 'One digit is wrong' })).toBeVisible()
  await expectAccessible(page)
  await press(page, 'Practice label: Something the list does not know')
  await expect(page.getByText('This code is new')).toBeVisible()
  await expect(page.getByLabel('Batch')).toHaveValue('X1')
  await page.getByRole('combobox', { name: 'What is it?' }).fill('Cetirizine 10 mg')
  await page.keyboard.press('Escape')
  await page.getByLabel('How many', { exact: true }).fill('4')
  await press(page, 'Add it here')
  await expect
    .poll(
      async () =>
        (await readBack(account, roundId)).entries.filter(({ fact }) => fact.kind === 'found')
          .length,
    )
    .toBe(1)
  const { contents } = await readBack(account, roundId)
  const found = contents.pockets
    .flatMap(({ things }) => things)
    .find(({ title, batch }) => title === 'Cetirizine 10 mg' && batch === 'X1')
  expect(found).toMatchObject({ recorded: 4000, expiry: { kind: 'day', day: '2028-04-30' } })
  // The second time the code is known.
  await press(page, 'Also here')
  await page.getByRole('dialog').getByRole('button', { name: 'Scan' }).click()
  await press(page, 'Practice label: Something the list does not know')
  await expect(page.getByText('The code says: Cetirizine 10 mg')).toBeVisible()
})

test('a round on paper: the tally is printed, and entered line by line', async ({
  page,
  account,
}) => {
  await page.setViewportSize({ width: 1280, height: 800 })
  await open(page, '/rounds')
  await press(page, 'On paper: Boot bag')
  await expect(heading(page)).toHaveText('Round on paper: Boot bag')
  await page.getByRole('link', { name: 'Enter it' }).click()
  await expect(heading(page)).toHaveText('Enter a round from paper: Boot bag')
  await expectAccessible(page)
  const field = (column: string, line: number) =>
    page.getByRole('textbox', { name: new RegExp(`^${column}, ${line}, `) })
  await field('Found', 1).fill('five-ish')
  await expect(page.getByText('This is not a number')).toBeVisible()
  await field('Found', 1).fill('0')
  await field('Marks', 1).fill('U')
  await field('Found', 1).press('Enter')
  await expect(field('Found', 2)).toBeFocused()
  await field('Found', 2).fill('=')
  await field('Date read', 3).fill('=')
  await page.getByLabel('Who looked').fill('Grete')
  await page.getByLabel('On which day').fill('2026-11-25')
  await press(page, /^Save it to the record/)
  await expect(page.getByText(/^Signed by Grete/)).toBeVisible()
  await expect
    .poll(async () => (await readRounds(world(), account.caller)).finished.map(({ kit }) => kit))
    .toEqual(['Boot bag', 'Pannier pouch'])
  const { finished } = await readRounds(world(), account.caller)
  const round = await readBack(account, finished[0]?.round.id as RoundId)
  const looked = round.entries.filter(({ fact }) => fact.kind === 'looked')
  expect(looked.map(({ by, at }) => [by, at.slice(0, 10)])).toEqual([
    ['Grete', '2026-11-25'],
    ['Grete', '2026-11-25'],
    ['Grete', '2026-11-25'],
  ])
  const first = looked.find(({ fact }) => fact.kind === 'looked' && fact.look.gone === 'used')
  expect(first).toBeDefined()
})
