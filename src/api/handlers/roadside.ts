/** The roadside: what is given away there, and the code on a lid. */
import * as lid from '../../app/roadside/lid'
import { takeAtRoadside } from '../../app/roadside/takings'
import type * as contract from '../../contract/roadside'
import * as words from '../../words'
import type { HandlersOf } from '../handler'
import { runtime } from '../runtime'

const { givenTo, byLid, toWhoever } = words.roadside

export const roadside: HandlersOf<typeof contract> = {
  takeAtRoadside: (world, caller, asked) =>
    takeAtRoadside(world, caller, asked, { to: givenTo, isByLid: false }, async () => asked.amount),
  readLidCode: (world, caller, asked) => lid.readLidCode(world, caller, asked, runtime().secret),
  setLidCode: (world, caller, asked) => lid.setLidCode(world, caller, asked, runtime().secret),
  endLidCode: lid.endLidCode,
  readLid: (desk, { code }) => lid.readLid(runtime().world, desk, code),
  takeByLid: (desk, { code, ...taking }) =>
    lid.takeByLid(runtime().world, desk, code, taking, { to: toWhoever, who: byLid }),
}
