/** The start: a file or pasted text; while it is read, how far it is. */

import { Textarea } from '@mantine/core'
import { useState } from 'react'
import { exportList, listTemplate } from '../../contract/imports'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { useStay } from '../../ui/useStay'
import * as words from '../../words'
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
  useStay(pasted.trim() !== '')
  const openFile = async (file: File | undefined) => {
    if (file) await onOpen(file.name, new Uint8Array(await file.arrayBuffer()))
  }
  return (
    <Stack columns="minmax(0, 48rem) minmax(0, 20rem)" collapse gapX={8} gapY={7} align="start">
      <div>
        <h1>{importsWords.title}</h1>
        <p className="second">{importsWords.under}</p>
        {state.kind === 'reading' ? (
          <Box above={7} aria-live="polite">
            <progress
              value={state.done}
              max={Math.max(1, state.total)}
              aria-label={importsWords.read}
            />
            <p>{importsWords.reading(state.done, state.total)}</p>
            <Button onClick={onCancel}>{importsWords.cancel}</Button>
          </Box>
        ) : (
          <>
            {state.refused && (
              <Box
                as="p"
                padX={5}
                padY={4}
                above={5}
                below={5}
                weight="bold"
                surface="spent"
                radius={2}
                role="alert"
              >
                {importsWords.refused[state.refused]}
              </Box>
            )}
            <Stack
              as="label"
              gap={2}
              padX={6}
              padY={7}
              above={6}
              below={6}
              tone="matInk"
              surface="mat"
              radius={2}
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
              <Box underline as="b" size={4} weight="bold" face="display">
                {importsWords.file}
              </Box>
              <small>{importsWords.drop}</small>
            </Stack>
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
              <Row gapX={6} gapY={4} align="center" wrap above={5}>
                <Button kind="strong" type="submit" disabled={pasted.trim() === ''}>
                  {importsWords.read}
                </Button>
                <a href={listTemplate.path}>{importsWords.template}</a>
                <a href={exportList.path}>{importsWords.export}</a>
              </Row>
            </form>
          </>
        )}
      </div>
      <Box as="aside" padX={6} padY={5} line="dashed" radius={2} className={classes.understood}>
        <h2>{importsWords.understood.title}</h2>
        <Box as="dl" above={3}>
          {importsWords.understood.rows.map(([what, examples]) => (
            <div key={what}>
              <Box as="dt" weight="bold">
                {what}
              </Box>
              <Box as="dd" size={2} tone="second">
                {examples}
              </Box>
            </div>
          ))}
        </Box>
      </Box>
    </Stack>
  )
}
