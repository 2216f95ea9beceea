/** What was found against what was recorded, what became an errand, and the signature. */

import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { readKit } from '../../../contract/kits'
import { readWatch } from '../../../contract/watch'
import type { LotId, PocketId } from '../../../core/ids'
import { formatAmount } from '../../../core/quantity/amount'
import { reportOf } from '../../../core/rounds/report'
import { isLooked } from '../../../core/rounds/round'
import { call } from '../../../device/call'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button, ButtonLink } from '../../../ui/Button'
import * as words from '../../../words'
import { counted } from '../../../words/frame/format'
import classes from './round.module.css'
import type { GoingRound } from './useRound'

const endWords = words.rounds.end

interface Props {
  readonly going: GoingRound
  readonly onGoOn: () => void
  readonly onCount: (pocketId: PocketId, lotId: LotId) => void
}

export function RoundEnd({ going, onGoOn, onCount }: Props) {
  const { round, progress, contents, entries, me, finish, leave } = going
  const [name, setName] = useState(me)
  const [busy, setBusy] = useState(false)
  const report = reportOf(progress)
  const unsure = entries.filter(
    (entry) => isLooked(entry) && entry.outcome !== null && entry.outcome.kind !== 'stood',
  )
  return (
    <Row as="section" gap={6} className={classes.step}>
      <Box as="h1" size={6} breakable>
        {endWords.title}
      </Box>
      <Box as="p" above={2} size={4}>
        {report.lines.length === 0 && report.extra.length === 0 && report.notLookedAt === 0
          ? endWords.allAsRecorded
          : [
              report.lines.length > 0 && endWords.differs(report.lines.length),
              report.asRecorded > 0 && endWords.asRecorded(report.asRecorded),
            ]
              .filter((part) => part !== false)
              .join(', ')}
      </Box>
      {report.notLookedAt > 0 && (
        <Box as="p" note="caution">
          {endWords.notLooked(report.notLookedAt)}
        </Box>
      )}
      {report.contradicted.length > 0 && (
        <Box as="section" pad={5} surface="spent" radius={2} className={classes.clash}>
          <h2>{endWords.contradicted}</h2>
          <ul>
            {progress.pockets.flatMap(({ pocket, things }) =>
              things.flatMap(({ lotId, answer, against, thing }) =>
                answer && against ? (
                  <li key={lotId}>
                    <b>{answer.fact.was.title}</b>
                    <span>
                      {endWords.against(
                        answer.by,
                        formatAmount(answer.fact.look.found),
                        against.by,
                        formatAmount(against.fact.look.found),
                      )}
                    </span>
                    {thing && !round.finished && (
                      <Button onClick={() => onCount(pocket.id, lotId)}>
                        {endWords.countAgain}
                      </Button>
                    )}
                  </li>
                ) : (
                  []
                ),
              ),
            )}
          </ul>
        </Box>
      )}
      {unsure.length > 0 && (
        <Box as="ul" pad={5} surface="spent" radius={2} className={classes.clash}>
          {unsure.map(({ id, fact, outcome }) => (
            <li key={id}>
              <b>{fact.kind === 'looked' ? fact.was.title : ''}</b>
              <span>
                {outcome?.kind === 'overtaken'
                  ? endWords.overtaken(outcome.by)
                  : endWords.outOfStock}
              </span>
            </li>
          ))}
        </Box>
      )}
      <Stack as="ul" className={classes.report}>
        {report.lines.map(({ pocket, title, unit, by, findings }) => (
          <li key={`${pocket}/${title}/${findings.map(({ kind }) => kind).join()}`}>
            <b>{title}</b>
            <small>
              {pocket} · {by}
            </small>
            {findings.map((finding) => (
              <span key={finding.kind}>{endWords.finding(finding, unit)}</span>
            ))}
          </li>
        ))}
        {report.extra.map(({ pocket, title, amount, by }) => (
          <li key={`${pocket}/${title}/extra`}>
            <b>{title}</b>
            <small>
              {pocket} · {by}
            </small>
            <span>{endWords.extra(formatAmount(amount), title)}</span>
          </li>
        ))}
      </Stack>
      {round.finished ? (
        <>
          <Box as="p" padX={6} padY={5} weight="bold" surface="band" radius={2}>
            {endWords.signed(round.finished.by, timeOf(round.finished.at))}
          </Box>
          <Afterwards going={going} />
          <Row as="footer" gap={4} className={classes.foot}>
            <ButtonLink href={`/kits/${contents.kit.id}`}>{endWords.toKit}</ButtonLink>
            <ButtonLink kind="main" className={classes.go} href="/rounds">
              {endWords.toRounds}
            </ButtonLink>
          </Row>
        </>
      ) : (
        <Row
          as="form"
          gap={6}
          grow
          className={classes.sign}
          onSubmit={(event) => {
            event.preventDefault()
            setBusy(true)
            void finish(name.trim()).finally(() => setBusy(false))
          }}
        >
          <Stack as="label" gap={2} weight="bold">
            {endWords.signedBy}
            <input
              value={name}
              maxLength={120}
              onChange={(event) => setName(event.currentTarget.value)}
            />
          </Stack>
          <Row gap={4} align="center" wrap>
            <Button onClick={onGoOn}>{endWords.goOn}</Button>
            <Button onClick={() => void leave().then(() => location.assign('/rounds'))}>
              {endWords.leave}
            </Button>
          </Row>
          <Row as="footer" gap={4} className={classes.foot}>
            <Button
              kind="main"
              type="submit"
              className={classes.go}
              disabled={busy || name.trim() === ''}
            >
              <Box as="b" size={5} weight="bold" face="display">
                {endWords.sign}
              </Box>
            </Button>
          </Row>
        </Row>
      )}
    </Row>
  )
}

const timeOf = (iso: string): string =>
  new Date(iso).toLocaleTimeString('en', { hour: '2-digit', minute: '2-digit', hour12: false })

/** What is left to do for the kit, and whether the sheet in its lid still holds. */
function Afterwards({ going: { contents, outbox } }: { readonly going: GoingRound }) {
  const { id: placeId } = contents.place
  const { id: kitId } = contents.kit
  const unsent = outbox.waiting.some(({ state }) => state === 'waiting')
  const { data: watch } = useQuery({
    queryKey: ['watch', placeId, unsent],
    queryFn: () => call(readWatch, { query: { place: placeId } }),
    retry: false,
  })
  const { data: kit } = useQuery({
    queryKey: ['kit', kitId, unsent],
    queryFn: () => call(readKit, { params: { kitId } }),
    retry: false,
  })
  const errands = watch?.groups
    .flatMap((group) => group.errands)
    .filter((errand) => errand.kitId === kitId)
  return (
    <Stack as="section" gap={4}>
      <h2>{endWords.errands}</h2>
      {unsent || !errands ? (
        <p className="second">{endWords.errandsWait}</p>
      ) : !watch || errands.length === 0 ? (
        <p className="second">{endWords.noErrands}</p>
      ) : (
        <Stack as="ul" className={classes.preview}>
          {errands.map((errand) => (
            <li key={errand.key}>
              <span>
                {words.watch.acts[errand.act]}: {errand.title}
                {errand.amount > 0 && `, ${counted(errand.amount, errand.unit)}`}
              </span>
              <small>
                {words.watch.reason(errand, contents.today, watch.strap.habits.currency)}
              </small>
            </li>
          ))}
        </Stack>
      )}
      {kit && !unsent && (
        <Box
          as="p"
          tone={kit.lidSheet?.upToDate ? 'second' : undefined}
          note={kit.lidSheet?.upToDate ? undefined : 'caution'}
        >
          {kit.lidSheet === null
            ? endWords.sheetNone
            : kit.lidSheet.upToDate
              ? endWords.sheetCurrent(kit.lidSheet.on, contents.today)
              : endWords.sheetOld(kit.lidSheet.on, contents.today)}{' '}
          {!kit.lidSheet?.upToDate && <a href={`/kits/${kitId}/sheet`}>{endWords.printSheet}</a>}
        </Box>
      )}
    </Stack>
  )
}
