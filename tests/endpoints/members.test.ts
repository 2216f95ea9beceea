/** Members, weights, prescriptions, photos, what items are and the proposed list: kept, refused, taken back. */
import sharp from 'sharp'
import { beforeAll, describe, expect, it } from 'vitest'
import { blankFacts } from '../../src/core/household/member'
import { application, send } from '../support/application'
import { A_PHOTO } from '../support/photo'
import { stocked } from '../support/stocked'

const app = application()
let stock: Awaited<ReturnType<typeof stocked>>
beforeAll(async () => {
  stock = await stocked(app.world, app.keeper)
})

const ask = async (method: string, path: string, body?: unknown) => {
  const answer = await send(method, path, { caller: app.keeper, body })
  return { status: answer.status, ...(await answer.json()) }
}
const cover = () => ask('GET', '/api/cover')
const memberNow = async () =>
  (await cover()).members.find(({ id }: { id: string }) => id === stock.memberId)
const undo = (actId: string) => ask('POST', `/api/acts/${actId}/undo`, {})

describe('a member', () => {
  it('keeps its facts, and the former ones come back', async () => {
    const { version, facts: before } = await memberNow()
    const facts = {
      ...blankFacts('person'),
      conditions: ['asthma'],
      allergies: [
        { kind: 'substance', substance: 'nuts' },
        { kind: 'named', name: 'kiwi' },
      ],
      gloveSize: 'S',
      skills: [{ skill: 'tourniquet', until: '2027-03-01', by: 'Forestry course' }],
    }
    const changed = await ask('PATCH', `/api/members/${stock.memberId}`, {
      seenVersion: version,
      born: '2018-04-02',
      facts,
    })
    expect(changed.status).toBe(200)
    expect((await memberNow()).facts).toEqual(facts)
    await undo(changed.actId)
    expect((await memberNow()).facts).toEqual(before)
    expect((await memberNow()).born).toBeNull()
  })
  it.each([
    ['a birthday to come', { born: '2027-01-01' }, 'born_in_future'],
    ['facts of an animal', { facts: blankFacts('dog') }, 'facts_of_another_kind'],
    [
      'the same allergy twice',
      {
        facts: {
          ...blankFacts('person'),
          allergies: [
            { kind: 'substance', substance: 'nuts' },
            { kind: 'named', name: 'Nuts' },
          ],
        },
      },
      'allergy_twice',
    ],
    [
      'an unknown substance',
      { facts: { ...blankFacts('person'), allergies: [{ kind: 'substance', substance: 'gold' }] } },
      'invalid',
    ],
  ])('%s is refused with the reason', async (_, patch, code) => {
    const { version } = await memberNow()
    const refused = await ask('PATCH', `/api/members/${stock.memberId}`, {
      seenVersion: version,
      ...patch,
    })
    expect([refused.status, refused.code]).toEqual([422, code])
    expect((await memberNow()).version).toBe(version)
  })
  it('a guest is made with a weight, and gone after the visit', async () => {
    const guest = await ask('POST', '/api/members', {
      name: 'Wren',
      species: 'dog',
      grams: 22_000,
      guestUntil: '2026-11-28',
    })
    const gone = await ask('POST', '/api/members', {
      name: 'Oak',
      species: 'person',
      guestUntil: '2026-11-25',
    })
    const { members } = await cover()
    const there = members.find(({ id }: { id: string }) => id === guest.memberId)
    expect(there.weighings).toEqual([expect.objectContaining({ grams: 22_000 })])
    expect(members.some(({ id }: { id: string }) => id === gone.memberId)).toBe(false)
  })
  it('a guest whose weight cannot be is not made at all', async () => {
    const before = (await cover()).members.length
    const refused = await ask('POST', '/api/members', {
      name: 'Flea',
      species: 'cat',
      grams: 900_000,
    })
    expect([refused.status, refused.code]).toEqual([422, 'weight_out_of_range'])
    expect((await cover()).members).toHaveLength(before)
  })
})

describe('weights', () => {
  const weigh = (on: string, grams: number, sure = false) =>
    ask('POST', `/api/members/${stock.memberId}/weighings`, { on, grams, sure })
  it('are kept in order, several a day, and a jump is asked about', async () => {
    expect((await weigh('2026-10-01', 25_000)).status).toBe(200)
    const jump = await weigh('2026-11-20', 55_000)
    expect([jump.status, jump.code]).toEqual([409, 'weight_jumps'])
    expect(jump.detail).toContain('25 kg')
    const meant = await weigh('2026-11-20', 55_000, true)
    expect(meant.status).toBe(200)
    expect((await weigh('2026-11-20', 26_000)).code).toBe('weight_jumps')
    expect((await weigh('2026-12-24', 26_000)).code).toBe('weighed_in_future')
    expect((await ask('DELETE', `/api/weighings/${meant.weighingId}`, {})).status).toBe(200)
    expect((await memberNow()).weighings.map(({ grams }: { grams: number }) => grams)).toEqual([
      25_000,
    ])
    const away = await weigh('2026-11-21', 26_000)
    const removed = await ask('DELETE', `/api/weighings/${away.weighingId}`, {})
    expect((await weigh('2026-11-21', 26_100)).status).toBe(200)
    expect((await undo(removed.actId)).status).toBe(200)
    expect((await weigh('2026-11-21', 26_050)).status).toBe(200)
    const day = (await memberNow()).weighings.filter(
      ({ on }: { on: string }) => on === '2026-11-21',
    )
    expect(day.map(({ grams }: { grams: number }) => grams)).toEqual([26_000, 26_100, 26_050])
  })
})

describe('prescriptions', () => {
  const course = {
    reason: 'Ear',
    prescriber: 'Dr Fenwick',
    perDay: 1000,
    startsOn: '2026-11-20',
    endsOn: '2026-11-30',
  }
  it('belong to one member; the same medicine is nobody else’s', async () => {
    const other = await ask('POST', '/api/members', { name: 'Moth', species: 'cat' })
    const mine = await ask('POST', `/api/members/${stock.memberId}/courses`, {
      itemId: stock.itemId,
      ...course,
    })
    expect(mine.status).toBe(200)
    const mixed = await ask('POST', `/api/members/${other.memberId}/courses`, {
      itemId: stock.itemId,
      ...course,
    })
    expect([mixed.status, mixed.code]).toEqual([409, 'somebody_elses_medicine'])
    expect(mixed.detail).toContain('Ned')
    await undo(mine.actId)
    expect((await cover()).courses).toEqual([])
  })
  it('in another unit than the item is counted in are refused', async () => {
    const wrong = await ask('POST', `/api/members/${stock.memberId}/courses`, {
      itemId: stock.itemId,
      ...course,
      unit: 'mL',
    })
    expect([wrong.status, wrong.code]).toEqual([422, 'unit_differs'])
  })
  it('that end before they begin are refused', async () => {
    const wrong = await ask('POST', `/api/members/${stock.memberId}/courses`, {
      itemId: stock.itemId,
      ...course,
      endsOn: '2026-11-01',
    })
    expect([wrong.status, wrong.code]).toEqual([422, 'invalid'])
  })
  it('what is left waits for the prescriber’s word, with who and when', async () => {
    const { courseId } = await ask('POST', `/api/members/${stock.memberId}/courses`, {
      itemId: stock.itemId,
      ...course,
      startsOn: '2026-10-01',
      endsOn: '2026-10-10',
    })
    const release = { by: 'Dr Fenwick', on: '2026-11-25', words: 'Good for the other ear too' }
    const silent = await ask('PATCH', `/api/courses/${courseId}`, {
      seenVersion: 1,
      release: { ...release, by: '' },
    })
    expect(silent.status).toBe(422)
    const said = await ask('PATCH', `/api/courses/${courseId}`, { seenVersion: 1, release })
    expect(said.status).toBe(200)
    expect((await cover()).courses[0].release).toEqual(release)
    await undo(said.actId)
    expect((await cover()).courses[0].release).toBeNull()
    const backwards = await ask('PATCH', `/api/courses/${courseId}`, {
      seenVersion: 3,
      endsOn: '2026-09-01',
    })
    expect([backwards.status, backwards.code]).toEqual([422, 'ends_before_it_begins'])
    const late = await ask('PATCH', `/api/courses/${courseId}`, { seenVersion: 1, release })
    expect([late.status, late.code]).toEqual([409, 'changed_meanwhile'])
  })
})

describe('a photo', () => {
  it('says nothing of where and with what it was taken, and stands upright', async () => {
    const taken = await sharp({
      create: { width: 40, height: 20, channels: 3, background: 'teal' },
    })
      .jpeg()
      .withExif({ IFD0: { Make: 'Planted camera' }, IFD3: { GPSLatitudeRef: 'N' } })
      .withMetadata({ orientation: 6 })
      .toBuffer()
    expect((await sharp(taken).metadata()).exif).toBeDefined()
    const path = `/api/members/${stock.memberId}/photo`
    const set = await ask('PUT', path, {
      photo: `data:image/jpeg;base64,${taken.toString('base64')}`,
    })
    expect(set.status).toBe(200)
    const served = Buffer.from(
      await (await send('GET', path, { caller: app.keeper })).arrayBuffer(),
    )
    expect(served.toString('latin1')).not.toContain('Planted camera')
    const { exif, width, height } = await sharp(served).metadata()
    expect([exif, width, height]).toEqual([undefined, 20, 40])
    await undo(set.actId)
  })
  it.each([
    ['a text', 'image/png', Buffer.from('not a picture at all')],
    ['markup', 'image/webp', Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"/>')],
    ['another type than it says', 'image/jpeg', Buffer.from(A_PHOTO.split(',')[1] ?? '', 'base64')],
  ])('is refused where it is %s', async (_, type, bytes) => {
    const answer = await ask('PUT', `/api/members/${stock.memberId}/photo`, {
      photo: `data:${type};base64,${bytes.toString('base64')}`,
    })
    expect([answer.status, answer.code]).toEqual([422, 'not_a_picture'])
  })
  it('is kept, and taken back', async () => {
    const path = `/api/members/${stock.memberId}/photo`
    expect((await send('GET', path, { caller: app.keeper })).status).toBe(404)
    const set = await ask('PUT', path, { photo: A_PHOTO })
    expect(set.status).toBe(200)
    const served = await send('GET', path, { caller: app.keeper })
    expect(served.headers.get('content-type')).toBe('image/png')
    const { format, width, height } = await sharp(await served.arrayBuffer()).metadata()
    expect([format, width, height]).toEqual(['png', 1, 1])
    await undo(set.actId)
    expect((await send('GET', path, { caller: app.keeper })).status).toBe(404)
  })
  it('that is no picture is refused', async () => {
    const refused = await ask('PUT', `/api/members/${stock.memberId}/photo`, {
      photo: 'data:text/html;base64,PGI+',
    })
    expect(refused.status).toBe(422)
  })
})

describe('what an item is', () => {
  const itemNow = async () =>
    (await cover()).items.find(({ id }: { id: string }) => id === stock.itemId)
  it('is confirmed by the keeper, takes the entry’s clock, and is taken back', async () => {
    const matched = await ask('POST', '/api/items/matches', {
      matches: [{ itemId: stock.itemId, catalogueId: 'eye-drops-lubricating' }],
    })
    expect(matched).toMatchObject({ status: 200, matched: 1 })
    expect(await itemNow()).toMatchObject({
      catalogueId: 'eye-drops-lubricating',
      openedClock: { kind: 'rule', rule: 'eye-drops' },
    })
    await undo(matched.actId)
    expect((await itemNow()).catalogueId).toBeNull()
    const unknown = await ask('POST', '/api/items/matches', {
      matches: [{ itemId: stock.itemId, catalogueId: 'moon-dust' }],
    })
    expect([unknown.status, unknown.code]).toEqual([422, 'not_in_catalogue'])
  })
  it('may be overruled with a reason, and not without', async () => {
    await ask('POST', '/api/items/matches', {
      matches: [{ itemId: stock.itemId, catalogueId: 'cough-syrup' }],
    })
    const { version } = await itemNow()
    const own = { contains: ['sorbitol'] }
    const silent = await ask('PATCH', `/api/items/${stock.itemId}`, { seenVersion: version, own })
    expect([silent.status, silent.code]).toEqual([422, 'own_facts'])
    expect(silent.detail).toContain('xylitol')
    const said = await ask('PATCH', `/api/items/${stock.itemId}`, {
      seenVersion: version,
      own: { ...own, why: 'The label names no xylitol' },
    })
    expect(said.status).toBe(200)
    const noRole = await ask('PATCH', `/api/items/${stock.itemId}`, {
      seenVersion: version + 1,
      own: { roles: [] },
    })
    expect(noRole.code).toBe('own_facts')
  })
})

describe('a proposed list', () => {
  const parsOf = async () => {
    const { pars } = await cover()
    return pars.filter(({ pocketId }: { pocketId: string }) => pocketId === stock.tray)
  }
  it('sets pars and makes items in one press, taken back in one', async () => {
    const accepted = await ask('POST', `/api/places/${stock.placeId}/list`, {
      lines: [
        {
          decision: 'accepted',
          key: '+gauze',
          thing: { entryId: 'gauze' },
          par: 4000,
          pocketId: stock.tray,
        },
        {
          decision: 'accepted',
          key: stock.itemId,
          thing: { itemId: stock.itemId },
          par: 2000,
          pocketId: stock.tray,
        },
        { decision: 'overruled', key: '+muzzle', note: 'He never minds' },
      ],
    })
    expect(accepted).toMatchObject({ status: 200, decided: 3 })
    expect((await parsOf()).map(({ amount }: { amount: number }) => amount).sort()).toEqual([
      2000, 4000,
    ])
    const { decisions, items } = await cover()
    expect(decisions).toContainEqual(
      expect.objectContaining({ key: '+muzzle', decision: 'overruled', note: 'He never minds' }),
    )
    expect(items).toContainEqual(
      expect.objectContaining({ catalogueId: 'gauze', unit: 'pad', packSize: 10_000 }),
    )
    await undo(accepted.actId)
    expect(await parsOf()).toEqual([])
    expect((await cover()).decisions).toEqual([])
  })
  it('an entry that is kept already is not made twice', async () => {
    const line = {
      decision: 'accepted',
      key: '+gauze',
      thing: { entryId: 'gauze' },
      par: 4000,
      pocketId: stock.tray,
    }
    await ask('POST', `/api/places/${stock.placeId}/list`, { lines: [line] })
    await ask('POST', `/api/places/${stock.placeId}/list`, { lines: [{ ...line, par: 6000 }] })
    const { items } = await cover()
    expect(
      items.filter(({ catalogueId }: { catalogueId: string }) => catalogueId === 'gauze'),
    ).toHaveLength(1)
    expect((await parsOf()).map(({ amount }: { amount: number }) => amount)).toEqual([6000])
    await ask('POST', `/api/places/${stock.placeId}/list`, {
      lines: [{ decision: 'open', key: '+gauze' }],
    })
    expect((await cover()).decisions).toEqual([])
  })
  it('of one place is not kept at another', async () => {
    const { placeId } = await ask('POST', '/api/places', {
      name: 'Shed',
      rhythm: { kind: 'always' },
    })
    const line = {
      decision: 'accepted',
      key: '+gauze',
      thing: { entryId: 'gauze' },
      par: 1000,
      pocketId: stock.tray,
    }
    expect((await ask('POST', `/api/places/${placeId}/list`, { lines: [line] })).status).toBe(404)
  })
  it('an overruled line says why', async () => {
    const silent = await ask('POST', `/api/places/${stock.placeId}/list`, {
      lines: [{ decision: 'overruled', key: '+muzzle', note: ' ' }],
    })
    expect(silent.status).toBe(422)
  })
})

describe('schools', () => {
  it('are chosen one by one; what is not offered is refused', async () => {
    const { household } = await ask('GET', '/api/household')
    const chosen = await ask('PATCH', '/api/household', {
      seenVersion: household.version,
      schools: { tourniquet: 'strap' },
    })
    expect(chosen.status).toBe(200)
    const again = await ask('PATCH', '/api/household', {
      seenVersion: household.version + 1,
      schools: { size: 'minimal' },
    })
    expect(again.status).toBe(200)
    expect((await cover()).schools).toMatchObject({
      tourniquet: 'strap',
      size: 'minimal',
      cleaning: 'dilute',
    })
    const wrong = await ask('PATCH', '/api/household', {
      seenVersion: household.version + 2,
      schools: { tourniquet: 'prayer' },
    })
    expect(wrong.status).toBe(422)
  })
})
