/** The file of a logger: read in front of the keeper, with what was left out of it and why. */
import { Select, TextInput } from '@mantine/core'
import { useEffect, useState } from 'react'
import type { LoggerReport, Unit } from '../../core/exposure/loggerFile'
import { UNITS } from '../../core/exposure/loggerFile'
import { minuteAt } from '../../core/exposure/readings'
import { readNumber } from '../../core/quantity/readNumber'
import { ActDialog } from '../../ui/ActDialog'
import { Box, Stack } from '../../ui/Box'
import { useStrap } from '../../ui/Frame'
import { useActForm } from '../../ui/useActForm'
import * as words from '../../words'
import { moment } from '../../words/frame/format'
import { type FileDraft, readFileDraft } from './drafts'
import { type FileState, useLoggerFile } from './useLoggerFile'

const fileWords = words.exposure.file
const HOURS = { least: -9000, most: 9000 }
const YEAR_MINUTES = 365 * 24 * 60

interface Props {
  /** Choices of where it lies, by their keys. */
  readonly spots: readonly { readonly value: string; readonly label: string }[]
  readonly spot: string
  readonly onClose: () => void
}

export function LoggerFile({ spots, spot, onClose }: Props) {
  const { habits, today } = useStrap()
  const [bytes, setBytes] = useState<Uint8Array | null>(null)
  const [unit, setUnit] = useState<Unit | null>(null)
  const [shift, setShift] = useState('0')
  const hours = readNumber(shift, HOURS)
  // The household's day may be another one than the device's.
  const [now] = useState(() => minuteAt(Math.max(Date.now(), Date.parse(`${today}T12:00:00Z`))))
  const state = useLoggerFile(bytes, {
    unit,
    order: habits.dateOrder,
    zone: habits.timeZone,
    now,
    shiftMinutes: typeof hours === 'number' ? Math.round(hours * 60) : 0,
  })
  const initial: FileDraft = { name: fileWords.usualName, spot, series: null }
  const form = useActForm({
    initial,
    read: readFileDraft,
    said: (_, { added, differing, held }) => fileWords.saved(added, differing, held),
    onSaved: onClose,
  })
  const { set } = form
  const series = state.kind === 'read' ? state.series : null
  // biome-ignore lint/correctness/useExhaustiveDependencies: what was read is what is sent
  useEffect(() => set({ series }), [series])
  return (
    <ActDialog form={form} title={fileWords.title} press={fileWords.save} onClose={onClose}>
      <label data-file>
        <Box as="span" underline>
          {fileWords.choose}
        </Box>
        <input
          type="file"
          accept=".csv,.txt,.tsv,text/csv,text/plain"
          className="visually-hidden"
          aria-label={fileWords.choose}
          onChange={(event) => {
            const [file] = event.currentTarget.files ?? []
            if (file) void file.arrayBuffer().then((read) => setBytes(new Uint8Array(read)))
            event.currentTarget.value = ''
          }}
        />
      </label>
      <Found state={state} now={now} />
      {form.errorOf('series') && state.kind !== 'read' && (
        <Box as="p" tone="bad" role="alert">
          {form.errorOf('series')}
        </Box>
      )}
      <Stack gap={4} columns={2} align="start">
        <TextInput label={fileWords.name} maxLength={120} {...form.text('name')} />
        <Select
          label={fileWords.where}
          allowDeselect={false}
          searchable
          {...form.choice('spot')}
          data={[...spots]}
        />
        {state.kind === 'read' && (
          <Select
            label={fileWords.unit}
            value={unit ?? 'file'}
            allowDeselect={false}
            onChange={(said) => setUnit(said === 'file' ? null : (said as Unit))}
            data={[
              {
                value: 'file',
                label: fileWords.unitAsFile(state.report.unit, state.report.isUnitGuessed),
              },
              ...UNITS.map((one) => ({ value: one, label: fileWords.unitName(one) })),
            ]}
          />
        )}
        <TextInput
          label={fileWords.shift}
          description={fileWords.shiftUnder}
          inputMode="decimal"
          value={shift}
          error={hours === 'wrong' ? fileWords.wrongShift : undefined}
          onChange={(event) => setShift(event.currentTarget.value)}
        />
      </Stack>
    </ActDialog>
  )
}

function Found({ state, now }: { readonly state: FileState; readonly now: number }) {
  const { habits } = useStrap()
  if (state.kind === 'none') return null
  if (state.kind === 'reading')
    return (
      <p role="status" className="second">
        {fileWords.reading}
      </p>
    )
  if (state.kind !== 'read')
    return (
      <Box as="p" tone="bad" role="alert">
        {state.kind === 'not_text' ? fileWords.notText : fileWords.refused(state.code)}
      </Box>
    )
  const { series, report } = state
  const at = (minute: number | undefined) =>
    moment(new Date((minute ?? 0) * 60_000).toISOString(), habits.timeZone)
  const [low, high] = [Math.min(...series.hundredths), Math.max(...series.hundredths)]
  return (
    <Box surface="mat" pad={4} radius={1} role="status">
      {series.minutes.length > 0 && (
        <>
          <b>
            {fileWords.found(
              series.minutes.length,
              at(series.minutes[0]),
              at(series.minutes.at(-1)),
            )}
          </b>
          <p>{fileWords.range(words.exposure.degrees(low), words.exposure.degrees(high))}</p>
        </>
      )}
      <ul>
        {remarksOf(report, at, now - (series.minutes.at(-1) ?? now) > YEAR_MINUTES).map((text) => (
          <Box as="li" size={2} key={text}>
            {text}
          </Box>
        ))}
      </ul>
    </Box>
  )
}

function remarksOf(
  report: LoggerReport,
  at: (minute: number) => string,
  isOld: boolean,
): readonly string[] {
  const counted: readonly (readonly [number, (count: number) => string])[] = [
    [report.repeated, fileWords.repeated],
    [report.differing, fileWords.differing],
    [report.reversed, fileWords.reversed],
    [report.gaps.length, fileWords.gaps],
    [report.refusedCount, fileWords.left],
  ]
  return [
    fileWords.columns(report.columns.time, report.columns.temperature),
    ...(report.isUnitGuessed ? [fileWords.guessed(report.unit)] : []),
    ...(isOld ? [fileWords.old] : []),
    ...report.stuck.map(({ from, to }) => fileWords.stuck(at(from), at(to))),
    ...counted.flatMap(([count, say]) => (count > 0 ? [say(count)] : [])),
    ...report.refused.map(({ line, fault }) => fileWords.line(line, fault)),
  ].filter(Boolean)
}
