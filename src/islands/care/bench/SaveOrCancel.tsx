import { Button } from '../../../ui/Button'
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
    <Button kind="strong" type="submit" busy={busy}>
      {save}
    </Button>
    <Button kind="plain" onClick={onCancel}>
      {words.kits.cancel}
    </Button>
  </div>
)
