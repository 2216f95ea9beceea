/** A dialog. One in which something is half written asks before it closes. */

import { Modal } from '@mantine/core'
import { type ReactNode, useEffect, useState } from 'react'
import * as words from '../words'
import { Box, Row } from './Box'
import { Button } from './Button'

interface Props {
  readonly title: string
  readonly opened?: boolean | undefined
  /** Something in it would be lost: Escape, the corner and a press beside it ask first. */
  readonly isWritten?: boolean | undefined
  /** On the corner that closes it, for who hears it. */
  readonly close?: string | undefined
  readonly size?: 'lg' | undefined
  readonly onClose: () => void
  readonly children: ReactNode
}

export function Dialog({
  title,
  opened = true,
  isWritten = false,
  close = words.forms.cancel,
  size,
  onClose,
  children,
}: Props) {
  const [asks, setAsks] = useState(false)
  // What has been saved, or taken out again, is not asked about when it is opened the next time.
  useEffect(() => {
    if (!opened || !isWritten) setAsks(false)
  }, [opened, isWritten])
  const goOn = () => setAsks(false)
  const leave = () => {
    setAsks(false)
    onClose()
  }
  return (
    <Modal
      opened={opened}
      // Escape a second time goes back to what is written.
      onClose={asks ? goOn : isWritten ? () => setAsks(true) : onClose}
      title={title}
      {...(size && { size })}
      closeButtonProps={{ 'aria-label': close }}
    >
      {asks && (
        <Box note="caution" role="alertdialog" below={5} aria-label={words.forms.unsaved}>
          <p>{words.forms.unsaved}</p>
          <Row gap={4} wrap above={4}>
            <Button kind="strong" autoFocus onClick={goOn}>
              {words.forms.goOn}
            </Button>
            <Button onClick={leave}>{words.forms.leave}</Button>
          </Row>
        </Box>
      )}
      {children}
    </Modal>
  )
}
