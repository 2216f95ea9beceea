/** Every page, asked for by somebody who is signed in, with what belongs to another household. */
import { readdirSync } from 'node:fs'
import { anAccount } from './support/account'
import { expect, test } from './support/test'

const PAGES = readdirSync('src/pages', { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('.astro') && !/^(?:404|500)/.test(file))
  .map((file) => `/${file.replace(/(?:^|\/)index\.astro$|\.astro$/, '')}`)

test('no page shows anything of a household that is not one’s own', async ({
  page,
  browser,
  baseURL,
}) => {
  const read = async (path: string) => (await page.request.get(path)).json()
  const [{ kits }, { rows }, household, { items }] = await Promise.all(
    ['/api/kits', '/api/stock', '/api/household', '/api/items'].map(read),
  )
  const {
    members: [member],
    places: [place],
  } = household
  const round = await page.request.post('/api/rounds', {
    headers: { 'idempotency-key': 'a-round-of-theirs' },
    data: { kitId: kits[0].id, pocketIds: null },
  })
  const ids: Record<string, string> = {
    kitId: kits[0].id,
    lotId: rows[0].lotId,
    memberId: member.id,
    roundId: (await round.json().catch(() => ({}))).roundId ?? kits[0].id,
    part: `places/${place.id}`,
  }
  const query = new URLSearchParams({
    place: place.id,
    kit: kits[0].id,
    lot: rows[0].lotId,
    item: rows[0].itemId,
    pocket: rows[0].pocketId,
    member: member.id,
    id: ids.roundId ?? '',
    who: member.name,
  })
  const addresses = PAGES.flatMap((path) => {
    const filled = path.replace(/\[(?:\.\.\.)?(\w+)\]/g, (_, name: string) => ids[name] ?? '')
    return [filled, `${filled}?${query}`]
  })
  expect(addresses.length).toBeGreaterThan(60)

  const stranger = await anAccount('nothing')
  const elsewhere = await browser.newContext({ baseURL: baseURL ?? '' })
  await elsewhere.addCookies([{ ...stranger.cookie, url: baseURL ?? '' }])
  // Names that only the other household has given; some of the demo’s are everybody’s words.
  const names: string[] = [
    ...kits.map((kit: { name: string }) => kit.name),
    ...household.members.map((one: { name: string }) => one.name),
    ...household.places.map((one: { name: string }) => one.name),
    ...items.map((one: { id: string }) => one.id).filter((id: string) => id !== rows[0].itemId),
    ...rows.flatMap((row: { lotId: string }) => (row.lotId === ids.lotId ? [] : [row.lotId])),
  ]
  const own = await page.request.get('/kits')
  expect(names.some((name) => name === kits[0].name)).toBe(true)
  expect(await own.text()).toContain(kits[0].name)
  for (const address of addresses) {
    const answer = await elsewhere.request.get(address)
    expect([address, answer.status() < 500]).toEqual([address, true])
    const text = (await answer.text()).replaceAll(encodeURIComponent(member.name), '')
    const shown = names.filter(
      (name) => text.includes(name) && name !== member.name && name !== stranger.caller.name,
    )
    expect([address, shown]).toEqual([address, []])
  }
  await elsewhere.close()
})
