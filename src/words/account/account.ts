/** The account: getting in, getting in again, and where one is in. */
export const account = {
  title: 'Your account',
  noConnection: 'No connection. Nothing was changed; try again when there is one.',
  lead: 'How you sign in, and where you are signed in. Your kits belong to the household, not to this account.',
  open: 'Account and devices',
  demo: 'This is the demo’s account. Everybody who looks at the demo uses it, so it cannot be changed. Make an account of your own to keep your kits.',

  who: 'Name and e-mail',
  name: 'Your name',
  nameHelp: 'What you do is signed with it.',
  saveName: 'Save the name',
  nameSaved: (name: string): string => `From now on acts are signed “${name}”.`,
  email: 'E-mail you sign in with',
  changeEmail: 'Change the e-mail',
  newEmail: 'New e-mail',
  emailSaved: (email: string): string => `You now sign in with ${email}.`,

  password: 'Password',
  changePassword: 'Change the password',
  oldPassword: 'Password now',
  newPassword: 'New password',
  newPasswordHelp:
    'Ten characters or more. Three or four words that have nothing to do with each other are good.',
  show: 'Show what I type',
  passwordSaved: (ended: number): string =>
    ended === 0
      ? 'Your password is changed.'
      : `Your password is changed, and ${ended === 1 ? 'one other device was' : `${ended} other devices were`} signed out.`,

  codes: 'Recovery codes',
  codesHelp:
    'With one of these codes you get in again when you have forgotten the password. Print them and keep them with the papers. Each works once.',
  codesLeft: (left: number): string =>
    left === 0
      ? 'You have no codes yet.'
      : `${left === 1 ? 'One code is' : `${left} codes are`} left.`,
  makeCodes: 'Make ten codes',
  makeNewCodes: 'Make ten new codes',
  codesOnce:
    'These codes are shown once. Print them or write them down now; codes from before no longer work.',
  codesFor: (email: string): string => `Recovery codes for ${email}`,
  printCodes: 'Print the codes',
  haveCodes: 'I have them',

  passkeys: 'Passkeys',
  passkeysHelp:
    'With a passkey this device signs you in with your finger, your face or its own code. Nobody can trick you into giving it away. Your password still works too.',
  passkeyName: 'What to call it',
  makePasskey: 'Make a passkey on this device',
  passkeyMade: (name: string): string => `“${name}” lets you in from now on.`,
  passkeyTimes: (made: string, used: string | null): string =>
    used === null ? `made ${made}, not used yet` : `made ${made} · last used ${used}`,
  endPasskey: 'Remove it',
  endPasskeyOf: (name: string): string => `Remove it: ${name}`,
  passkeyEnded: (name: string): string => `“${name}” lets nobody in any more.`,
  noPasskey: 'No passkey was shown. Try again, or use the password.',
  noPasskeysHere: 'This browser cannot make passkeys.',
  passkeysNeedName:
    'Passkeys do not work at an address that is a number. Open this machine by its name to make one:',
  byPasskey: 'Sign in with a passkey',

  devices: 'Signed in on',
  thisDevice: 'this device',
  lastUsed: (when: string): string => `last used ${when}`,
  since: (when: string): string => `signed in ${when}`,
  device: (browser: string, system: string): string =>
    [browser || 'A browser', system && `on ${system}`].filter(Boolean).join(' '),
  endThere: 'Sign out there',
  endOf: (device: string): string => `Sign out there: ${device}`,
  ended: (device: string): string => `${device} is signed out.`,
  endOthers: 'Sign out everywhere else',
  endedOthers: (count: number): string =>
    count === 0
      ? 'You were signed in nowhere else.'
      : `${count === 1 ? 'One other device is' : `${count} other devices are`} signed out.`,
  onlyHere: 'You are signed in nowhere else.',

  backup: 'Backup',
  lastBackup: (when: string): string =>
    `The last backup of this machine was made ${when}. It was restored and compared before it counted.`,
  noBackup:
    'This machine has made no backup yet. Whoever runs it makes one with ./satchel backup; where the database is kept elsewhere, it is backed up there.',

  cannotGetIn: 'I cannot get in',
  again: 'Get in again',
  whose: 'The e-mail you sign in with',
  byCode: 'With a recovery code',
  byCodeHelp: 'One of the codes that you printed.',
  code: 'Recovery code',
  useCode: 'Set the password and sign in',
  byLetter: 'By e-mail',
  byLetterHelp: 'We send an e-mail with a link to set a new password. It works for one hour.',
  sendLetter: 'Send the e-mail',
  letterSent: (email: string): string =>
    `If ${email} has an account here, a letter is on its way. Look into your mail.`,
  lettersStay:
    'This machine sends no mail (a stand-in for a mail server): e-mails are written into the folder “letters” of its data. Whoever runs it can open them there.',
  byMachine: 'On your own machine',
  byMachineHelp: 'Whoever runs it can set a new password there:',
  back: 'Back to signing in',
  newTitle: 'Set a new password',
  setNew: 'Set the password',
  newIsSet:
    'Your password is set. Every device was signed out, and passkeys were removed. Sign in with the new password now.',
  newAccountTitle: 'Make your account',
  accountByLetter:
    'We send an e-mail to this address first. It has the link to your new account, which works for one hour.',
  accountLetterSent: (email: string): string =>
    `A letter is on its way to ${email}. Look into your mail.`,
  accountFor: (email: string): string => `For ${email}.`,
  noAccountKey: 'This link is not complete, or it is more than an hour old. Ask for a new e-mail.',
  noToken: 'This address is not complete. Open the one in the e-mail, or ask for a new e-mail.',
} as const
