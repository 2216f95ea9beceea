import { dictionary } from '@zxcvbn-ts/language-common'
import { describe, expect, it } from 'vitest'
import { passwordFault } from './passwords'

const OWN = ['Nadia Berg', 'nadia.berg@example.invalid']

describe('a password', () => {
  it.each([
    'ten letters and more',
    'wet socks on the line',
    'k9#vTq2!mZpl',
    'длинный пароль дома',
    'nadia длинный пароль',
  ])('%s is taken', (password) => expect(passwordFault(password, OWN)).toBeNull())
  it.each([
    ['short', 'nine char'],
    ['long', 'a b c '.repeat(40)],
    ['common', '          '],
    ['common', '1234567890'],
    ['common', 'qwertyuiop'],
    ['common', 'password123'],
    ['common', 'Password1234'],
    ['common', 'aaaaaaaaaaaaaaaa'],
    ['common', 'abcabcabcabc'],
    ['own_name', 'NadiaBerg2026'],
    ['own_name', 'nadia-nadia-nadia'],
    ['own_name', '!!Berg1234567!!'],
  ])('is %s: %s', (fault, password) => expect(passwordFault(password, OWN)).toBe(fault))
  it('is none of the ten thousand commonest, in capitals either', () => {
    const commonest = (dictionary['passwords-common'] as string[]).slice(0, 10_000)
    expect(commonest).toHaveLength(10_000)
    const taken = commonest.flatMap((one) =>
      [one, one.toUpperCase()].filter((password) => passwordFault(password, OWN) === null),
    )
    expect(taken).toEqual([])
  })
  it('is judged in time, however long', () => {
    expect(passwordFault(`${'x'.repeat(199)}y`, OWN)).not.toBe('short')
  })
})
