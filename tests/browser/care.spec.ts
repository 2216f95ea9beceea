/** A night with a feverish child and a stung dog on two phones; and the bench at a desk. */
import { inflateSync } from 'node:zlib'
import { aHelper } from './support/account'
import { incidentOf, lineOnServer, plungerOff, press, stockOf } from './support/care'
import { kept } from './support/kept'
import {
  expect,
  expectAccessible,
  expectFits,
  expectLegible,
  open,
  PHONE,
  test,
} from './support/test'

test.describe('a night', () => {
  test.use({ serviceWorkers: 'allow', viewport: PHONE })

  test('a feverish child, a stung dog, two phones, and a connection that fails', async ({
    page,
    context,
    account,
    browser,
  }) => {
    page.setDefaultTimeout(15_000)
    await open(page, '/')
    await kept(page)
    const syrup = await stockOf(account, 'Acetaminophen liquid')

    // Two presses from anywhere: the clock runs and the numbers stand on top.
    await page.getByRole('link', { name: 'Something happened' }).click()
    await press(page, 'Runa')
    await expect(page.getByRole('link', { name: /Poison line 555-0122/ })).toBeVisible()
    await expect(page.getByText(/^began/)).toBeVisible()
    await expectAccessible(page)
    await press(page, 'Fever')
    const fever = incidentOf(page)
    await press(page, 'Timer')
    await page.getByLabel('What to look at').fill('Is Runa asleep?')
    await page.getByLabel('Minutes').fill('1')
    await press(page, 'Set')

    // Somebody else opens the same incident.
    const tove = await aHelper(account, 'Tove')
    const theirs = await browser.newContext({ viewport: PHONE, locale: 'en-GB' })
    await theirs.addCookies([{ ...tove.cookie, url: new URL(page.url()).origin }])
    const other = await theirs.newPage()
    other.setDefaultTimeout(15_000)
    await other.goto('/incident')
    await other.getByRole('link', { name: /Runa: Fever/ }).click()
    await expect(other.getByText('Is Runa asleep?').first()).toBeVisible()

    // The connection fails. What is noted is kept on the phone.
    await context.setOffline(true)
    await press(page, 'Reading')
    await page.getByLabel('Temperature').fill('102')
    await expect(page.getByText('Nobody has that. In °F it fits.')).toBeVisible()
    await page.getByLabel('Temperature').fill('39.4')
    await press(page, 'Note it')
    await expect(page.getByText('Temperature 39.4 °C, ear')).toBeVisible()
    await press(page, 'Dose')
    await press(page, /^Acetaminophen liquid/)
    await expect(
      page.getByRole('heading', { name: /Runa, 11.4 kg, weighed 170 days ago/ }),
    ).toBeVisible()
    await expectFits(page)
    expect(await plungerOff(page)).toBeLessThan(0.75)
    await press(page, 'Given: 5 mL')
    await expect(page.getByText(/waits on this device/).first()).toBeVisible()
    // Its clock runs here as well: the phone itself says not before.
    await press(page, 'Dose')
    await press(page, /^Acetaminophen liquid/)
    await expect(page.getByText(/Given at .* by Ilse: not before/)).toBeVisible()
    await expect(page.getByRole('button', { name: 'Given: 5 mL' })).toHaveCount(0)
    await press(page, 'Back')
    await page.waitForTimeout(3200)

    // Meanwhile the other phone, which cannot know, gives it too.
    await press(other, 'Dose')
    await press(other, /^Acetaminophen liquid/)
    await press(other, 'Given: 5 mL')
    await expect(other.getByText(/^Acetaminophen liquid: 5 mL/)).toBeVisible()

    // Both stand in the record, and both phones say so.
    await context.setOffline(false)
    for (const phone of [page, other])
      await expect(phone.getByText(/^Too much or too soon/)).toBeVisible({})
    const twice = await lineOnServer(account, fever)
    expect(
      twice.entries
        .filter(({ fact }) => fact.kind === 'dose')
        .map(({ by, beyond }) => [by, beyond.map(({ code }) => code)]),
    ).toEqual([
      ['Ilse', []],
      ['Tove', ['interval_not_over']],
    ])
    // It was spat out at once: struck out, and the bottle is as before.
    await other
      .getByRole('listitem')
      .filter({ hasText: 'by Tove' })
      .getByRole('button', { name: /^Strike out: Acetaminophen/ })
      .click()
    for (const phone of [page, other])
      await expect(phone.getByText(/^Too much or too soon/)).toHaveCount(0)

    await expect(page.getByText('Acetaminophen liquid: may be given again')).toBeVisible()

    // The dog comes in, stung. No number without its vet.
    await page.goto('/incident')
    await press(page, /^Bracken/)
    await press(page, 'Sting or bite')
    const sting = incidentOf(page)
    await press(page, 'Dose')
    await expect(
      page.getByText(/^The vet has agreed to something for Bracken in words/),
    ).toBeVisible()
    await expect(page.getByText('13.4 kg', { exact: false })).toBeVisible()
    await expect(page.getByRole('button', { name: /^Given/ })).toHaveCount(0)
    await press(page, 'Back')
    await press(page, 'Called')
    await press(page, /^Dr Fenwick/)
    await press(page, 'Reading')
    for (let breath = 0; breath < 8; breath += 1) {
      await page.getByRole('button', { name: 'Tap with each breath' }).dispatchEvent('pointerdown')
      await page.waitForTimeout(400)
    }
    await page
      .getByRole('region', { name: 'Breaths' })
      .getByRole('button', { name: 'Note it' })
      .click()
    await expect(page.getByText(/above normal \(own normal 12 to 24\)/)).toBeVisible()
    await press(page, 'Photo')
    await page.getByLabel('What it shows').fill('Muzzle, from the front')
    await page.getByLabel('Take or choose a photo').setInputFiles('docs/screenshots/watch.png')
    await expect(page.getByRole('img', { name: 'Muzzle, from the front' })).toBeVisible({})

    // The timer speaks up on the other phone, and is answered there once for both.
    const due = other.getByRole('alert').getByText('Is Runa asleep?')
    await expect(due).toBeVisible({})
    await other.getByRole('alert').getByRole('button', { name: 'Checked' }).click()
    await expect(due).toHaveCount(0)
    await expect
      .poll(async () => (await lineOnServer(account, fever)).timers.map(({ kind }) => kind))
      .toEqual(['next_dose'])

    // What the vet says is written down; then there is a number.
    await other.goto('/bench/cards')
    await press(other, 'Write down a rule')
    await press(other, 'Bracken')
    await other.getByRole('combobox', { name: 'Active ingredient' }).pressSequentially('cetirizine')
    await other.keyboard.press('Tab')
    await press(other, 'Write it down')
    await expect(other.getByText('Look at the fields that are marked.')).toBeVisible()
    await other.getByLabel('Strength as printed').fill('10 mg')
    await other.getByLabel('Amount', { exact: true }).fill('5 mg')
    await other.getByLabel('Again after, hours').fill('12')
    await other.getByLabel('Most doses in 24 hours').fill('2')
    await other.getByRole('combobox', { name: 'May be cut' }).click()
    await other.getByRole('option', { name: 'in halves' }).click()
    await other.getByLabel('For what').fill('Sting with swelling')
    await other.getByLabel('Name', { exact: true }).fill('Dr Fenwick')
    await press(other, 'Write it down')
    await expect(other.getByRole('heading', { name: 'cetirizine', exact: true })).toBeVisible()

    const tablets = await stockOf(account, 'Cetirizine')
    await context.setOffline(true)
    await press(page, 'What can I use?')
    await expect(page.getByText('What you have, best first.')).toBeVisible()
    await press(page, /^Used: /)
    await press(page, 'Back')
    await expect(page.getByText(/^Used: /).first()).toBeVisible()
    await context.setOffline(false)
    await press(page, 'Dose')
    await press(page, /^cetirizine/)
    // Half a tablet: nobody has looked yet whether it is scored.
    await expect(page.getByRole('button', { name: /^Given/ })).toHaveCount(0)
    await press(page, 'Yes, it is scored')
    await expect(page.locator('svg[data-quarters="2"]')).toBeVisible()
    await context.setOffline(true)
    await press(page, 'Given: ½ tablet')
    await expect(page.getByText(/^cetirizine: ½ tablet \(5 mg\)/)).toBeVisible()
    await press(page, 'Guided card')
    await press(page, 'Begin')
    await expect(page.getByText('Step 1 of 5')).toBeVisible()
    await press(page, 'Done')
    await press(page, 'Done')
    await expect(page.getByText('Step 3 of 5')).toBeVisible()
    await press(page, 'Back')
    await context.setOffline(false)
    await expect(page.getByText(/waits on this device/)).toHaveCount(0)

    // The handover says it, and the ledger agrees.
    await press(page, 'Hand over')
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(
      'Bracken, dog, 11 years, 13.4 kg',
    )
    const handover = page.getByRole('article')
    for (const line of [
      /cetirizine: ½ tablet \(5 mg\), by Ilse/,
      /Breaths \d+ a minute, above normal/,
      /Called Dr Fenwick/,
      /1 photo on the phone/,
    ])
      await expect(handover.getByText(line)).toBeVisible()
    await expect(
      page.getByText(/^Bracken, dog, 11 years, 13.4 kg\. Sting or bite since/),
    ).toBeVisible()
    await expectAccessible(page)
    const pdf = await page.request.get(`/api/incidents/${sting}/handover.pdf`)
    expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-')
    expect(pdfText(await pdf.body()).length).toBeGreaterThan(200)
    expect(await stockOf(account, 'Cetirizine')).toBe(tablets - 500)
    // One dose of 5 mL from a bottle of 120 mL.
    expect(await stockOf(account, 'Acetaminophen liquid')).toBe(syrup - 42)
    const line = await lineOnServer(account, sting)
    expect(line.timers.map(({ kind }) => kind).sort()).toEqual(['next_dose', 'set'])

    // It is over; what was used goes back to par, what was missing is kept.
    await press(page, /Back$/)
    await press(page, 'It is over')
    await expect(page.getByText('Cetirizine 10 mg')).toBeVisible()
    await page.getByLabel('What was missing').fill('A second cold pack')
    await press(page, 'Keep')
    await expect(page.getByText('Kept', { exact: true })).toBeVisible()
    await expect
      .poll(async () => (await lineOnServer(account, sting)).entries.map(({ fact }) => fact.kind))
      .toContain('looking_back')
    expect((await lineOnServer(account, sting)).ended?.by).toBe('Ilse')
    await theirs.close()
  })

  test('a stranger, without a connection: the numbers, no medicine', async ({
    page,
    context,
    account,
  }) => {
    await open(page, '/')
    await kept(page)
    await context.setOffline(true)
    await page.getByRole('link', { name: 'Something happened' }).click()
    await press(page, 'Somebody else')
    await press(page, 'Sting or bite')
    await expect(page.getByRole('link', { name: /Emergency 555-0100/ })).toBeVisible()
    await press(page, 'Dose')
    await expect(page.getByText('Give strangers no medicine')).toBeVisible()
    await expect(page.getByRole('button', { name: /^Acetaminophen/ })).toHaveCount(0)
    await press(page, 'Back')
    await press(page, 'Torch')
    await expectLegible(page)
    await page.reload()
    await expect(page.getByRole('heading', { name: 'Somebody else: Sting or bite' })).toBeVisible()
    const id = incidentOf(page)
    await context.setOffline(false)
    await expect
      .poll(async () => (await lineOnServer(account, id).catch(() => null))?.incident?.kind, {})
      .toBe('sting')
  })
})

/** The streams of a PDF, unpacked: enough to see that something is on it. */
function pdfText(pdf: Buffer): string {
  const text = pdf.toString('latin1')
  return [...text.matchAll(/stream\r?\n([\s\S]*?)endstream/g)]
    .map(([, stream = '']) => {
      try {
        return inflateSync(Buffer.from(stream, 'latin1')).toString('latin1')
      } catch {
        return ''
      }
    })
    .join('')
}

test('the bench: drawn doses, the clock, other barrels, mixes, courses, a slip', async ({
  page,
}) => {
  await open(page, '/bench')
  await press(page, 'Ned')
  await press(page, /^Pain and fever Acetaminophen liquid/)
  // Tove gave it this morning: the amount stands there with the time, and no press to give it.
  await expect(page.getByText(/^Given at .* by Tove: not before/)).toBeVisible()
  await expect(page.getByRole('button', { name: /^Given/ })).toHaveCount(0)
  expect(await plungerOff(page)).toBeLessThan(0.75)
  await expectAccessible(page)
  await press(page, /^Pain and fever Ibuprofen liquid/)
  // Ned has asthma: the label asks a doctor or a pharmacist first, and no amount stands there.
  const asked = page.getByRole('region', { name: 'Ask first' })
  await expect(asked.getByText(/^Asthma: the label says to ask/)).toBeVisible()
  await expect(page.getByRole('button', { name: /^Given/ })).toHaveCount(0)
  await expectAccessible(page)
  await asked.getByLabel('Who said it may be given').fill('Dr Aske')
  await asked.getByRole('button', { name: 'It may be given' }).click()
  await expect(page.getByText('Ibuprofen liquid, 100 mg in 5 mL: 10 mL = 200 mg')).toBeVisible()
  for (const barrel of ['5 mL', '20 mL', '3 mL', '1 mL']) {
    await press(page, new RegExp(`^${barrel}( at hand)?$`))
    await expect(page.getByText(new RegExp(`^${barrel} oral syringe`)).first()).toBeVisible()
    expect(await plungerOff(page)).toBeLessThan(0.75)
  }
  await press(page, /^10 mL/)
  await press(page, 'Given: 10 mL')
  await expect(page.getByRole('status').getByText(/^Noted: Ned, Ibuprofen liquid/)).toBeVisible()
  await expect(page.getByText(/^Given at .* by Ilse: not before/)).toBeVisible()
  await page.getByText('It was given anyway').click()
  await expect(page.getByText('recorded, whatever speaks against it')).toBeVisible()
  await press(page, 'Undo')
  await expect(page.getByRole('button', { name: 'Given: 10 mL' })).toBeVisible()

  // A grown-up on a blood thinner, a cat with a rule of its vet, a bird without.
  await press(page, 'Tove')
  await press(page, /^Pain and fever Ibuprofen tablets/)
  await expect(page.getByText(/Must not have it: .*blood thinner/)).toBeVisible()
  await press(page, 'Moth')
  await press(page, /^Overactive thyroid/)
  await expect(page.getByText('Thyroid tablets, 2.5 mg: 1 tablet = 2.5 mg')).toBeVisible()
  await page.keyboard.press('t')
  await expectLegible(page)
  await page.keyboard.press('t')
  await page.getByRole('link', { name: 'Dose slip for the pouch' }).click()
  await expect(page.getByRole('article').getByText('For Moth, 4020 g')).toBeVisible()
  await expectAccessible(page)

  await open(page, '/bench/mixes')
  const drink = page.getByRole('region', { name: 'Rehydration drink' })
  await drink.getByRole('button', { name: '1000 mL' }).click()
  await expect(drink.getByText('6 level teaspoons sugar').first()).toBeVisible()
  // Only volumes for which every spoon comes out are offered; another is refused in words.
  await expect(drink.getByRole('button', { name: '100 mL', exact: true })).toHaveCount(0)
  await drink.getByLabel('or, in mL').fill('100')
  await expect(drink.getByText(/^The spoons do not come out for that/)).toBeVisible()
  await expect(drink.getByRole('button', { name: 'Note as mixed' })).toBeDisabled()
  const iodine = page.getByRole('region', { name: 'Povidone-iodine for a wound' })
  await expect(iodine.getByText('10 mL concentrate + 90 mL water').first()).toBeVisible()
  const feed = page.getByRole('region', { name: 'Recovery food for Moth' })
  await expect(feed.getByText(/Weigh first/)).toBeVisible()
  await feed.getByRole('combobox', { name: 'For' }).click()
  await page.getByRole('option', { name: 'Bracken' }).click()
  await expect(feed.getByText(/mL a feed, 5 feeds a day/).first()).toBeVisible()
  await feed.getByRole('button', { name: 'Note as mixed' }).click()
  await expect(page.getByRole('status').getByText('Noted: Recovery food for Moth')).toBeVisible()
  await expectAccessible(page)

  await open(page, '/bench/courses')
  await expect(page.getByRole('region', { name: /^Moth: Thyroid tablets/ })).toContainText(
    '38 doses there',
  )
  await press(page, 'Sat')
  await expect(page.getByRole('button', { name: 'Sat' })).toHaveAttribute('aria-pressed', 'false')
  await expectAccessible(page)
  await open(page, '/bench/cards')
  await expect(page.getByRole('heading', { name: 'Labels, for people' })).toBeVisible()
  await expectAccessible(page)

  await open(page, '/guide')
  await press(page, /^Severe bleeding of an arm or leg/)
  await press(page, 'Begin')
  for (const step of [1, 2, 3]) {
    await expect(page.getByText(`Step ${step} of 5`)).toBeVisible()
    if (step < 3) await press(page, 'Next')
  }
  await expect(page.getByText(/Only if you were taught: tourniquet.*Tove/)).toBeVisible()
  await expectAccessible(page)
})
