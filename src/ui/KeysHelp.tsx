/** The keys, shown on "?". */
import { Modal } from '@mantine/core'
import { words } from '../words'
import classes from './KeysHelp.module.css'

export function KeysHelp({
  opened,
  onClose,
}: {
  readonly opened: boolean
  readonly onClose: () => void
}) {
  return (
    <Modal
      opened={opened}
      onClose={onClose}
      title={words.keys.title}
      closeButtonProps={{ 'aria-label': words.find.close }}
    >
      <dl className={classes.keys}>
        {words.keys.rows.map(([key, what]) => (
          <div key={key}>
            <dt>
              <kbd>{key}</kbd>
            </dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
    </Modal>
  )
}
