/** Letters to people with an account. They name nothing that is kept in a household. */
import type { Letter } from '../../core/account/letters'

const signed = (...lines: readonly string[]): string =>
  [...lines, '', 'Vivid Satchel', ''].join('\n')

export const letters = {
  newAccount: (to: string, address: string): Letter => ({
    to,
    subject: 'Make your account',
    text: signed(
      'Somebody asked for an account with this address. If it was you, make it here within the hour:',
      '',
      address,
      '',
      'If it was not you, do nothing: no account is made.',
    ),
  }),
  knownAccount: (to: string, address: string): Letter => ({
    to,
    subject: 'You have an account already',
    text: signed(
      'Somebody asked for a new account with this address. You have one already: sign in here, or press “I cannot get in” there.',
      '',
      address,
      '',
      'If it was not you, do nothing: nothing has changed.',
    ),
  }),
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
  passkeyMade: (to: string, name: string): Letter => ({
    to,
    subject: 'A passkey was made',
    text: signed(
      `A passkey called “${name}” lets its device into your account from now on.`,
      '',
      'If it was not you, take it away on the Account screen and change your password.',
    ),
  }),
  invited: (to: string, from: string, address: string): Letter => ({
    to,
    subject: `${from} invites you`,
    text: signed(
      `${from} invites you into a household that keeps its first aid kits here. Look at it, and come in if you like:`,
      '',
      address,
      '',
      'It works for seven days, for one person. If you do not know who this is, do nothing.',
    ),
  }),
  harmed: (to: string, things: number): Letter => ({
    to,
    subject: 'Heat or frost: look at your kits',
    text: signed(
      things === 1
        ? 'A logger told of more heat or frost than one of your things is made for. It is on hold.'
        : `A logger told of more heat or frost than ${things} of your things are made for. They are on hold.`,
      '',
      'Open Heat and frost to see which, and what to ask whom. Note there what was answered.',
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
