/**
 * What can I use? Whom to call, what to do with bare hands, then what lies there in the order in
 * which it is taken; and what is set aside, with how grave that is and why.
 */

import { useMemo } from 'react'
import { oneUse } from '../../../core/cover/taking'
import { atHand, type SetAside } from '../../../core/incident/atHand'
import type { AtHandLot, UseWay } from '../../../core/incident/rankOfLots'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import * as words from '../../../words'
import type { PanelProps } from './panel'

const incidentWords = words.care.incident

export function UsePanel({ care, line, here, patient, say, onOpen }: PanelProps) {
  const { laid, view } = care
  const { kind } = line.incident
  const answer = useMemo(
    () => kind && atHand(laid, { patient, kind, here, date: view.today }),
    [laid, patient, kind, here, view.today],
  )
  if (!answer) return <p>{incidentWords.chooseKind}</p>
  const kitName = (id: string): string => laid.stock.kits.find((kit) => kit.id === id)?.name ?? ''
  const placeName = (id: string): string =>
    laid.stock.places.find((place) => place.id === id)?.name ?? ''
  const takeOne = (lot: AtHandLot, isTool: boolean) =>
    say({
      kind: 'used',
      title: lot.title,
      words: '',
      takes: isTool
        ? []
        : [
            {
              lotId: lot.lotId,
              pocketId: lot.shelf.pocket.id,
              amount: oneUse(laid.things[lot.shelf.thing]?.facts.uses ?? 1),
            },
          ],
    })
  return (
    <>
      <Box
        padX={6}
        padY={5}
        size={4}
        weight="bold"
        face="display"
        surface="spent"
        line="bad"
        radius={2}
      >
        {answer.calls.map((call) => (
          <p key={call}>{call}</p>
        ))}
      </Box>
      <Box as="p" padX={6} padY={5} size={4} line="heavy" radius={2}>
        <b>{incidentWords.atOnce}</b> {answer.first}
      </Box>
      {answer.ways.length > 0 && (
        <Box as="p" tone="second">
          {incidentWords.useLead}
        </Box>
      )}
      {answer.ways.map((way) => (
        <WayPart
          key={`${way.need}${way.way}`}
          way={way}
          where={(lot) =>
            incidentWords.whereLies(
              placeName(lot.placeId),
              kitName(lot.kitId),
              lot.shelf.pocket.name,
              lot,
            )
          }
          remarks={(lot) =>
            incidentWords.remarks(
              lot.rank,
              lot.onTheirWord,
              lot.shelf.through,
              lot.remarks,
              view.today,
            )
          }
          // What acts goes by its card and its clock, never by a press here.
          isDosed={(lot) => {
            const facts = laid.things[lot.shelf.thing]?.facts
            return facts?.isMedicine === true && facts.acting.length > 0
          }}
          onUse={(lot, isTool) => void takeOne(lot, isTool)}
          onDose={() => onOpen('dose')}
        />
      ))}
      {answer.ways.length === 0 && (
        <Box as="p" tone="second">
          {incidentWords.useNothing}
        </Box>
      )}
      {answer.cautions.map((caution) => (
        <Box as="p" tone="second" key={caution}>
          {caution}
        </Box>
      ))}
      {(['forbidden', 'ask_first', 'not_as_it_is'] as const).map((grade) => (
        <Aside
          key={grade}
          grade={grade}
          things={answer.setAside.filter((one) => one.grade === grade)}
          kitName={kitName}
          why={(one) => one.why.map((reason) => words.cover.why(reason, view.today)).join('; ')}
        />
      ))}
    </>
  )
}

function WayPart({
  way,
  where,
  remarks,
  isDosed,
  onUse,
  onDose,
}: {
  readonly way: UseWay
  readonly where: (lot: AtHandLot) => string
  readonly remarks: (lot: AtHandLot) => string
  readonly isDosed: (lot: AtHandLot) => boolean
  readonly onUse: (lot: AtHandLot, isTool: boolean) => void
  readonly onDose: () => void
}) {
  const lacking = way.parts.filter(({ lots }) => lots.length === 0)
  return (
    <Box asides="below" as="section" padX={5} padY={4} line="dashed" radius={2}>
      <Box as="h3" size={4}>
        {way.way}
        {way.rank === 'prescribed' && <small> {incidentWords.prescribed}</small>}
      </Box>
      {way.caution && (
        <Box as="p" tone="second">
          {way.caution}
        </Box>
      )}
      {way.fromHome.length > 0 && (
        <Box as="p" tone="second">
          {incidentWords.fromHome(way.fromHome)}
        </Box>
      )}
      <Box as="ul" above={2}>
        {way.parts.flatMap((part) =>
          part.lots.slice(0, MOST_LOTS).map((lot) => (
            <Row
              as="li"
              gap={5}
              align="center"
              justify="between"
              padY={3}
              lineAbove="hairline"
              key={`${part.roles.join()}${lot.lotId}${lot.shelf.pocket.id}`}
            >
              <span>
                <b>{lot.title}</b>
                <small>{where(lot)}</small>
                {remarks(lot) !== '' && <em>{remarks(lot)}</em>}
              </span>
              {isDosed(lot) ? (
                <Button kind="strong" aria-label={incidentWords.doseOf(lot.title)} onClick={onDose}>
                  {incidentWords.acts.dose}
                </Button>
              ) : (
                <Button
                  kind="strong"
                  aria-label={incidentWords.usedOf(lot.title)}
                  onClick={() => onUse(lot, part.isTool)}
                >
                  {incidentWords.use}
                </Button>
              )}
            </Row>
          )),
        )}
      </Box>
      {lacking.length > 0 && (
        <Box as="p" tone="second">
          {incidentWords.lacking(lacking.map(({ roles }) => roles))}
        </Box>
      )}
    </Box>
  )
}

/** So many of one kind are enough to choose from in a hurry. */
const MOST_LOTS = 3

function Aside({
  grade,
  things,
  kitName,
  why,
}: {
  readonly grade: SetAside['grade']
  readonly things: readonly SetAside[]
  readonly kitName: (id: string) => string
  readonly why: (one: SetAside) => string
}) {
  if (things.length === 0) return null
  // One thing in three kits, for one reason, is one line.
  const lines = new Map<string, { title: string; why: string; kits: Set<string> }>()
  for (const one of things) {
    const line = { title: one.title, why: why(one), kits: new Set<string>() }
    const key = `${line.title}: ${line.why}`
    const same = lines.get(key) ?? line
    same.kits.add(kitName(one.kitId))
    lines.set(key, same)
  }
  return (
    <Box as="section" note="mustNot" data-grade={grade}>
      <Box as="h3" padX={4} padY={1} surface="paper" radius={1}>
        {words.cover.grade[grade]}
      </Box>
      <Stack as="ul" gap={2} above={2}>
        {[...lines].map(([key, line]) => (
          <Box as="li" padX={4} padY={1} surface="paper" radius={1} key={key}>
            <b>{line.title}</b> ({[...line.kits].join(', ')}): {line.why}
          </Box>
        ))}
      </Stack>
    </Box>
  )
}
