/** The start: a file or pasted text; while it is read, how far it is. */
import { Button, Textarea } from '@mantine/core'
import { useState } from 'react'
import { exportList, listTemplate } from '../../contract/imports'
import { words } from '../../words'
import classes from './bring.module.css'
import type { ListState } from './useList'

const importsWords = words.imports

interface Props {
  readonly state: Exclude<ListState, { kind: 'open' }>
  readonly onOpen: (name: string, source: Uint8Array | string) => Promise<void>
  readonly onCancel: () => void
}

export function ChooseList({ state, onOpen, onCancel }: Props) {
  const [pasted, setPasted] = useState('')
  const [over, setOver] = useState(false)
  const openFile = async (file: File | undefined) => {
    if (file) await onOpen(file.name, new Uint8Array(await file.arrayBuffer()))
  }
  return (
    <div className={classes.start}>
      <div className={classes.choose}>
        <h1>{importsWords.title}</h1>
        <p className="second">{importsWords.under}</p>
        {state.kind === 'reading' ? (
          <div className={classes.reading} aria-live="polite">
            <progress
              value={state.done}
              max={Math.max(1, state.total)}
              aria-label={importsWords.read}
            />
            <p>{importsWords.reading(state.done, state.total)}</p>
            <Button variant="default" onClick={onCancel}>
              {importsWords.cancel}
            </Button>
          </div>
        ) : (
          <>
            {state.refused && (
              <p role="alert" className={classes.refused}>
                {importsWords.refused[state.refused]}
              </p>
            )}
            <label
              className={classes.drop}
              data-over={over}
              onDragOver={(event) => {
                event.preventDefault()
                setOver(true)
              }}
              onDragLeave={() => setOver(false)}
              onDrop={(event) => {
                event.preventDefault()
                setOver(false)
                void openFile(event.dataTransfer.files[0])
              }}
            >
              <input
                type="file"
                accept=".csv,.tsv,.txt,text/csv,text/plain,text/tab-separated-values"
                onChange={(event) => {
                  const input = event.currentTarget
                  void openFile(input.files?.[0]).then(() => {
                    // The same file may be chosen again after it was mended.
                    input.value = ''
                  })
                }}
              />
              <b>{importsWords.file}</b>
              <small>{importsWords.drop}</small>
            </label>
            <form
              onSubmit={(event) => {
                event.preventDefault()
                void onOpen(importsWords.pasted, pasted)
              }}
            >
              <Textarea
                label={importsWords.paste}
                placeholder={importsWords.example}
                value={pasted}
                onChange={(event) => setPasted(event.currentTarget.value)}
                minRows={6}
                maxRows={14}
                classNames={{ input: classes.pasted }}
              />
              <div className={classes.presses}>
                <Button type="submit" disabled={pasted.trim() === ''}>
                  {importsWords.read}
                </Button>
                <a href={listTemplate.path}>{importsWords.template}</a>
                <a href={exportList.path}>{importsWords.export}</a>
              </div>
            </form>
          </>
        )}
      </div>
      <aside className={classes.understood}>
        <h2>{importsWords.understood.title}</h2>
        <dl>
          {importsWords.understood.rows.map(([what, examples]) => (
            <div key={what}>
              <dt>{what}</dt>
              <dd>{examples}</dd>
            </div>
          ))}
        </dl>
      </aside>
    </div>
  )
}
