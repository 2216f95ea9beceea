import { Button } from '@mantine/core'
import { words } from '../../../words'
import classes from './bench.module.css'

interface Props {
  readonly save: string
  readonly busy: boolean
  readonly onCancel: () => void
}

/** The end of a form of the bench. */
export const SaveOrCancel = ({ save, busy, onCancel }: Props) => (
  <div className={classes.presses}>
    <Button type="submit" loading={busy}>
      {save}
    </Button>
    <button type="button" className={classes.plain} onClick={onCancel}>
      {words.kits.cancel}
    </button>
  </div>
)
