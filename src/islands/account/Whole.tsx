/** Everything of the household as one file, and the way back from one. */

import { Button, FileInput } from '@mantine/core'
import { useRef, useState } from 'react'
import type { BroughtBack } from '../../core/household/broughtBack'
import { sendWhole, WHOLE_PATH } from '../../device/whole'
import { Box, Row } from '../../ui/Box'
import { words } from '../../words'
import classes from './account.module.css'
import { Said } from './Said'
import { useDesk } from './useDesk'

const wholeWords = words.account.whole

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
    <section className={classes.part} aria-label={wholeWords.title}>
      <Box as="h2" size={4}>
        {wholeWords.title}
      </Box>
      <p className="second">{wholeWords.lead}</p>
      <Button component="a" href={WHOLE_PATH} download justify="start" w="fit-content">
        {wholeWords.save}
      </Button>
      <p className="second">{wholeWords.saveHelp}</p>
      <h3>{wholeWords.back}</h3>
      {done ? (
        <>
          <Said said={said} />
          <Button component="a" href="/" w="fit-content">
            {wholeWords.backOpen}
          </Button>
        </>
      ) : !empty ? (
        <p className="second">{wholeWords.backNot}</p>
      ) : (
        <form
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
            <Button type="submit" loading={busy} disabled={!file}>
              {wholeWords.backPress}
            </Button>
            {busy && (
              <Button variant="default" onClick={() => stop.current?.abort()}>
                {wholeWords.backStop}
              </Button>
            )}
          </Row>
          {busy && <p role="status">{wholeWords.backWorking}</p>}
          <Said said={said} />
        </form>
      )}
    </section>
  )
}
