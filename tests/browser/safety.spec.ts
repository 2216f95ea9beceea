/** Stories in which a product like this could point somebody to harm, played on the phone and at the desk. */
import { randomUUID } from 'node:crypto'
import type { Page } from '@playwright/test'
import { readCare } from '../../src/app/care/readCare'
import { readCover } from '../../src/app/cover/readCover'
import { matchItems } from '../../src/app/items/catalogueActs'
import { readLot } from '../../src/app/kits/readKits'
import { addMember, changeMember } from '../../src/app/members/memberActs'
import { receiveLot } from '../../src/app/stock/receiveLot'
import { plainDate } from '../../src/core/calendar/plainDate'
import { blankFacts } from '../../src/core/household/member'
import type { AnimalSpecies } from '../../src/core/household/species'
import type { LotId } from '../../src/core/ids'
import { units } from '../../src/core/quantity/amount'
import { type Account, world } from './support/account'
import { incidentOf, lineOnServer, press, stockOf } from './support/care'
import {
  expect,
  expectAccessible,
  expectFits,
  expectLegible,
  open,
  PHONE,
  test,
} from './support/test'

/** The box that readings raise, foremost on the page. */
const alarm = (page: Page) => page.getByRole('alert', { name: 'Readings' })
const usable = (page: Page) => page.getByRole('region', { name: 'What can I use?' })

async function happened(page: Page, who: string, what: string): Promise<void> {
  await open(page, '/incident')
  await press(page, new RegExp(`^${who}`))
  await press(page, what)
}
async function reads(page: Page, temperature: string): Promise<void> {
  await press(page, 'Reading')
  await page.getByRole('textbox', { name: /^Temperature/ }).fill(temperature)
  await press(page, 'Note it')
}
/** Whatever anybody was taught is forgotten. */
async function nobodyIsSignedOff({ caller }: Account): Promise<void> {
  const { members } = await readCover(world(), caller)
  for (const { id: memberId, version: seenVersion, facts } of members)
    if (facts.kind === 'person')
      await changeMember(world(), caller, {
        key: randomUUID(),
        memberId,
        seenVersion,
        facts: { ...facts, skills: [] },
      })
}
const anAnimal = (account: Account, name: string, species: AnimalSpecies, grams: number) =>
  addMember(world(), account.caller, {
    key: randomUUID(),
    name,
    species,
    born: plainDate('2022-05-01'),
    helper: false,
    note: '',
    facts: blankFacts(species),
    guestUntil: null,
    grams,
  })

test.describe('standing, with the phone', () => {
  test.use({ viewport: PHONE })

  test('a visiting baby of ten weeks at 38.1 °C: a doctor at once, and no dose', async ({
    page,
    account,
  }) => {
    await happened(page, 'Somebody else', 'Fever')
    // Nobody has said how old: it is asked, and the strictest line holds meanwhile.
    await reads(page, '38.1')
    await expect(alarm(page)).toContainText('A doctor at once, day or night.')
    await page.getByText('What is known of them').click()
    await page.getByLabel('Age').fill('10')
    await press(page, 'weeks')
    await press(page, 'No medicines')
    await press(page, 'Write it down')
    await expect(alarm(page)).toContainText('A doctor at once, day or night.')
    await expect(alarm(page)).toContainText('38.1 °C')
    await expectAccessible(page)
    await expectFits(page)
    // Lower half an hour later: what was told stands.
    await reads(page, '37.4')
    await expect(alarm(page)).toContainText('A doctor at once, day or night.')
    await press(page, 'Dose')
    await expect(page.getByRole('button', { name: /^Given/ })).toHaveCount(0)
    await expect(page.getByText('Give strangers no medicine')).toBeVisible()
    const { incident } = await lineOnServer(account, incidentOf(page))
    expect(incident.patient).toMatchObject({ kind: 'guest', age: { count: 10, unit: 'weeks' } })
  })

  test('a severe allergy where nobody is signed off: the call, then the child’s own pen', async ({
    page,
    account,
  }) => {
    await nobodyIsSignedOff(account)
    await happened(page, 'Ned', 'Severe allergy')
    await press(page, 'What can I use?')
    const panel = usable(page)
    await expect(
      panel.getByText('Call the emergency number first. Say: anaphylaxis.'),
    ).toBeVisible()
    await expect(panel.getByText('Follow the signed plan.')).toBeVisible()
    const first = panel.getByRole('listitem').first()
    await expect(first).toContainText('Adrenaline auto-injector 0.15 mg')
    await expect(panel.getByText(/nobody here is signed off/).first()).toBeVisible()
    const forbidden = panel.locator('[data-grade="forbidden"]')
    await expect(forbidden.getByText(/auto-injector 0\.15/)).toHaveCount(0)
    await press(page, 'Torch')
    await expectLegible(page)
    await expectFits(page)
  })

  test('on a full phone an incident goes straight into the record', async ({ page, account }) => {
    await page.addInitScript(() => {
      IDBObjectStore.prototype.add = () => {
        throw new DOMException('No room', 'QuotaExceededError')
      }
    })
    await happened(page, 'Ned', 'Severe allergy')
    await reads(page, '39.2')
    await expect(page.getByText('39.2 °C').first()).toBeVisible()
    const { entries, incidents } = await readCare(world(), account.caller)
    const id = incidentOf(page)
    expect(incidents.map((one) => one.id)).toContain(id)
    expect(
      entries.filter(({ incidentId }) => incidentId === id).map(({ fact }) => fact.kind),
    ).toContain('reading')
    await expect(page.getByRole('dialog')).toHaveCount(0)
    // What the server does not take is told as what it is, and not as a silence.
    await page.route('**/api/care/entries', (route) =>
      route.fulfill({
        status: 409,
        contentType: 'application/problem+json',
        body: JSON.stringify({ code: 'x', title: 'Somebody was here', detail: 'Look again.' }),
      }),
    )
    await reads(page, '39.4')
    const notice = page.getByRole('dialog', { name: 'This was not kept' })
    await expect(notice).toContainText('Somebody was here. Look again.')
    await expect(notice).not.toContainText('does not answer')
    await notice.getByText('Close', { exact: true }).click()
    await expect(page.getByRole('dialog')).toHaveCount(0)
  })

  test('an overheated cat: an emergency, cooled and read again, down to a line', async ({
    page,
  }) => {
    await happened(page, 'Moth', 'Overheated')
    await reads(page, '41.2')
    await expect(alarm(page)).toContainText(
      'Emergency: call the vet or the animal clinic now, and go.',
    )
    await expect(alarm(page)).toContainText(/cool/i)
    await expect(alarm(page)).toContainText(/read again/i)
    await expectAccessible(page)
    await press(page, 'What can I use?')
    await expect(usable(page)).toContainText(/At once: .*(shade|cool|water)/i)
  })

  test('a horse’s wound: held by its halter, its own card, its own leg, no muzzle', async ({
    page,
    account,
  }) => {
    await anAnimal(account, 'Bramble', 'horse', 480_000)
    await happened(page, 'Bramble', 'Bleeding hard')
    await press(page, 'What can I use?')
    await expect(usable(page).getByText(/^Call the vet/)).toBeVisible()
    await expect(usable(page).getByText(/muzzle/i)).toHaveCount(0)
    await press(page, 'Back')
    await press(page, 'Guided card')
    await press(page, /^Wound or bleeding, horse/)
    await press(page, 'Begin')
    await expect(page.getByText(/^Halter on/)).toBeVisible()
    await expectAccessible(page)
  })

  test('a torn nail of a guinea pig: whom to call, what stops it, nothing that harms it', async ({
    page,
    account,
  }) => {
    await anAnimal(account, 'Fig', 'guinea pig', 940)
    await happened(page, 'Fig', 'Torn nail')
    await press(page, 'What can I use?')
    await expect(usable(page).getByText(/^At once:/)).toBeVisible()
    await expect(
      usable(page)
        .getByText(/[Ss]tarch|[Ff]lour|[Ss]typtic/)
        .first(),
    ).toBeVisible()
    await expectFits(page)
    await press(page, 'Back')
    await press(page, 'Dose')
    await expect(page.getByText('No rule from a vet is written down for Fig.')).toBeVisible()
    await expect(page.getByText('940 g', { exact: false }).first()).toBeVisible()
    await expect(page.getByRole('button', { name: /^Given/ })).toHaveCount(0)
  })

  test('an incident that was opened by mistake goes, and is brought back', async ({
    page,
    account,
  }) => {
    await happened(page, 'Tove', 'Wound')
    const id = incidentOf(page)
    await expect.poll(() => lineOnServer(account, id).then(({ entries }) => entries.length)).toBe(1)
    await press(page, 'Opened by mistake')
    await expect(page.getByText('It was removed.')).toBeVisible()
    await expect(page.getByRole('link', { name: /Tove: Wound/ })).toHaveCount(0)
    await expectAccessible(page)
    await press(page, 'Restore it')
    await expect(page.getByRole('link', { name: /Tove: Wound/ })).toBeVisible()
  })
})

test('a second bottle of another strength is never what the amount is taken from', async ({
  page,
  account,
}) => {
  const { kits } = await (await page.request.get('/api/kits')).json()
  const cabinet = kits.find(({ name }: { name: string }) => name === 'Bathroom cabinet')
  const { pockets } = await (await page.request.get(`/api/kits/${cabinet.id}`)).json()
  const { lotId } = await receiveLot(world(), account.caller, {
    key: randomUUID(),
    pocketId: pockets[0].id,
    item: {
      new: {
        name: 'Acetaminophen drops',
        strength: '80 mg/0.8 mL',
        unit: 'bottle',
        purpose: '',
        forWhom: '',
      },
    },
    amount: units(1),
    par: null,
    expiry: { kind: 'none' },
    openedOn: null,
    batch: '',
    boughtAt: '',
    unitPriceMinor: null,
    note: '',
  })
  const { lot } = await readLot(world(), account.caller, lotId as LotId)
  await matchItems(world(), account.caller, {
    key: randomUUID(),
    matches: [{ itemId: lot.itemId, catalogueId: 'acetaminophen-liquid' }],
  })
  await open(page, '/bench')
  await press(page, 'Runa')
  await press(page, /^Pain and fever Acetaminophen liquid/)
  await expect(page.getByText('Acetaminophen liquid, 160 mg in 5 mL: 5 mL = 160 mg')).toBeVisible()
  // The very bottle stands with its strength; the other one stands apart, and is no press.
  await expect(page.getByText(/^Acetaminophen liquid 160 mg\/5 mL: /)).toBeVisible()
  const apart = page
    .locator('div')
    .filter({ has: page.getByRole('heading', { name: /another strength or form/i }) })
    .last()
  await expect(apart.getByText('Acetaminophen drops 80 mg/0.8 mL')).toBeVisible()
  await expect(page.getByText(/^Acetaminophen drops.*: /)).toHaveCount(0)
  await expectAccessible(page)
  await press(page, 'Given: 5 mL')
  await expect(
    page.getByRole('status').getByText(/^Noted: Runa, Acetaminophen liquid/),
  ).toBeVisible()
  expect(await stockOf(account, 'Acetaminophen drops')).toBe(1000)
})

test('a changed thing is not taken for read; a read label is', async ({ page, account }) => {
  const syrup = async () =>
    (await readCover(world(), account.caller)).items.find(({ name }) => name === 'Cetirizine syrup')
  expect((await syrup())?.own.contains).toBeUndefined()
  const change = async () => {
    await open(page, '/cover/items')
    await page.locator('summary').filter({ hasText: 'Cetirizine syrup' }).click()
    await page.getByRole('button', { name: 'Change: Cetirizine syrup 1 mg/mL' }).click()
  }
  const save = async () => {
    await page.getByRole('button', { name: 'Save' }).click()
    await expect(page.getByRole('button', { name: 'Save' })).toHaveCount(0)
  }
  await change()
  const read = page.getByRole('checkbox', { name: /^I have read the label/ })
  await expect(read).not.toBeChecked()
  await page.getByLabel('Why, on whose word').fill('A small bottle')
  await save()
  expect((await syrup())?.own.contains).toBeUndefined()
  await change()
  await read.check()
  await save()
  expect((await syrup())?.own.contains).toBeDefined()
})
