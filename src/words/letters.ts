/** Letters to people with an account. They name nothing that is kept in a household. */
import type { Letter } from '../core/account/letters'

const signed = (...lines: readonly string[]): string =>
  [...lines, '', 'Vivid Satchel', ''].join('\n')

export const letters = {
  newPassword: (to: string, name: string, address: string): Letter => ({
    to,
    subject: 'Set a new password',
    text: signed(
      `${name}, somebody asked for a new password for this address. If it was you, set it here within the hour:`,
      '',
      address,
      '',
      'If it was not you, do nothing: your password stays as it is.',
    ),
  }),
  passwordChanged: (to: string): Letter => ({
    to,
    subject: 'Your password was changed',
    text: signed(
      'The password of your account was changed just now, and every other device was signed out.',
      '',
      'If it was not you, press “I cannot get in” where you sign in, and set a new one.',
    ),
  }),
  emailChanged: (to: string, next: string): Letter => ({
    to,
    subject: 'Your address was changed',
    text: signed(
      `You now sign in with ${next}.`,
      '',
      'If it was not you, use one of your recovery codes where you sign in, or ask whoever runs the machine.',
    ),
  }),
}
