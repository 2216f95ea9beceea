/** What was done and what was refused, said in a corner: for a while, or until somebody answers. */

import {
  createNotificationsStore,
  hideNotification,
  Notifications,
  type NotificationsStore,
  showNotification,
} from '@mantine/notifications'
import { IconX } from '@tabler/icons-react'
import { useMemo, useState } from 'react'
import * as words from '../words'
import { Box, Row } from './Box'
import { Button } from './Button'
import classes from './Messages.module.css'

export interface Message {
  readonly tone: 'done' | 'problem'
  readonly title: string
  readonly detail: string
  /** The act that waits for this to be answered; null when none does. */
  readonly about: string | null
  readonly press: { readonly label: string; readonly run: () => void } | null
  /** Ends the waiting of whoever asked, when the message is closed without an answer. */
  readonly settle: (() => void) | null
}

export interface MessagesValue {
  readonly store: NotificationsStore
  readonly tell: (message: Message) => void
  /** Takes away what was said about an act: it got its answer. */
  readonly answered: (about: string) => void
}

const SHOWN_MILLISECONDS = 9000
const MOST_SHOWN = 3

export function useMessages(): MessagesValue {
  const [store] = useState(createNotificationsStore)
  return useMemo(() => {
    /** Messages that got their answer: whoever waits is told by it, and not by their closing. */
    const settled = new Set<string>()
    const close = (id = ''): void => void hideNotification(id, store)
    const answer = (id = ''): void => {
      settled.add(id)
      close(id)
    }
    return {
      store,
      tell: (message) => {
        // What is new is seen: the oldest makes room for it.
        const shown = store.getState().notifications
        for (const old of shown.slice(0, Math.max(0, shown.length + 1 - MOST_SHOWN))) close(old.id)
        const id = crypto.randomUUID()
        showNotification(
          {
            id,
            message: message.title,
            role: 'group',
            autoClose: message.tone === 'done' && SHOWN_MILLISECONDS,
            'data-about': message.about,
            onClose: () => !settled.delete(id) && message.settle?.(),
            renderNotification: () => (
              <MessageLine
                message={message}
                onPress={() => {
                  answer(id)
                  message.press?.run()
                }}
                onClose={() => close(id)}
              />
            ),
          },
          store,
        )
      },
      answered: (about) => {
        for (const one of store.getState().notifications)
          if (one['data-about'] === about) answer(one.id)
      },
    }
  }, [store])
}

export const Messages = ({ store }: Pick<MessagesValue, 'store'>) => (
  <div className="no-print" role="status" aria-live="polite">
    <Notifications
      store={store}
      withinPortal={false}
      position="bottom-left"
      limit={MOST_SHOWN}
      containerWidth={480}
      notificationMaxHeight={600}
      zIndex={400}
      // Above the bar for the thumb, where there is one.
      styles={{ root: { marginBottom: 'var(--thumb-bar, 0)' } }}
    />
  </div>
)

interface LineProps {
  readonly message: Message
  readonly onPress: () => void
  readonly onClose: () => void
}

const MessageLine = ({ message: { tone, title, detail, press }, onPress, onClose }: LineProps) => (
  <Row
    surface="strap"
    gap={5}
    align="center"
    tone="onStrap"
    radius={2}
    className={classes.message}
    data-tone={tone}
  >
    <Box grow>
      <strong>{title}</strong>
      {detail && (
        <Box as="p" size={2}>
          {detail}
        </Box>
      )}
    </Box>
    {press && (
      <Button kind="plain" onClick={onPress}>
        {press.label}
      </Button>
    )}
    <Button kind="step" icon={IconX} aria-label={words.undo.dismiss} onClick={onClose} />
  </Row>
)
