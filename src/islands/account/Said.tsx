/** What came of account work, read out as it appears. */
import classes from './account.module.css'
import type { Desk } from './useDesk'

export const Said = ({ said }: Pick<Desk, 'said'>) => (
  <p
    role={said?.tone === 'problem' ? 'alert' : 'status'}
    className={classes.said}
    data-tone={said?.tone}
  >
    {said?.text}
  </p>
)
