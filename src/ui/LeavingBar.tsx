/** On every screen of a household that is to be deleted: by whom, when, and the way to keep it. */
import type { z } from 'zod'
import type * as places from '../contract/values/places'
import { words } from '../words'
import { moment } from '../words/frame/format'
import classes from './LeavingBar.module.css'

const wholeWords = words.account.whole

export function LeavingBar({ strap }: { readonly strap: z.infer<typeof places.strap> }) {
  const { deletion, habits } = strap
  if (!deletion) return null
  return (
    <p className={`${classes.bar} no-print`} role="note">
      <span>
        {wholeWords.toBeDeleted(deletion.askedBy, moment(deletion.dueAt, habits.timeZone))}
      </span>
      <a href="/account#leaving">{wholeWords.keepOrSave}</a>
    </p>
  )
}
