/** Account work: coming in, passwords, passkeys, devices, leaving. */
import * as accounts from '../../app/account/accounts'
import * as enter from '../../app/account/enter'
import * as leaving from '../../app/account/leaving'
import * as passkeys from '../../app/account/passkeys'
import { readDevice } from '../../app/account/readDevice'
import * as recovery from '../../app/account/recovery'
import { Refusal } from '../../app/frame/refusal'
import type * as contract from '../../contract/account'
import * as words from '../../words'
import type { HandlersOf } from '../handler'
import { runtime } from '../runtime'

export const account: HandlersOf<typeof contract> = {
  ...accounts,
  ...enter,
  askForAccount: (desk, { email }) => enter.askForAccount(desk, email, words.letters),
  openDemo: async (desk) => {
    const { demoPassword } = runtime()
    if (!demoPassword) throw new Refusal({ code: 'no_demo' })
    return enter.openDemo(desk, demoPassword)
  },
  askForLetter: (desk, { email }) => recovery.askForLetter(desk, email),
  answerLetter: (desk, { token, password }) =>
    recovery.answerLetter(desk, { token, next: password }),
  recover: (desk, { email, code, password }) =>
    recovery.recover(desk, { email, code, next: password }),
  renameAccount: (desk, { name }) => accounts.rename(desk, name),
  changePassword: (desk, asked) =>
    accounts.changePassword(desk, asked, words.letters.passwordChanged),
  changeEmail: (desk, asked) => accounts.changeEmail(desk, asked, words.letters.emailChanged),
  endDevice: (desk, { deviceId }) => accounts.endDevice(desk, deviceId),
  makeRecoveryCodes: (desk, { password }) => recovery.makeRecoveryCodes(desk, password),
  readLeaving: leaving.readLeaving,
  deleteHousehold: (desk, { password }) => leaving.deleteHousehold(desk, password),
  keepHousehold: (desk) => leaving.keepHousehold(desk),
  leaveHousehold: (desk, { password }) => leaving.leaveHousehold(runtime().world, desk, password),
  deleteAccount: (desk, { password }) => leaving.deleteAccount(desk, password),
  offerPasskey: async (desk, { password }) => ({
    ...(await passkeys.offerPasskey(desk, password)),
  }),
  keepPasskey: (desk, asked) => passkeys.keepPasskey(desk, asked, words.letters.passkeyMade),
  endPasskey: (desk, { passkeyId }) => passkeys.endPasskey(desk, passkeyId),
  askForPasskey: async (desk) => ({ ...(await passkeys.askForPasskey(desk)) }),
  enterByPasskey: passkeys.enterByPasskey,
  readDevice: (world, caller) => readDevice(world, caller, runtime().secret),
}
