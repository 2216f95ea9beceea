/** A code to read aloud, and the same as a link. */

import { useState } from 'react'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import * as words from '../../words'

const peopleWords = words.people

interface Props {
  readonly code: string
  /** Where it is typed. */
  readonly under?: 'join' | 'evening'
  readonly how?: (address: string) => string
}

export function CodeToSay({ code, under = 'join', how = peopleWords.howCode }: Props) {
  const [copied, setCopied] = useState<'yes' | 'no' | null>(null)
  const origin = typeof location === 'undefined' ? '' : location.origin
  const link = `${origin}/${under}/${code}`
  const copy = async () => {
    const done = await navigator.clipboard?.writeText(link).then(
      () => true,
      () => false,
    )
    setCopied(done ? 'yes' : 'no')
  }
  return (
    <Stack gap={4}>
      <Box as="p" size={6} weight="bold" face="display" nowrap>
        {code}
      </Box>
      <p>{how(`${origin}/${under}`)}</p>
      <Row gap={4} align="center" wrap>
        <Box as="code" size={1} shrink>
          {link}
        </Box>
        <Button onClick={() => void copy()}>{peopleWords.copy}</Button>
      </Row>
      <p role="status">
        {copied === 'yes' ? peopleWords.copied : copied === 'no' ? peopleWords.notCopied : ''}
      </p>
    </Stack>
  )
}
