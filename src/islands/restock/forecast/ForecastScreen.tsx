/**
 * The forecast (a quiet evening at a desk): what two years may cost and how much of it turns
 * unused, by month and by place, and what one more or one fewer of a thing would change.
 */

import { useQuery } from '@tanstack/react-query'
import { readForecast } from '../../../contract/restock'
import { FUTURES } from '../../../core/forecast/forecast'
import { call } from '../../../device/call'
import { Box, Row, Stack } from '../../../ui/Box'
import { ButtonLink } from '../../../ui/Button'
import { Empty } from '../../../ui/Empty'
import { Explain } from '../../../ui/Explain'
import { Frame, type Strap } from '../../../ui/Frame'
import { Ended, Working } from '../../../ui/Working'
import * as words from '../../../words'
import { money } from '../../../words/frame/format'
import { RestockTabs } from '../RestockTabs'
import { AtRisk } from './AtRisk'
import classes from './forecast.module.css'
import { Months } from './Months'
import { type ForecastView, useForecast } from './useForecast'
import { WhatIfs } from './WhatIfs'

interface Props {
  readonly strap: Strap
  readonly initial: ForecastView
  readonly place: string | null
}

export const ForecastScreen = (props: Props) => (
  <Frame tab="restock" strap={props.strap} place={props.place}>
    <RestockTabs part="forecast" />
    <Forecasted {...props} />
  </Frame>
)

const forecastWords = words.forecast

function Forecasted({ initial, place }: Props) {
  const { data: view } = useQuery({
    queryKey: ['restock', 'forecast'],
    queryFn: () => call(readForecast),
    initialData: initial,
  })
  const { state, found, ifs, stop, start } = useForecast(view)
  if (view.lines.length === 0)
    return (
      <>
        <h1>{forecastWords.title}</h1>
        <Empty text={forecastWords.none}>
          <ButtonLink kind="strong" href="/kits">
            {words.ways.kits}
          </ButtonLink>
        </Empty>
      </>
    )
  const sum = (minor: number) =>
    money(Math.round(minor / 100) * 100, view.currency).replace(/\.00$/, '')
  const years = view.problem.months / 12
  return (
    <Stack gap={6} columns={1} className={classes.screen}>
      <header>
        <Row gap={4} align="center" wrap>
          <h1>
            {found
              ? forecastWords.headline(
                  sum(found.spentInAll.middle / years),
                  sum(found.lapsedInAll.middle / years),
                )
              : forecastWords.waiting}
          </h1>
          <Explain id="range" />
        </Row>
        <p className="second">{forecastWords.under(FUTURES)}</p>
      </header>
      {state.kind === 'working' && (
        <Working
          label={state.on === 'futures' ? forecastWords.working : forecastWords.weighing}
          share={state.share}
          onStop={stop}
        />
      )}
      {(state.kind === 'stopped' || state.kind === 'failed') && (
        <Ended
          said={state.kind === 'stopped' ? forecastWords.stopped : forecastWords.failed}
          again={forecastWords.again}
          onAgain={start}
        />
      )}
      {view.unpriced.length > 0 && (
        <Box as="p" note="caution">
          {forecastWords.unpriced(view.unpriced)}
        </Box>
      )}
      {found && (
        <>
          <Stack columns="repeat(auto-fit, minmax(min(100%, 30rem), 1fr))" gap={6}>
            <Months
              title={forecastWords.spending}
              months={found.months}
              ranges={found.spent}
              currency={view.currency}
            />
            <Months
              title={forecastWords.lapsing}
              months={found.months}
              ranges={found.lapsed}
              currency={view.currency}
            />
          </Stack>
          <AtRisk found={found} view={view} />
        </>
      )}
      {ifs && <WhatIfs ifs={ifs} view={view} place={place} />}
    </Stack>
  )
}
