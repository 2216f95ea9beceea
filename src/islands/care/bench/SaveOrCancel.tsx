import { Row } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { words } from '../../../words'

interface Props {
  readonly save: string
  readonly busy: boolean
  readonly onCancel: () => void
}

/** The end of a form of the bench. */
export const SaveOrCancel = ({ save, busy, onCancel }: Props) => (
  <Row gap={4} align="center" wrap>
    <Button kind="strong" type="submit" busy={busy}>
      {save}
    </Button>
    <Button kind="plain" onClick={onCancel}>
      {words.kits.cancel}
    </Button>
  </Row>
)
