/** Everything of the household as one file, and the way back from one. */

import { FileInput } from '@mantine/core'
import { useRef, useState } from 'react'
import type { BroughtBack } from '../../core/household/broughtBack'
import { sendWhole, WHOLE_PATH } from '../../device/whole'
import { Box, Row, Stack } from '../../ui/Box'
import { Button, ButtonLink } from '../../ui/Button'
import * as words from '../../words'
import classes from './account.module.css'
import { Said } from './Said'
import { useDesk } from './useDesk'

const wholeWords = words.whole

export function Whole({ empty }: { readonly empty: boolean }) {
  const { work, busy, said } = useDesk()
  const [file, setFile] = useState<File | null>(null)
  const [done, setDone] = useState<BroughtBack | null>(null)
  const stop = useRef<AbortController | null>(null)
  const bringBack = async (chosen: File) => {
    const controller = new AbortController()
    stop.current = controller
    setDone(await work(() => sendWhole(chosen, controller.signal), wholeWords.backDone))
  }
  return (
    <section className={classes.part} id="whole" aria-label={wholeWords.title}>
      <Box as="h2" size={4}>
        {wholeWords.title}
      </Box>
      <p className="second">{wholeWords.lead}</p>
      <ButtonLink kind="strong" href={WHOLE_PATH} download width="snug">
        {wholeWords.save}
      </ButtonLink>
      <p className="second">{wholeWords.saveHelp}</p>
      <h3>{wholeWords.back}</h3>
      {done ? (
        <>
          <Said said={said} />
          <ButtonLink kind="strong" href="/" width="snug">
            {wholeWords.backOpen}
          </ButtonLink>
        </>
      ) : !empty ? (
        <p className="second">{wholeWords.backNot}</p>
      ) : (
        <Stack
          loose
          as="form"
          gap={5}
          onSubmit={(event) => {
            event.preventDefault()
            if (file) void bringBack(file)
          }}
        >
          <p className="second">{wholeWords.backHelp}</p>
          <FileInput
            label={wholeWords.backFile}
            placeholder={wholeWords.backChoose}
            size="md"
            accept="application/zip,.zip"
            value={file}
            onChange={setFile}
            disabled={busy}
          />
          <Row as="p" gap={4} wrap className={classes.presses}>
            <Button kind="strong" type="submit" busy={busy} disabled={!file}>
              {wholeWords.backPress}
            </Button>
            {busy && <Button onClick={() => stop.current?.abort()}>{wholeWords.backStop}</Button>}
          </Row>
          {busy && <p role="status">{wholeWords.backWorking}</p>}
          <Said said={said} />
        </Stack>
      )}
    </section>
  )
}
