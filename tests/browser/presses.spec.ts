/**
 * How many presses the jobs of every day take, by touch on a phone and by keyboard at a desk. Fields are
 * not counted. From an account to the lid sheet: begin.spec.ts.
 */
import type { Page } from '@playwright/test'
import { readKits } from '../../src/app/kits/readKits'
import { world } from './support/account'
import { byKeyboard, byTouch, type Hand } from './support/hand'
import { expect, open, PHONE, said, test, usable } from './support/test'

const main = (page: Page) => page.getByRole('main')
const button = (page: Page, name: string | RegExp) =>
  main(page)
    .getByRole('button', { name, exact: typeof name === 'string' })
    .first()

/** Opens "More", where a phone has it and a desk does. */
const more = (page: Page) => page.locator('summary').filter({ hasText: 'More' }).first()
const inMore = (page: Page, name: string) =>
  page.getByRole('navigation').getByRole('link', { name, exact: true })

interface Job {
  readonly name: string
  readonly most: number
  /** @returns presses for what there was more (or less) of than the job speaks of */
  readonly does: (page: Page, hand: Hand, kitId: (name: string) => string) => Promise<unknown>
}

/** In a household of two places: what is proposed to buy is accepted, bought and put away. */
const ACCEPTED: Job = {
  name: 'what is proposed is accepted, bought and put away',
  most: 10,
  does: async (page, { press }) => {
    await page.goto('/restock')
    await press(button(page, /^Make (?:the list|it again)$/))
    await expect(said(page)).toContainText('put on the list')
    await press(page.getByRole('checkbox', { name: 'In the bag: Gauze' }))
    await press(button(page, 'Put away: Gauze'))
    const dialog = page.getByRole('dialog')
    await dialog.getByLabel('Printed date').fill('12/2029')
    await press(dialog.getByRole('button', { name: 'Put away' }))
    await press(page.getByRole('button', { name: 'No label' }))
    await expect(page.getByRole('dialog')).toHaveCount(0)
  },
}

const JOBS: readonly Job[] = [
  {
    name: 'what expired is thrown away',
    most: 1,
    does: async (page, { press }) => {
      const errand = page.getByRole('listitem').filter({ hasText: 'Children’s cough syrup' })
      await page
        .getByRole('link', { name: /^Row house/ })
        .first()
        .click()
      await usable(page)
      await press(errand.getByRole('button', { name: /^Done/ }))
      await expect(said(page)).toContainText('thrown away')
    },
  },
  {
    name: 'something is used',
    most: 3,
    does: async (page, { press }, kitId) => {
      await open(page, `/kits/${kitId('Pantry roll')}`)
      await press(page.locator('[data-tag]').filter({ hasText: 'Gauze 7.5 cm' }).first())
      const panel = page.getByRole('complementary').filter({ hasText: 'Gauze' })
      await press(panel.getByRole('button', { name: /^Use some/ }))
      await panel.getByLabel('How many', { exact: true }).fill('2')
      await press(panel.getByRole('button', { name: 'Use', exact: true }))
      await expect(said(page)).toContainText('Gauze 7.5 cm used')
    },
  },
  {
    name: 'an incident begins, with what to do',
    most: 3,
    does: async (page, { press }) => {
      await press(page.getByRole('link', { name: 'Something happened' }))
      await press(page.getByRole('button', { name: 'Runa', exact: true }))
      await press(page.getByRole('button', { name: 'Fever', exact: true }))
      await expect(page.getByText(/^began/)).toBeVisible()
    },
  },
  {
    name: 'a dose is worked out and given',
    most: 4,
    does: async (page, { press }) => {
      await press(page.getByRole('link', { name: /^Doses/ }).first())
      await press(button(page, 'Runa'))
      await press(button(page, /^Pain and fever Acetaminophen liquid/))
      await press(button(page, /^Given: /))
      await expect(main(page)).toContainText(/Given at|not before/)
    },
  },
  {
    name: 'what the vet said is written down',
    most: 12,
    does: async (page, { press }) => {
      await press(page.getByRole('link', { name: /^Doses/ }).first())
      await press(main(page).getByRole('link', { name: 'Dose cards' }))
      await press(button(page, 'Write down a rule'))
      await press(button(page, 'Bracken'))
      await page
        .getByRole('combobox', { name: 'Active ingredient' })
        .pressSequentially('cetirizine')
      await page.keyboard.press('Tab')
      await page.getByLabel('Strength as printed').fill('10 mg')
      await page.getByLabel('Amount', { exact: true }).fill('5 mg')
      await page.getByLabel('Again after, hours').fill('12')
      await page.getByLabel('Most doses in 24 hours').fill('2')
      await page.getByLabel('For what').fill('Sting with swelling')
      await page.getByLabel('Name', { exact: true }).fill('Dr Fenwick')
      await press(button(page, 'Write it down'))
      await expect(page.getByRole('heading', { name: 'cetirizine', exact: true })).toBeVisible()
    },
  },
  {
    name: 'a list is imported',
    most: 15,
    does: async (page, { press }) => {
      await press(more(page))
      await press(inMore(page, 'Import a list'))
      // What is typed before the page's script has taken over is not in its form.
      await page.waitForURL('**/bring-in')
      await page.waitForLoadState()
      await usable(page)
      await page
        .getByLabel('or paste it here')
        .fill('Item;How many;Expiry;Place;Kit;Pocket\nSplints;3;none;Row house;Hall drawers;Lid')
      await press(button(page, 'Read it'))
      await press(button(page, 'I have just counted everything'))
      const confirm = button(page, /^Import 1 line$/)
      if (!(await confirm.isEnabled())) {
        await press(button(page, 'Needs you'))
        await press(button(page, /^(?:New pocket|Make)/))
      }
      await press(confirm)
      await expect(page.getByRole('heading', { level: 1 })).toContainText('imported')
    },
  },
  {
    name: 'a round of eight things in one pocket is done and signed',
    most: 14,
    does: async (page, { press }, kitId) => {
      await press(page.getByRole('link', { name: /^Kits/ }).first())
      await press(main(page).getByRole('link', { name: 'Rounds' }))
      await page.goto(`/rounds?kit=${kitId('Pannier pouch')}`)
      await press(button(page, 'Start: Pannier pouch'))
      const next = page.getByRole('button', { name: /^(?:Next|Taken out|It is here) then/ })
      const putBack = page.getByRole('button', { name: /^Put / })
      const begin = page.getByRole('button', { name: 'Begin' })
      let things = 0
      let pockets = 0
      for (;;) {
        await next
          .or(putBack)
          .or(begin)
          .or(page.getByRole('button', { name: 'Sign off' }))
          .first()
          .waitFor()
        if (await begin.isVisible()) {
          await press(begin)
          await expect(begin).toHaveCount(0)
        } else if (await next.isVisible()) {
          const title = await page.getByRole('heading', { level: 1 }).textContent()
          things++
          await press(next)
          await expect(page.getByRole('heading', { level: 1 })).not.toHaveText(title ?? '')
        } else if (await putBack.isVisible()) {
          pockets++
          await press(putBack)
          await expect(putBack).toHaveCount(0)
        } else break
      }
      await press(page.getByRole('button', { name: 'Sign off' }))
      await expect(page.getByText(/^Signed by/)).toBeVisible()
      expect(things).toBeGreaterThan(2)
      return things - 8 + 2 * (pockets - 1)
    },
  },
  {
    name: 'a lid sheet is printed',
    most: 2,
    does: async (page, { press }, kitId) => {
      await open(page, `/kits/${kitId('Pannier pouch')}`)
      // The browser asks for the printer here, and waits; that is not ours to count.
      await page.addInitScript(() => {
        window.print = () => document.body.setAttribute('data-printed', 'true')
      })
      await press(main(page).getByRole('link', { name: 'Lid sheet' }))
      await press(page.getByRole('button', { name: 'Print', exact: true }))
      await expect(page.locator('body')).toHaveAttribute('data-printed', 'true')
    },
  },
  {
    name: 'something is found',
    most: 1,
    does: async (page, { press }) => {
      await press(page.getByRole('button', { name: /^Find anything/ }).filter({ visible: true }))
      await page.getByRole('combobox', { name: 'Find anything' }).fill('tweezers')
      await expect(page.getByRole('option').first()).toContainText('weezers')
    },
  },
  {
    name: 'everything is saved as a file',
    most: 2,
    does: async (page, { press }) => {
      await press(more(page))
      const file = page.waitForEvent('download')
      await press(inMore(page, 'Save everything as a file'))
      expect((await file).suggestedFilename()).toMatch(/\.zip$/)
    },
  },
]

const counted = ({ name, most, does }: Job): void => {
  const job = async (page: Page, hand: Hand, kitId: (name: string) => string) => {
    await open(page, '/')
    const more = await does(page, hand, kitId)
    expect(hand.presses() - (typeof more === 'number' ? more : 0)).toBeLessThanOrEqual(most)
    expect(hand.presses()).toBeGreaterThan(0)
  }
  const kitOf = async (account: { caller: Parameters<typeof readKits>[1] }) => {
    const { kits } = await readKits(world(), account.caller)
    return (wanted: string) => kits.find((one) => one.name === wanted)?.id ?? ''
  }
  test.describe('by touch', () => {
    test.use({ hasTouch: true, viewport: PHONE })
    test(`${name}: at most ${most}, by touch`, async ({ page, account }) => {
      await job(page, byTouch(page), await kitOf(account))
    })
  })
  test(`${name}: at most ${most}, by keyboard`, async ({ page, account }) => {
    await job(page, byKeyboard(page), await kitOf(account))
  })
}

for (const job of JOBS) counted(job)
test.describe('with two places', () => {
  test.use({ stock: 'two places' })
  counted(ACCEPTED)
})
