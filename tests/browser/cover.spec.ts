/** Members, the catalogue and cover: whole jobs on the demo household and on one built by hand. */
import type { Page } from '@playwright/test'
import { readCover } from '../../src/app/cover/readCover'
import { type Account, world } from './support/account'
import { expect, expectAccessible, open, said, test, usable } from './support/test'

const memberNamed = async (account: Account, name: string) => {
  const { members } = await readCover(world(), account.caller)
  const member = members.find((one) => one.name === name)
  if (!member) throw new Error(`The demo has no ${name}`)
  return member
}
const cell = (page: Page, label: string | RegExp) => page.getByRole('button', { name: label })

test.describe('the board', () => {
  test('a cell explains itself in place, and what would close it', async ({ page }) => {
    await open(page, '/cover')
    await expect(page.getByRole('heading', { level: 1 })).toContainText(/Row house/)
    await cell(page, 'Asthma attack, Ned: nothing').click()
    const detail = page.getByRole('region', { name: 'Asthma attack, Ned' })
    await expect(detail).toContainText('Call the emergency number first')
    await expect(detail).toContainText(/Reliever inhaler × 10.*missing/)
    await expect(detail).toContainText(/bring Reliever inhaler 100 µg from/i)
    await expectAccessible(page)
    await cell(page, 'Chest pain, Tove: held back').click()
    await expect(page.getByRole('region', { name: 'Chest pain, Tove' })).toContainText(
      'not with a blood thinner',
    )
    await page.keyboard.press('Escape')
    await expect(page.getByRole('region', { name: 'Chest pain, Tove' })).toHaveCount(0)
  })

  test('every toggle judges the whole board again', async ({ page }) => {
    await open(page, '/cover')
    await expect(cell(page, 'Small cut, Ilse: ready')).toBeVisible()
    await page.getByRole('button', { name: 'Hall drawers' }).click()
    await expect(cell(page, 'Small cut, Ilse: ready')).toHaveCount(0)
    await page.getByRole('button', { name: 'Hall drawers' }).click()
    await expect(cell(page, 'Small cut, Ilse: ready')).toBeVisible()

    await page.getByRole('combobox', { name: 'Without' }).click()
    await page.getByRole('option', { name: 'Breathing barrier' }).click()
    await expect(cell(page, 'Not breathing, Ilse: nothing')).toBeVisible()
    await page.getByRole('button', { name: 'Bring back Breathing barrier' }).click()
    await expect(cell(page, 'Not breathing, Ilse: ready')).toBeVisible()

    await page.getByLabel('On', { exact: true }).fill('2030-01-01')
    await expect(cell(page, 'Fever and pain, Ilse: held back')).toBeVisible()
    await page.getByRole('button', { name: 'As it is today' }).click()
    await expect(cell(page, 'Fever and pain, Ilse: ready')).toBeVisible()

    // Whoever is taught leaves: what only they may use no longer counts.
    await expect(cell(page, 'Severe bleeding of a limb, Ned: ready')).toBeVisible()
    await page.getByRole('button', { name: 'Tove', exact: true }).click()
    await expect(cell(page, 'Severe bleeding of a limb, Ned: plan B')).toBeVisible()
  })

  test('narrows to a place from the strap, to the gaps, and to kits', async ({ page }) => {
    await open(page, '/cover')
    await page.getByRole('navigation', { name: 'Places' }).getByText('Hill cottage').click()
    await expect(page).toHaveURL(/place=/)
    await usable(page)
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Hill cottage')
    await page.getByRole('button', { name: 'Only gaps' }).click()
    await expect(cell(page, 'Hole in the chest, Ilse: plan B')).toHaveCount(0)
    await page.getByRole('button', { name: 'Only gaps' }).click()
    await page.getByRole('button', { name: 'Kits', exact: true }).click()
    await expect(page.getByRole('columnheader', { name: 'Pantry roll' })).toBeVisible()
    await expectAccessible(page)
  })

  test('is walked with the arrows', async ({ page }) => {
    await open(page, '/cover')
    const first = cell(page, 'Severe bleeding of a limb, Grete: ready')
    await first.focus()
    await page.keyboard.press('ArrowRight')
    await expect(cell(page, 'Severe bleeding of a limb, Tove: ready')).toBeFocused()
    await page.keyboard.press('ArrowDown')
    await expect(cell(page, 'Heavy bleeding, Tove: ready')).toBeFocused()
    await page.keyboard.press('Enter')
    await expect(page.getByRole('region', { name: 'Heavy bleeding, Tove' })).toBeVisible()
  })

  test('follows the school that the household chooses, with its caution', async ({ page }) => {
    await open(page, '/settings')
    await page.getByText('See the questions').click()
    await page.getByRole('combobox', { name: 'Tourniquet' }).click()
    await page.getByRole('option', { name: 'Two windlass types' }).click()
    await expect(said(page)).toContainText(/saved|added|removed/)
    await open(page, '/cover')
    await cell(page, 'Severe bleeding of a limb, Ilse: plan B').click()
    await expect(page.getByRole('region', { name: /Severe bleeding/ })).toContainText(
      'Write the time down; do not loosen it.',
    )
  })
})

test('a sitter who is shown one thing has one link less', async ({ page }) => {
  await open(page, '/cover/evening')
  const links = page.getByRole('listitem').filter({ hasText: 'Not breathing' })
  // Any first aid course serves a mask; without one it is shown.
  await expect(links).toHaveCount(0)
  await page.getByRole('button', { name: 'First aid course' }).click()
  await expect(links).toContainText('Show the sitter: rescue breaths')
  await page.getByRole('button', { name: 'Rescue breaths and chest compressions' }).click()
  await expect(links).toHaveCount(0)
  await page.getByRole('button', { name: 'Grete', exact: true }).click()
  await expect(page.getByRole('listitem').filter({ hasText: 'Chest pain' })).toHaveCount(0)
  await expectAccessible(page)
})

test('what is not matched is confirmed, declared plain, or overruled with a reason', async ({
  page,
}) => {
  await open(page, '/cover/items')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('One thing waits for your word')
  await page.getByRole('button', { name: 'Antihistamine, Bracken: Cetirizine 10 mg' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Every thing is known')
  await page.locator('summary').filter({ hasText: 'Acetaminophen liquid' }).click()
  await page.getByRole('button', { name: 'Change: Acetaminophen liquid 160 mg/5 mL' }).click()
  await page.getByRole('combobox', { name: 'Contains, as your label says' }).press('Backspace')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(said(page)).toContainText('Say why yours does not')
  await page.getByLabel('Why, on whose word').fill('The label names sorbitol only')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('The label names sorbitol only')).toBeVisible()
  await expectAccessible(page)
})

test.describe('a member', () => {
  test('an allergy that is written down changes the board', async ({ page, account }) => {
    await open(page, '/cover')
    await expect(cell(page, 'Small cut, Ned: ready')).toBeVisible()
    const ned = await memberNamed(account, 'Ned')
    await open(page, `/members/${ned.id}`)
    const facts = page.getByRole('region', { name: 'Facts' })
    await facts.getByRole('button', { name: 'Change' }).click()
    await facts.getByRole('combobox', { name: 'Allergies' }).fill('adhesive')
    await page.keyboard.press('Enter')
    await facts.getByRole('button', { name: 'Save' }).click()
    await expect(facts).toContainText('nuts, adhesive')
    await open(page, '/cover')
    await expect(cell(page, 'Small cut, Ned: held back')).toBeVisible()
  })

  test('a weight that cannot be is refused, one that jumps is asked about', async ({
    page,
    account,
  }) => {
    const bracken = await memberNamed(account, 'Bracken')
    await open(page, `/members/${bracken.id}`)
    const weight = page.getByRole('region', { name: 'Weight' })
    const note = weight.getByRole('button', { name: 'Note a weight' })
    await expect(weight.locator('svg').first()).toBeVisible()
    await weight.getByLabel('Weight in kg').fill('1340')
    await note.click()
    await expect(weight).toContainText('Look at the unit and the comma')
    await expect(weight.getByLabel('Weight in kg')).toBeFocused()
    await weight.getByLabel('Weight in kg').fill('31,4')
    await note.click()
    await expect(weight).toContainText('Weigh again, or say that you are sure')
    await expect(said(page)).toBeEmpty()
    await weight.getByLabel('Weight in kg').fill('13,2')
    await note.click()
    await expect(weight).toContainText('13.2 kg, weighed 26 Nov 2026')
    await weight.getByText('All weights').click()
    await weight.getByRole('button', { name: 'Remove: 26 Nov 2026' }).click()
    await expect(weight).toContainText('13.4 kg, weighed')
    await expectAccessible(page)
  })

  test('a leftover waits for the prescriber’s word; a course says that it will not finish', async ({
    page,
    account,
  }) => {
    const moth = await memberNamed(account, 'Moth')
    await open(page, `/members/${moth.id}`)
    const medicines = page.getByRole('region', { name: 'Medicines' })
    const old = medicines.getByRole('listitem').filter({ hasText: 'left over 5 mg' })
    await expect(old).toContainText('on hold until the prescriber says')
    await old.getByRole('button', { name: /Prescriber’s word/ }).click()
    await old.getByLabel('What was said').fill('Keep two for the holidays')
    await old.getByRole('button', { name: 'Save' }).click()
    await expect(old).toContainText('Dr Fenwick, 26 Nov 2026: “Keep two for the holidays”')

    await medicines.getByRole('button', { name: 'Add a prescription' }).click()
    const form = medicines.getByRole('form', { name: 'Add a prescription' })
    await form.getByRole('combobox', { name: 'Item' }).click()
    // Ned's injectors and Tove's tablets are prescribed: they are not on offer for a cat.
    await expect(page.getByRole('option', { name: /Apixaban/ })).toHaveCount(0)
    await page.getByRole('option', { name: 'Styptic powder' }).click()
    await form.getByLabel('On an ordinary day').fill('some')
    await page.keyboard.press('Tab')
    await expect(form).toContainText('Give an amount such as')
    await form.getByLabel('On an ordinary day').fill('½')
    await form.getByLabel('Last day').fill('2026-12-20')
    await form.getByRole('button', { name: 'Add a prescription' }).click()
    await expect(medicines).toContainText(/will not finish: .* missing from/)
    const styptic = medicines.getByRole('listitem').filter({ hasText: 'Styptic powder' })
    await styptic.getByRole('button', { name: 'Change: Styptic powder' }).click()
    await expect(styptic.getByLabel('On an ordinary day')).toHaveValue('½')
    await styptic.getByLabel('On an ordinary day').fill('½ bottle')
    await styptic.getByRole('button', { name: 'Save' }).click()
    await expect(styptic).toContainText('It is counted in tin, not in bottle.')
    await styptic.getByLabel('On an ordinary day').fill('0.05')
    await styptic.getByLabel('Last day').fill('2026-11-30')
    await styptic.getByRole('button', { name: 'Save' }).click()
    await expect(styptic).toContainText('will finish; 5 days to go')
    await expectAccessible(page)
  })

  test('the sheet prints with private data and without', async ({ page, account }) => {
    const ned = await memberNamed(account, 'Ned')
    await open(page, `/members/${ned.id}`)
    await expect(page.getByText('Known anaphylaxis').first()).toBeVisible()
    await page.getByLabel('With private data').uncheck()
    // What a sitter may know: that a thing is not for him, not why.
    await expect(page.getByText('Known anaphylaxis')).toHaveCount(0)
    await expect(page.getByText('cannot swallow tablets')).toHaveCount(0)
    await expect(page.getByText(/not for Ned/).first()).toBeVisible()
    const grete = await memberNamed(account, 'Grete')
    await open(page, `/members/${grete.id}`)
    await expect(page.getByRole('region', { name: 'Medicines' })).toBeVisible()
    await expect(page.getByText('high blood pressure, kidney disease')).toBeVisible()
    await page.getByLabel('With private data').uncheck()
    await expect(page.getByRole('region', { name: 'Medicines' })).toHaveCount(0)
    await expect(page.getByText('high blood pressure, kidney disease')).toHaveCount(0)
    await page.emulateMedia({ media: 'print' })
    await expect(page.getByText('Whom to call')).toBeVisible()
    await expect(page.getByRole('navigation', { name: 'Places' })).toBeHidden()
    await expect(page.getByText('Note a weight')).toBeHidden()
  })

  test('a photo is made small and kept', async ({ page, account }) => {
    const pip = await memberNamed(account, 'Pip')
    await open(page, `/members/${pip.id}`)
    const chooser = page.getByLabel('Change photo: Pip')
    await chooser.setInputFiles({
      name: 'notes.txt',
      mimeType: 'image/png',
      buffer: Buffer.from('no picture'),
    })
    await expect(page.getByRole('alert')).toContainText('could not be read')
    await chooser.setInputFiles('docs/screenshots/watch.png')
    await expect(page.getByRole('img', { name: 'Pip' })).toBeVisible()
    await page.reload()
    await expect(page.getByRole('img', { name: 'Pip' })).toBeVisible()
  })

  test('a guest is made in three facts and judged at once', async ({ page }) => {
    await open(page, '/household')
    await page.getByRole('button', { name: 'Add a guest' }).click()
    const form = page.getByRole('form', { name: 'Add a guest' })
    await form.getByLabel('Name').fill('Wren')
    await form.getByRole('combobox', { name: 'Person or animal' }).click()
    await page.getByRole('option', { name: 'rabbit' }).click()
    await form.getByLabel(/Weight in kg/).fill('2.1')
    await form.getByRole('button', { name: 'Add', exact: true }).click()
    await expect(page.getByText('rabbit · guest until 28 Nov 2026')).toBeVisible()
    await open(page, '/cover')
    await expect(page.getByRole('columnheader', { name: 'Wren' })).toBeVisible()
    await expect(cell(page, /Does not eat, Wren/)).toBeVisible()
  })
})

test.describe('an empty household', () => {
  test.use({ stock: 'nothing' })
  test('two adults, a baby, a dog, a home and a car get their lists and a readable board', async ({
    page,
  }) => {
    const began = Date.now()
    await open(page, '/cover')
    await expect(page.getByText('Add a place first.')).toBeVisible()
    await expect(page.getByRole('link', { name: 'Add a place' })).toHaveAttribute(
      'href',
      '/begin?step=places',
    )
    await open(page, '/kits')
    for (const name of ['Home', 'Car']) {
      await page.getByRole('button', { name: 'Add a place' }).click()
      await page.getByRole('dialog').getByLabel('Name').fill(name)
      await page.getByRole('dialog').getByRole('button', { name: 'Add' }).click()
      await expect(page.getByRole('heading', { level: 2, name })).toBeVisible()
    }
    await open(page, '/household')
    await page
      .getByRole('region', { name: 'People and animals' })
      .getByRole('button', { name: 'Add', exact: true })
      .click()
    const form = page.getByRole('form', { name: 'Add a member' })
    for (const [name, species, born, kg] of [
      ['Ada', 'person', '1990-04-01', ''],
      ['Bo', 'person', '1988-09-12', ''],
      ['Cleo', 'person', '2026-03-01', '8.2'],
      ['Fig', 'dog', '2020-06-01', '14'],
    ] as const) {
      await form.getByLabel('Name').fill(name)
      await form.getByRole('combobox', { name: 'Person or animal' }).click()
      await page.getByRole('option', { name: species, exact: true }).click()
      await form.getByLabel('Born').fill(born)
      if (kg) await form.getByLabel(/Weight in kg/).fill(kg)
      await form.getByRole('button', { name: 'Add', exact: true }).click()
      await expect(page.getByRole('link', { name, exact: true })).toBeVisible()
    }
    await open(page, '/cover/lists')
    for (const place of ['Home', 'Car']) {
      await page.getByRole('group', { name: 'Where' }).getByRole('button', { name: place }).click()
      await page.getByRole('button', { name: 'Add a kit' }).click()
      await expect(page.getByRole('button', { name: /Accept all/ })).toBeVisible()
      if (place === 'Home') {
        // One line is overruled with its reason; the rest is accepted.
        await page.getByRole('button', { name: /^Leave out: Petroleum jelly/ }).click()
        await page.getByLabel('Why not?').fill('Her skin does not bear it')
        await page.getByRole('button', { name: 'Leave it out' }).click()
        await expect(page.getByText('One line decided').first()).toBeVisible()
        await expectAccessible(page)
      }
      await page.getByRole('button', { name: /Accept all/ }).click()
      await expect(page.getByRole('heading', { level: 1 })).toContainText(
        `Every proposed line for ${place} is decided`,
      )
    }
    await page
      .getByText(/lines? decided/)
      .last()
      .click()
    await open(page, '/restock')
    await page.getByRole('button', { name: 'Make the list' }).click()
    await expect(page.getByText('Nappies for a day').first()).toBeVisible({})
    await open(page, '/cover')
    for (const name of ['Ada', 'Bo', 'Cleo', 'Fig'])
      await expect(page.getByRole('columnheader', { name })).toBeVisible()
    await expect(cell(page, 'Heavy bleeding, Cleo: nothing')).toBeVisible()
    await expectAccessible(page)
    expect(Date.now() - began).toBeLessThan(5 * 60_000)
  })
})

test('a question is typed, answered on one page, and asked for another place and day', async ({
  page,
}) => {
  await open(page, '/')
  await usable(page)
  await page.keyboard.press('/')
  await page.getByRole('combobox', { name: 'Find anything' }).fill('asthma ned')
  await page.getByRole('option', { name: /Asthma attack: Ned/ }).waitFor()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    'Asthma attack, Ned, Row house: nothing',
  )
  await expect(page.getByRole('main')).toContainText('Call the emergency number first')
  await expect(page.getByRole('region', { name: 'At the other places' })).toContainText(
    'Hill cottage: ready',
  )
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Hill cottage', exact: true }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    'Asthma attack, Ned, Hill cottage: ready',
  )
  await page.getByLabel('On', { exact: true }).fill('2031-01-01')
  await expect(page.getByRole('heading', { level: 1 })).not.toContainText('ready')
})

test('what is not kept ready is left out with its reason, and the figure follows', async ({
  page,
}) => {
  await open(page, '/cover')
  const figure = page.getByRole('navigation', { name: 'Places' }).getByRole('link', {
    name: /ready: Row house/,
  })
  const before = await figure.textContent()
  await cell(page, 'Chest pain, Tove: held back').click()
  const detail = page.getByRole('region', { name: 'Chest pain, Tove' })
  await detail.getByRole('button', { name: 'Not needed here' }).click()
  await detail.getByRole('button', { name: 'Leave it out' }).click()
  await expect(detail.getByLabel('Why not')).toBeFocused()
  await detail.getByLabel('Why not').fill('Her doctor said: call, no aspirin')
  await expect(detail.getByRole('button', { name: 'Only for Tove' })).toHaveAttribute(
    'aria-pressed',
    'true',
  )
  await detail.getByRole('button', { name: 'For everybody here' }).click()
  await detail.getByRole('button', { name: 'Leave it out' }).click()
  await expect(said(page)).toContainText('Chest pain is left out here')
  await expect(cell(page, 'Chest pain, Tove: held back')).toHaveCount(0)
  await expect(figure).not.toHaveText(before ?? '')
  const left = page.getByRole('region', { name: 'Not kept ready here' })
  await expect(left).toContainText('Her doctor said: call, no aspirin')
  await expectAccessible(page)
  await left.getByRole('button', { name: /^Keep it ready again/ }).click()
  await expect(left).toHaveCount(0)
  await expect(figure).toHaveText(before ?? '')
})
