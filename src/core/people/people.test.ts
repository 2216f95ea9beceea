/** Roles, their rights, codes: what follows from the tables. */
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { catalogue } from '../catalogue/catalogue'
import { CODE_LENGTH, invitationCode, readInvitationCode } from './invitation'
import { rightOfPage } from './pageRights'
import { isPlain } from './plain'
import { may, mayGive, opensHousehold, ROLES, rightsOf } from './role'

describe('roles', () => {
  it('are ordered as they are told: who may more, may all that the next may', () => {
    const within = (inner: (typeof ROLES)[number], outer: (typeof ROLES)[number]) =>
      rightsOf(inner).every((right) => may(outer, right))
    expect(within('second_keeper', 'keeper')).toBe(true)
    expect(within('helper', 'second_keeper')).toBe(true)
    expect(within('child_helper', 'helper')).toBe(true)
    expect(within('viewer', 'helper')).toBe(true)
    expect(within('overseer', 'viewer')).toBe(true)
    expect(within('child_helper', 'viewer')).toBe(false)
  })
  it('that count, use or care see what they do it to', () => {
    for (const role of ROLES) {
      if (may(role, 'count')) expect([role, may(role, 'find')]).toEqual([role, true])
      if (may(role, 'use') || may(role, 'care') || may(role, 'arrange'))
        expect([role, may(role, 'look')]).toEqual([role, true])
    }
    expect(ROLES.filter((role) => !opensHousehold(role))).toEqual(['overseer'])
  })
  it('of keepers are given by keepers alone', () => {
    expect(ROLES.filter((role) => mayGive(role, 'keeper'))).toEqual(['keeper'])
    expect(ROLES.filter((role) => mayGive(role, 'helper', 'viewer'))).toEqual([
      'keeper',
      'second_keeper',
    ])
  })
})

describe('pages', () => {
  it('that nobody named need to be allowed to look', () => {
    expect(
      ['/kits', '/kits/a', '/kits/', '/rounds', '/guide', '/help/kits'].map(rightOfPage),
    ).toEqual(Array.from({ length: 6 }, () => 'find'))
    for (const page of [
      '/',
      '/kits/a/sheet',
      '/rounds/a/tally',
      '/bench',
      '/people',
      '/helpful',
      '/x',
    ])
      expect([page, rightOfPage(page)]).toEqual([page, 'look'])
    expect([rightOfPage('/begin'), rightOfPage('/settings')]).toEqual(['arrange', 'settings'])
  })
})

describe('a code', () => {
  const chances = fc.array(fc.double({ min: 0, max: 1, maxExcluded: true, noNaN: true }), {
    minLength: CODE_LENGTH,
    maxLength: CODE_LENGTH,
  })
  it('is read back however it is written down', () => {
    fc.assert(
      fc.property(chances, fc.constantFrom('', ' ', '-', '.', '  -  '), (random, between) => {
        const code = invitationCode(random)
        expect(code).toMatch(/^[2-9A-HJKMNP-TV-Z]{4}(?:-[2-9A-HJKMNP-TV-Z]{4}){2}$/)
        const written = [...code.replaceAll('-', '')].join(between).toLowerCase()
        expect(readInvitationCode(written)).toBe(code)
      }),
    )
  })
  it('is another where any number is another by a thirtieth', () => {
    const all = Array.from({ length: 30 }, (_, at) =>
      invitationCode(Array(12).fill((at + 0.5) / 30)),
    )
    expect(new Set(all).size).toBe(30)
  })
})

describe('what a child may find', () => {
  const entry = (id: string) => {
    const found = catalogue().get(id)
    if (!found) throw new Error(id)
    return isPlain(found)
  }
  it('is a plaster, tweezers, a whistle; no medicine, no needle, nothing that is swallowed', () => {
    expect(
      ['plasters', 'tweezers-fine', 'whistle', 'gauze', 'gloves-latex'].map(entry),
    ).not.toContain(false)
    const all = [...catalogue().values()]
    for (const { id, kind, route, ingredients } of all)
      if (kind === 'medicine' || kind === 'sharp' || route !== 'none' || ingredients.length > 0)
        expect([id, entry(id)]).toEqual([id, false])
    expect(['alcohol-wipes', 'hand-gel', 'honey', 'fire-extinguisher'].map(entry)).not.toContain(
      true,
    )
  })
})
