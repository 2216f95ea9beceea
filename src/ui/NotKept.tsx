/**
 * The device is full: what was pressed is not done, and whoever pressed it has to know. The page's own
 * dialog, so that nothing has to be fetched for it from a server that may be away.
 */

import { useEffect, useId, useRef } from 'react'
import { forgetUnkept, type Unkept } from '../device/unkept'
import * as words from '../words'
import { Box, Stack } from './Box'
import { Button } from './Button'

export function NotKept({ unkept: { title, problem } }: { readonly unkept: Unkept }) {
  const dialog = useRef<HTMLDialogElement>(null)
  const heading = useId()
  useEffect(() => dialog.current?.showModal(), [])
  return (
    <Box
      as="dialog"
      ref={dialog}
      pad={6}
      surface="paper"
      line="heavy"
      radius={3}
      aria-labelledby={heading}
      onClose={forgetUnkept}
    >
      <Stack gap={5}>
        <Box as="h2" id={heading} size={4} weight="bold" face="display">
          {words.waiting.full}
        </Box>
        <p>{words.waiting.notKept(title)}</p>
        <p>{problem ? `${problem.title}. ${problem.detail}` : words.waiting.makeRoom}</p>
        <Button onClick={forgetUnkept}>
          {problem ? words.waiting.close : words.waiting.haveRead}
        </Button>
      </Stack>
    </Box>
  )
}
