/** The account in words: what is shown once, what is signed out, and letters that give nothing away. */
import { describe, expect, it } from 'vitest'
import { account } from './account'
import { letters } from './letters'
import { whole } from './whole'

describe('the account', () => {
  it.each([
    [0, 'Your password is changed.'],
    [1, 'Your password is changed, and one other device was signed out.'],
    [3, 'Your password is changed, and 3 other devices were signed out.'],
  ])('%i others are signed out with the password', (ended, said) => {
    expect(account.passwordSaved(ended)).toBe(said)
  })
  it.each([
    [0, 'You have no codes yet.'],
    [1, 'One code is left.'],
    [9, '9 codes are left.'],
  ])('%i codes', (left, said) => {
    expect(account.codesLeft(left)).toBe(said)
  })
  it.each([
    [0, 'You were signed in nowhere else.'],
    [1, 'One other device is signed out.'],
    [2, '2 other devices are signed out.'],
  ])('%i others ended', (count, said) => {
    expect(account.endedOthers(count)).toBe(said)
  })
  it.each([
    ['Firefox', 'Linux', 'Firefox on Linux'],
    ['', 'Linux', 'A browser on Linux'],
    ['Firefox', '', 'Firefox'],
    ['', '', 'A browser'],
  ])('a device: %j on %j', (browser, system, said) => {
    expect(account.device(browser, system)).toBe(said)
  })
  it('a passkey, made and used', () => {
    expect(account.passkeyTimes('yesterday', null)).toBe('made yesterday, not used yet')
    expect(account.passkeyTimes('yesterday', 'today')).toBe('made yesterday · last used today')
  })
  it('a letter is said to be on its way whether there is an account or not', () => {
    expect(account.letterSent('a@example.org')).toMatch(/^If a@example\.org has an account here/)
  })
  it('where letters stay on the machine, it says that this is a stand-in', () => {
    expect(account.lettersStay).toContain('a stand-in for a mail server')
  })
})

describe('letters', () => {
  const ADDRESS = 'https://satchel.example/x?key=abc'
  const ALL = [
    letters.newAccount('a@example.org', ADDRESS),
    letters.knownAccount('a@example.org', ADDRESS),
    letters.newPassword('a@example.org', 'Ilse', ADDRESS),
    letters.passwordChanged('a@example.org'),
    letters.passkeyMade('a@example.org', 'Phone'),
    letters.emailChanged('a@example.org', 'b@example.org'),
  ]
  it.each(ALL)('$subject: to whom, and what to do if it was not you', (letter) => {
    expect(letter.to).toBe('a@example.org')
    expect(letter.subject).toMatch(/^[A-Z][^.]*$/)
    expect(letter.text).toContain('If it was not you')
    expect(letter.text.endsWith('\n\nVivid Satchel\n')).toBe(true)
  })
  it('the way in stands alone on its line, and only in the letters that have one', () => {
    for (const letter of ALL.slice(0, 3)) expect(letter.text.split('\n')).toContain(ADDRESS)
    for (const letter of ALL.slice(3)) expect(letter.text).not.toContain('http')
  })
  it('a way in works for an hour, and says so', () => {
    for (const letter of [ALL[0], ALL[2]]) expect(letter?.text).toContain('within the hour')
  })
  it('name nothing that is kept in a household', () => {
    for (const { text } of ALL) expect(text).not.toMatch(/kit|medicine|lot|member|place/i)
  })
})

describe('a household as one file', () => {
  const back = (change: object) =>
    whole.backDone({
      household: 'Quill',
      places: 2,
      kits: 1,
      lots: 30,
      pictures: 0,
      acts: 1,
      ...change,
    } as never)
  it('says what is back, and counts it', () => {
    expect(back({})).toBe('Quill is back: 2 places, 1 kit, 30 packs and 1 act in the record.')
    expect(back({ pictures: 2 })).toContain('30 packs, 2 photos and 1 act')
  })
  it('is named after its household and day', () => {
    expect(whole.fileName('Quill', '2026-11-28')).toBe('Quill 2026-11-28.zip')
    expect(whole.fileName('', '2026-11-28')).toBe('Household 2026-11-28.zip')
  })
  it('warns that it holds health facts wherever it is offered', () => {
    expect(whole.saveHelp).toContain('It holds health facts')
    expect(whole.readMe.text).toContain('It holds health facts')
  })
  it('what is to be deleted says who asked, when, and how long backups hold it', () => {
    expect(whole.toBeDeleted('Ilse', '5 Dec')).toBe(
      'Ilse asked for this household to be deleted. It will be deleted on 5 Dec.',
    )
    expect(whole.deleteHouseholdHelp).toContain('for up to seven days more')
  })
})
