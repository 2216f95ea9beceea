/**
 * Rates of use (now and then at a desk): what was learned, how sure it is, in which months more is
 * used, and where the keeper knows better.
 */

import { useQuery } from '@tanstack/react-query'
import { readRates } from '../../../contract/restock'
import { call } from '../../../device/call'
import { Row, Stack } from '../../../ui/Box'
import { ButtonLink } from '../../../ui/Button'
import { Empty } from '../../../ui/Empty'
import { Explain } from '../../../ui/Explain'
import { FirstOf } from '../../../ui/FirstOf'
import { Folded } from '../../../ui/Folded'
import { Frame, type Strap } from '../../../ui/Frame'
import { Table } from '../../../ui/Table'
import * as words from '../../../words'
import { RestockTabs } from '../RestockTabs'
import { RateRow } from './RateRow'
import classes from './rates.module.css'
import type { Rate, Rates } from './view'

interface Props {
  readonly strap: Strap
  readonly initial: Rates
  readonly place: string | null
}

export const RatesScreen = (props: Props) => (
  <Frame tab="restock" strap={props.strap} place={props.place}>
    <RestockTabs part="use" />
    <Learned {...props} />
  </Frame>
)

const ratesWords = words.rates

function Learned({ initial, place }: Props) {
  const { data } = useQuery({
    queryKey: ['restock', 'rates'],
    queryFn: () => call(readRates),
    initialData: initial,
  })
  const rates = data.rates.filter(({ placeId }) => place === null || placeId === place)
  const known = rates.filter(({ from }) => from !== 'usual')
  const usual = rates.filter(({ from }) => from === 'usual')
  if (rates.length === 0)
    return (
      <>
        <h1>{ratesWords.title}</h1>
        <Empty text={ratesWords.none}>
          <ButtonLink kind="strong" href="/kits">
            {words.ways.kits}
          </ButtonLink>
        </Empty>
      </>
    )
  return (
    <Stack gap={6} columns={1} className={classes.screen}>
      <header>
        <Row gap={4} align="center" wrap>
          <h1>{ratesWords.headline(known.length, rates.length)}</h1>
          <Explain id="perYear" />
        </Row>
        <p className="second">{ratesWords.under}</p>
      </header>
      {known.length > 0 && <FirstOf all={known}>{(shown) => <RateTable rates={shown} />}</FirstOf>}
      {usual.length > 0 && (
        <Folded title={ratesWords.showUsual(usual.length)} opened={known.length === 0}>
          {() => <FirstOf all={usual}>{(shown) => <RateTable rates={shown} />}</FirstOf>}
        </Folded>
      )}
    </Stack>
  )
}

const RateTable = ({ rates }: { readonly rates: readonly Rate[] }) => {
  const most = Math.max(...rates.map(({ high }) => high), 1)
  return (
    <Table>
      <thead>
        <tr>
          <th scope="col">{ratesWords.thing}</th>
          <th scope="col">{ratesWords.perYear}</th>
          <th scope="col">{ratesWords.range}</th>
          <th scope="col">{ratesWords.season}</th>
          <th scope="col">{ratesWords.hand}</th>
        </tr>
      </thead>
      <tbody>
        {rates.map((rate) => (
          <RateRow key={`${rate.itemId}/${rate.placeId}`} rate={rate} most={most} />
        ))}
      </tbody>
    </Table>
  )
}
