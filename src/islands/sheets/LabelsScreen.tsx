/** The labels of a kit (at a desk, with a printer): what each says, what changed, on which paper. */

import { Checkbox, Select } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import type { z } from 'zod'
import { addressOf } from '../../contract/endpoint'
import {
  labelsPdf,
  labelTestPdf,
  noteLabelsPrinted,
  printOnRoll,
  readLabelPrinter,
  readLabels,
} from '../../contract/sheets'
import {
  formatOf,
  LABEL_FORMAT_IDS,
  type LabelFormatId,
  labelsOnPage,
} from '../../core/labels/formats'
import { call } from '../../device/call'
import { useActing } from '../../ui/acting'
import { Box, Row, Stack } from '../../ui/Box'
import { Button, ButtonLink } from '../../ui/Button'
import { Empty } from '../../ui/Empty'
import { Folded } from '../../ui/Folded'
import { Frame, type Strap, useStrap } from '../../ui/Frame'
import { SegmentedControl } from '../../ui/SegmentedControl'
import { ToCome } from '../../ui/ToCome'
import * as words from '../../words'
import { shortDay } from '../../words/frame/format'
import { type Label, LabelDrawing } from './LabelDrawing'
import { Nudging } from './Nudging'
import { keepPrinter, keptPrinter, type Printer, USUAL } from './printerKept'

const labelWords = words.labels

interface Props {
  readonly strap: Strap
  readonly kitId: string
  readonly kit: string
}

export const LabelsScreen = ({ strap, ...rest }: Props) => (
  <Frame tab="print" strap={strap} place={null}>
    <Labels {...rest} />
  </Frame>
)

type Only = 'changed' | 'all'

function Labels({ kitId, kit }: Omit<Props, 'strap'>) {
  const [printer, setPrinter] = useState<Printer>(USUAL)
  // What this device keeps is known only once it is there.
  useEffect(() => setPrinter(keptPrinter()), [])
  const [only, setOnly] = useState<Only>('changed')
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set())
  const [large, setLarge] = useState(false)
  const [names, setNames] = useState(true)
  const [skip, setSkip] = useState(0)
  const layout = { format: printer.format, large: flag(large), names: flag(names) }
  const { data } = useQuery({
    queryKey: ['labels', kitId, layout],
    queryFn: () => call(readLabels, { params: { kitId }, query: layout }),
    placeholderData: (before) => before,
  })
  const change = (next: Partial<Printer>) => {
    const all = { ...printer, ...next }
    keepPrinter(all)
    setPrinter(all)
  }
  const format = formatOf(printer.format)
  const labels = data?.labels ?? []
  const shown = labels.filter(({ isChanged }) => only === 'all' || isChanged)
  const chosen = shown.filter(({ key, fitted }) => fitted.fits && !left.has(key))
  const nudge = { right: String(printer.right), down: String(printer.down) }
  const pdf = `${addressOf(labelsPdf, { kitId })}?${new URLSearchParams({
    ...layout,
    ...nudge,
    only,
    skip: format.kind === 'sheet' ? String(skip) : '0',
    leave: shown
      .filter(({ key }) => left.has(key))
      .map(({ key }) => key)
      .join(','),
  })}`
  return (
    <>
      <p>
        <a href={`/kits/${kitId}`}>{labelWords.back}</a>
      </p>
      <h1>{labelWords.of(kit)}</h1>
      <Box as="p" measure className="second">
        {labelWords.lead}
      </Box>
      <Row gapX={6} gapY={4} wrap align="end" above={5} below={5}>
        <Select
          label={labelWords.format}
          value={printer.format}
          allowDeselect={false}
          onChange={(id) => id && change({ format: id as LabelFormatId })}
          data={LABEL_FORMAT_IDS.map((value) => ({
            value,
            label: labelWords.formatName(formatOf(value)),
          }))}
          style={{ minWidth: '17rem' }}
        />
        {format.kind === 'sheet' && (
          <Select
            label={labelWords.begin}
            value={String(skip)}
            allowDeselect={false}
            onChange={(at) => setSkip(Number(at))}
            data={Array.from({ length: labelsOnPage(format) }, (_, at) => ({
              value: String(at),
              label: String(at + 1),
            }))}
            style={{ width: '12rem' }}
          />
        )}
        <Stack gap={2}>
          <Checkbox
            label={labelWords.large}
            checked={large}
            onChange={(event) => setLarge(event.currentTarget.checked)}
          />
          <Checkbox
            label={labelWords.names}
            checked={names}
            onChange={(event) => setNames(event.currentTarget.checked)}
          />
        </Stack>
      </Row>
      <Box below={5}>
        <Folded title={labelWords.nudge}>
          {() => (
            <Nudging
              printer={printer}
              onChange={change}
              test={`${labelTestPdf.path}?${new URLSearchParams({ format: printer.format, ...nudge })}`}
            />
          )}
        </Folded>
      </Box>
      {!data && <ToCome said={labelWords.title} />}
      {data && (
        <Row gap={5} wrap align="center" justify="between" below={4}>
          <Row gap={4} wrap align="center">
            <SegmentedControl<Only>
              label={labelWords.which}
              value={only}
              onChange={setOnly}
              options={[
                { value: 'changed', label: labelWords.onlyChanged },
                { value: 'all', label: labelWords.all },
              ]}
            />
            <span>
              {labelWords.changed(labels.filter((one) => one.isChanged).length, labels.length)}
            </span>
          </Row>
          <Press kitId={kitId} chosen={chosen} pdf={pdf} layout={layout} printer={printer} />
        </Row>
      )}
      {data && shown.length === 0 && <Empty text={labelWords.none} />}
      <Stack
        as="ul"
        aria-label={labelWords.title}
        gap={5}
        align="start"
        columns={`repeat(auto-fill, minmax(min(100%, ${Math.round(format.label[0] * PIXELS)}px), 1fr))`}
      >
        {shown.map((label) => (
          <OneLabel
            key={label.key}
            label={label}
            isLeft={left.has(label.key)}
            onLeave={(is) =>
              setLeft((known) => {
                const next = new Set(known)
                if (is) next.add(label.key)
                else next.delete(label.key)
                return next
              })
            }
          />
        ))}
      </Stack>
    </>
  )
}

const flag = (is: boolean): '0' | '1' => (is ? '1' : '0')
/** As large on a usual screen as it will be in the hand. */
const PIXELS = 3.78

interface OneProps {
  readonly label: Label
  readonly isLeft: boolean
  readonly onLeave: (is: boolean) => void
}

function OneLabel({ label, isLeft, onLeave }: OneProps) {
  const { today } = useStrap()
  const { fitted, name, printedOn, isChanged } = label
  return (
    <Stack as="li" gap={3}>
      <Box line="dashed" radius={1} snug style={{ opacity: isLeft ? 0.4 : 1, lineHeight: 0 }}>
        {fitted.fits ? (
          <LabelDrawing label={label} pixels={PIXELS} />
        ) : (
          <Box as="p" pad={5} style={{ lineHeight: 1.4 }}>
            <b>{name}</b> {labelWords.tooSmall}
          </Box>
        )}
      </Box>
      <Row gap={4} wrap align="center" size={2}>
        {fitted.fits && (
          <Checkbox
            size="xs"
            label={<span className="visually-hidden">{labelWords.leave(name)}</span>}
            checked={!isLeft}
            onChange={(event) => onLeave(!event.currentTarget.checked)}
          />
        )}
        <span>
          {[
            printedOn ? labelWords.printedOn(shortDay(printedOn, today)) : labelWords.isNew,
            isChanged && printedOn ? labelWords.isChanged : '',
          ]
            .filter(Boolean)
            .join(', ')}
        </span>
      </Row>
      {fitted.fits && fitted.leftOut.length > 0 && (
        <Box as="small" tone="second">
          {labelWords.leftOut(fitted.leftOut)}
        </Box>
      )}
    </Stack>
  )
}

interface PressProps {
  readonly kitId: string
  readonly chosen: readonly Label[]
  readonly pdf: string
  readonly layout: {
    readonly format: LabelFormatId
    readonly large: '0' | '1'
    readonly names: '0' | '1'
  }
  readonly printer: Printer
}

function Press({ kitId, chosen, pdf, layout, printer }: PressProps) {
  const { run, busy } = useActing()
  const [came, setCame] = useState<readonly Label[]>([])
  const [out, setOut] = useState('')
  const roll = useQuery({ queryKey: ['label-printer'], queryFn: () => call(readLabelPrinter) })
  const keys = chosen.map(({ key }) => key)
  const isRoll = formatOf(layout.format).kind === 'roll'
  const note = () =>
    void run(noteLabelsPrinted, { params: { kitId }, body: { keys } }, ({ noted }) =>
      labelWords.done(noted),
    )
  const print = async (newRoll: boolean) => {
    const done = await run(
      printOnRoll,
      {
        params: { kitId },
        body: { ...layout, right: printer.right, down: printer.down, keys, newRoll },
      },
      (answer: z.output<(typeof printOnRoll)['result']>) => labelWords.done(answer.printed.length),
    )
    if (!done) return
    setCame(chosen.filter(({ key }) => done.printed.includes(key)))
    setOut(done.printed.length < done.of ? labelWords.out(done.printed.length, done.of) : '')
  }
  const isNone = chosen.length === 0
  const open = isNone ? null : (
    <Row gap={4} wrap align="center">
      <ButtonLink kind={isRoll ? 'firm' : 'strong'} href={pdf} target="_blank">
        {labelWords.pdf}
      </ButtonLink>
      {/* A PDF that was opened is not printed yet, and what is noted leaves the list of what changed. */}
      <Button needs="use" disabled={busy} onClick={note}>
        {labelWords.arePrinted}
      </Button>
    </Row>
  )
  if (!isRoll) return open
  return (
    <Stack gap={3}>
      <Row gap={4} wrap align="center">
        {open}
        <Button
          kind="strong"
          needs="use"
          disabled={busy || isNone || roll.data?.left === 0}
          onClick={() => void print(false)}
        >
          {labelWords.roll}
        </Button>
        {roll.data && <span>{labelWords.left(roll.data.left)}</span>}
        {roll.data && roll.data.left < keys.length && (
          <Button disabled={busy} onClick={() => void print(true)}>
            {labelWords.newRoll}
          </Button>
        )}
      </Row>
      {roll.data?.isStandIn && (
        <Box as="p" size={2} tone="second">
          {labelWords.rollIs}
        </Box>
      )}
      {out !== '' && (
        <Box as="p" note="caution" role="alert">
          {out}
        </Box>
      )}
      {came.length > 0 && (
        <Box as="section" aria-label={labelWords.strip}>
          <h2>{labelWords.strip}</h2>
          <Row surface="canvas" pad={4} gap={2} style={{ overflowX: 'auto' }} tabIndex={0}>
            {came.map((label) => (
              <LabelDrawing key={label.key} label={label} pixels={2.4} />
            ))}
          </Row>
        </Box>
      )}
    </Stack>
  )
}
