/** Everything of the household as one file, and the way back from one. */
import { Button, FileInput } from '@mantine/core'
import { useRef, useState } from 'react'
import type { BroughtBack } from '../../core/household/broughtBack'
import { sendWhole, WHOLE_PATH } from '../../device/whole'
import { words } from '../../words'
import classes from './account.module.css'
import { Said } from './Said'
import { useDesk } from './useDesk'

const w = words.account.whole

export function Whole({ empty }: { readonly empty: boolean }) {
  const { work, busy, said } = useDesk()
  const [file, setFile] = useState<File | null>(null)
  const [done, setDone] = useState<BroughtBack | null>(null)
  const stop = useRef<AbortController | null>(null)
  const bringBack = async (chosen: File) => {
    const controller = new AbortController()
    stop.current = controller
    setDone(await work(() => sendWhole(chosen, controller.signal), w.backDone))
  }
  return (
    <section className={classes.part} aria-label={w.title}>
      <h2>{w.title}</h2>
      <p className="second">{w.lead}</p>
      <Button component="a" href={WHOLE_PATH} download justify="start" w="fit-content">
        {w.save}
      </Button>
      <p className="second">{w.saveHelp}</p>
      <h3>{w.back}</h3>
      {done ? (
        <>
          <Said said={said} />
          <Button component="a" href="/" w="fit-content">
            {w.backOpen}
          </Button>
        </>
      ) : !empty ? (
        <p className="second">{w.backNot}</p>
      ) : (
        <form
          onSubmit={(event) => {
            event.preventDefault()
            if (file) void bringBack(file)
          }}
        >
          <p className="second">{w.backHelp}</p>
          <FileInput
            label={w.backFile}
            placeholder={w.backChoose}
            size="md"
            accept="application/zip,.zip"
            value={file}
            onChange={setFile}
            disabled={busy}
          />
          <p className={classes.presses}>
            <Button type="submit" loading={busy} disabled={!file}>
              {w.backPress}
            </Button>
            {busy && (
              <Button variant="default" onClick={() => stop.current?.abort()}>
                {w.backStop}
              </Button>
            )}
          </p>
          {busy && <p role="status">{w.backWorking}</p>}
          <Said said={said} />
        </form>
      )}
    </section>
  )
}
