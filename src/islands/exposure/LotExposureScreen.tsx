/** What heat and frost did to one lot: what to say to whom, its way, each day; to read, print and hand on. */
import { IconPrinter } from '@tabler/icons-react'
import { Box, Row, Stack } from '../../ui/Box'
import { Button, ButtonLink } from '../../ui/Button'
import { Folded } from '../../ui/Folded'
import { Frame, type Strap } from '../../ui/Frame'
import { Table } from '../../ui/Table'
import * as words from '../../words'
import { harmsSaid, toldText, verdictText } from '../../words/exposure/exposure'
import { expiryText, fullDay } from '../../words/frame/format'
import { KitTabs } from '../kits/KitTabs'
import { Answer } from './Answer'
import { isOut, RangeChart, rangeText } from './RangeChart'
import type { LotMet as Met } from './view'

const wayWords = words.exposure.way
const lotWords = words.exposure.lots

interface Props {
  readonly strap: Strap
  readonly met: Met
}

export const LotExposureScreen = ({ strap, met }: Props) => (
  <Frame tab="kits" strap={strap} place={null}>
    <KitTabs part="exposure" place={null} />
    <LotExposure met={met} />
  </Frame>
)

function LotExposure({ met }: Pick<Props, 'met'>) {
  const { verdict } = met
  const kept = words.storage.said(met)
  const marks = met.stays.slice(1).map(({ pocket, on }) => ({ on, text: wayWords.to(pocket) }))
  return (
    <Stack gap={7}>
      <Row as="header" gap={6} align="start" justify="between" wrap>
        <Box measure>
          <h1>
            {met.title}: {lotWords.state(verdict.kind, met.isHeld)}
          </h1>
          <Box as="p">{verdictText(verdict, met.told)}</Box>
        </Box>
        <Row gap={4} wrap className="no-print">
          <Button icon={IconPrinter} onClick={() => window.print()}>
            {wayWords.print}
          </Button>
          <ButtonLink href={`/kits/${met.kitId}?lot=${met.lotId}&pocket=${met.pocketId}`}>
            {lotWords.open}
          </ButtonLink>
          <ButtonLink
            href={`/api/exposure/lots/${met.lotId}/exposure.json?pocket=${met.pocketId}`}
            download
          >
            {wayWords.json}
          </ButtonLink>
        </Row>
      </Row>
      {verdict.kind === 'beyond' && (
        <Box as="section" pad={5} radius={2} surface="spent" measure aria-label={lotWords.say}>
          <Box as="h2" size={3}>
            {lotWords.say}
          </Box>
          <p>{lotWords.saying(met.title, kept, harmsSaid(verdict.harms), met.mean)}</p>
          <p className="second">{lotWords.ask}</p>
        </Box>
      )}
      {verdict.kind === 'beyond' && met.isHeldForThis && <Answer met={met} />}
      <section aria-label={wayWords.days}>
        <Box as="h2" size={4}>
          {wayWords.days}
        </Box>
        <RangeChart
          days={met.days}
          band={met.band}
          outside={met.outside}
          marks={marks}
          label={wayWords.days}
        />
        <Box as="p" size={2} tone="second">
          {wayWords.under}
        </Box>
        <Outside met={met} />
      </section>
      <Stack gap={7} columns={2} collapse align="start">
        <section aria-label={wayWords.figures}>
          <Box as="h2" size={4} below={2}>
            {wayWords.figures}
          </Box>
          <dl>
            {figuresOf(met, kept).map(([name, value]) => (
              <Row
                gap={5}
                justify="between"
                padY={2}
                size={2}
                lineBelow="hairline"
                key={`${name}${value}`}
              >
                <dt>{name}</dt>
                <Box as="dd" weight="bold" text="right" breakable>
                  {value}
                </Box>
              </Row>
            ))}
          </dl>
        </section>
        <section aria-label={wayWords.title}>
          <Box as="h2" size={4} below={2}>
            {wayWords.title}
          </Box>
          <ol>
            {met.stays.map(({ where, from, on, until }) => (
              <Box as="li" size={2} key={`${where}${from}`}>
                <b>{where}</b> {wayWords.span(on, until)}
              </Box>
            ))}
          </ol>
        </section>
      </Stack>
    </Stack>
  )
}

function figuresOf(met: Met, kept: string): readonly (readonly [string, string])[] {
  const { hottest, coldest, frosts, told } = met
  const frost = frosts.reduce((sum, { from, to }) => sum + to - from, 0)
  return [
    [words.storage.label, kept],
    [wayWords.expiry, expiryText(met.expiry)],
    ...(met.batch === '' ? [] : [[wayWords.batch, met.batch] as const]),
    [wayWords.since, fullDay(met.sinceOn)],
    ...(hottest && coldest
      ? [[wayWords.range, lotWords.range(coldest.hundredths, hottest.hundredths)] as const]
      : []),
    ...met.above
      .filter(({ minutes }) => minutes > 0)
      .map(({ of, minutes }) => [wayWords.above(of), words.exposure.lasting(minutes)] as const),
    [wayWords.frost, frosts.length === 0 ? wayWords.none : wayWords.frosts(frosts.length, frost)],
    ...told
      .filter(({ code }) => code !== 'above')
      .map((one) => [wayWords.told, toldText(one)] as const),
    [wayWords.mean, met.mean === null ? wayWords.tooLittle : wayWords.meanOf(met.mean)],
    [wayWords.share, `${Math.round(met.share * 100)} %`],
    ...(met.loggers.length === 0 ? [] : [[wayWords.loggers, met.loggers.join(', ')] as const]),
  ]
}

/** For whoever reads a table rather than a chart. */
function Outside({ met }: Pick<Props, 'met'>) {
  const out = met.days.filter((day) => isOut(day, met.outside))
  return (
    <Folded title={wayWords.outside(out.length)}>
      {() => (
        <Table figures aria-label={wayWords.outside(out.length)}>
          <tbody>
            {out.map((day) => (
              <tr key={day.on}>
                <th scope="row">{fullDay(day.on)}</th>
                <td>{rangeText(day)}</td>
              </tr>
            ))}
          </tbody>
        </Table>
      )}
    </Folded>
  )
}
