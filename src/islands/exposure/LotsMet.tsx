/** What heat and frost did to each thing, the gravest first, with what to say to whom. */
import { Box, Row, Stack } from '../../ui/Box'
import { ButtonLink } from '../../ui/Button'
import { FirstOf } from '../../ui/FirstOf'
import { Folded } from '../../ui/Folded'
import * as words from '../../words'
import { harmsSaid, toldText, verdictText } from '../../words/exposure/exposure'
import type { ExposureView, JudgedLot } from './view'

const lotWords = words.exposure.lots

export function LotsMet({ view }: { readonly view: ExposureView }) {
  const here = view.lots.filter(({ placeId }) => placeId === view.placeId)
  const told = (lots: readonly JudgedLot[]) =>
    lots.filter(({ verdict }) => verdict.kind === 'beyond' || verdict.kind === 'excursion')
  const [first, others] = [told(here), told(view.lots.filter((one) => !here.includes(one)))]
  const rest = here.filter((one) => !first.includes(one))
  const unknown = rest.filter(({ verdict }) => verdict.kind === 'unknown').length
  return (
    <section aria-label={lotWords.title}>
      <Box as="h2" size={4} below={3}>
        {lotWords.title}
      </Box>
      {here.length === 0 && <p>{lotWords.none}</p>}
      <Cards lots={first} />
      {rest.length > 0 && (
        <Folded title={lotWords.rest(rest.length - unknown, unknown)}>
          {() => <Cards lots={rest} />}
        </Folded>
      )}
      {others.length > 0 && (
        <Box above={5}>
          <Box as="h3" size={3} below={2}>
            {lotWords.others}
          </Box>
          <Cards lots={others} />
        </Box>
      )}
    </section>
  )
}

const Cards = ({ lots }: { readonly lots: readonly JudgedLot[] }) => (
  <FirstOf all={lots} atOnce={4}>
    {(shown) => (
      <Stack as="ul" gap={4}>
        {shown.map((lot) => (
          <Card key={`${lot.lotId}${lot.pocketId}`} lot={lot} />
        ))}
      </Stack>
    )}
  </FirstOf>
)

function Card({ lot }: { readonly lot: JudgedLot }) {
  const { verdict, mean, share, hottest, coldest } = lot
  const storage = words.storage.said(lot)
  const meanText = mean === null ? '' : lotWords.mean(mean, share)
  return (
    <Box
      as="li"
      pad={4}
      radius={2}
      surface={verdict.kind === 'beyond' ? 'spent' : 'tag'}
      line={verdict.kind === 'beyond' ? 'ink' : 'dashed'}
    >
      <Box as="h3" size={3} breakable>
        {lot.title}: {lotWords.state(verdict.kind, lot.isHeld)}
      </Box>
      <Box as="p" size={2} tone="second" breakable>
        {lotWords.at(lot.pocket, lot.kit)}
      </Box>
      <Box as="p" size={2} above={2}>
        {[
          verdictText(verdict, lot.told),
          ...(verdict.kind === 'beyond'
            ? []
            : lot.told.map((one) => `${capitalOf(toldText(one))}.`)),
        ].join(' ')}
      </Box>
      <Box as="p" size={2} tone="second">
        {[
          capitalOf(storage),
          ...(hottest && coldest ? [lotWords.range(coldest.hundredths, hottest.hundredths)] : []),
          ...(meanText === '' ? [] : [meanText]),
        ].join(' · ')}
      </Box>
      {verdict.kind === 'beyond' && (
        <Folded title={lotWords.say}>
          {() => (
            <Box as="blockquote" above={2} size={2}>
              <p>{lotWords.saying(lot.title, storage, harmsSaid(verdict.harms), mean)}</p>
              <p className="second">{lotWords.ask}</p>
            </Box>
          )}
        </Folded>
      )}
      <Row above={2}>
        <ButtonLink kind="quiet" href={`/lots/${lot.lotId}/exposure?pocket=${lot.pocketId}`}>
          {words.exposure.way.open}
        </ButtonLink>
      </Row>
    </Box>
  )
}

const capitalOf = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)
