/** Dose cards (planning, at a desk): the labels that ship, and what prescribers said. */

import { useEffect, useRef, useState } from 'react'
import { cardPhoto, removeCard } from '../../../contract/care'
import { addressOf } from '../../../contract/endpoint'
import { type DoseCard, isShipped } from '../../../core/dosing/card'
import type { Member } from '../../../core/household/member'
import { strengthText } from '../../../core/quantity/measure'
import { useActing } from '../../../ui/acting'
import { Box, Row, Stack } from '../../../ui/Box'
import { Button } from '../../../ui/Button'
import { Frame, type Strap } from '../../../ui/Frame'
import { Table } from '../../../ui/Table'
import * as words from '../../../words'
import { fullDay } from '../../../words/frame/format'
import type { Care } from '../useCare'
import { WithCare } from '../WithCare'
import { BenchTabs } from './BenchTabs'
import classes from './bench.module.css'
import { CardForm } from './CardForm'
import { PackForm } from './PackForm'

interface Props {
  readonly strap: Strap
  readonly place: string | null
}

export const CardsScreen = ({ strap, place }: Props) => (
  <Frame tab="bench" strap={strap} place={place}>
    <BenchTabs part="cards" />
    <WithCare title={words.care.cards.title}>{(care) => <Cards care={care} />}</WithCare>
  </Frame>
)

const cardsWords = words.care.cards

type Open =
  | { readonly kind: 'pack' }
  | { readonly kind: 'new'; readonly forWhom: string | null }
  | { readonly kind: 'edit'; readonly card: DoseCard }

const asked = (): Open | null => {
  const search = new URLSearchParams(typeof location === 'undefined' ? '' : location.search)
  if (search.has('pack')) return { kind: 'pack' }
  const forWhom = search.get('for')
  return forWhom ? { kind: 'new', forWhom } : null
}

function Cards({ care }: { readonly care: Care }) {
  const [open, setOpen] = useState<Open | null>(asked)
  const own = care.view.cards.filter((card) => !isShipped(card))
  const labels = care.view.cards.filter(isShipped)
  return (
    <>
      <Row as="header" gap={5} align="start" justify="between" wrap below={6}>
        <div>
          <h1>{cardsWords.title}</h1>
          <Box as="p" measure className="second">
            {cardsWords.lead}
          </Box>
        </div>
        {!open && (
          <Row as="span" gap={4} align="center" wrap>
            <Button kind="strong" onClick={() => setOpen({ kind: 'pack' })}>
              {words.care.pack.add}
            </Button>
            <Button onClick={() => setOpen({ kind: 'new', forWhom: null })}>
              {cardsWords.add}
            </Button>
          </Row>
        )}
      </Row>
      {open?.kind === 'pack' && (
        <PackForm
          care={care}
          onDone={() => {
            setOpen(null)
            history.replaceState(null, '', '/bench/cards')
          }}
        />
      )}
      {open && open.kind !== 'pack' && (
        <CardForm
          key={open.kind === 'edit' ? open.card.id : 'new'}
          care={care}
          card={open.kind === 'edit' ? open.card : null}
          forWhom={open.kind === 'new' ? open.forWhom : null}
          onDone={() => {
            setOpen(null)
            history.replaceState(null, '', '/bench/cards')
          }}
        />
      )}
      <Box as="section" below={7}>
        <Box as="h2" below={4} size={5}>
          {cardsWords.own}
        </Box>
        {own.length === 0 && <p className="second">{cardsWords.none}</p>}
        <div className={classes.cards}>
          {own.map((card) => (
            <Card
              key={card.id}
              card={card}
              members={care.members}
              photo={care.view.photographed.includes(card.id)}
              onEdit={
                card.source.kind === 'pack' ? 'remove' : () => setOpen({ kind: 'edit', card })
              }
            />
          ))}
        </div>
      </Box>
      <Box as="section" below={7}>
        <Box as="h2" below={4} size={5}>
          {cardsWords.labels}
        </Box>
        {labels.length === 0 && <p className="second">{words.care.bench.noLabels}</p>}
        <div className={classes.cards}>
          {labels.map((card) => (
            <Card key={card.id} card={card} members={care.members} photo={false} onEdit={null} />
          ))}
        </div>
      </Box>
    </>
  )
}

interface CardProps {
  readonly card: DoseCard
  readonly members: readonly Member[]
  /** The label was photographed. */
  readonly photo: boolean
  /** A pack's label is taken away and written down again; a shipped one is not changed. */
  readonly onEdit: (() => void) | 'remove' | null
}

function Card({ card, members, photo, onEdit }: CardProps) {
  const { run, busy } = useActing()
  const element = useRef<HTMLElement>(null)
  // Whoever looked for this card has come for it.
  useEffect(() => {
    if (new URLSearchParams(location.search).get('card') === card.id) element.current?.focus()
  }, [card.id])
  const names =
    card.for.kind === 'members'
      ? members.filter(({ id }) =>
          (card.for as { memberIds: readonly string[] }).memberIds.includes(id),
        )
      : []
  return (
    <Stack
      as="article"
      gap={3}
      padX={6}
      padY={5}
      line="dashed"
      radius={2}
      className={classes.card}
      ref={element}
      tabIndex={-1}
      data-own={onEdit !== null}
    >
      <Box as="h3" size={4}>
        {card.name}
      </Box>
      <Box as="p" size={2} tone="second">
        {names.length > 0 && <b>{cardsWords.forWhom(names.map(({ name }) => name))} · </b>}
        {card.purpose}
        {card.strength && ` · ${strengthText(card.strength)}`}
      </Box>
      <Table>
        <tbody>
          {card.bands.map((band) => (
            <tr key={band.printed}>
              <th scope="row">{band.printed || cardsWords.fields.by}</th>
              <td>
                <b>{words.care.amount(band.amount)}</b>
                {band.upTo && ` to ${words.care.amount(band.upTo)}`}
                {band.afterFirst && `, then ${words.care.amount(band.afterFirst)}`}
              </td>
              <td>
                {words.care.bench.again(words.care.interval(band.again))}
                {(band.mostDoses !== null || band.most) &&
                  `, ${cardsWords.most(band.mostDoses, band.most && words.care.amount(band.most))}`}
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
      {card.stop.length > 0 && (
        <Box as="p" size={2}>
          <b>{words.care.bench.stop}:</b> {card.stop.join('; ')}
        </Box>
      )}
      <Box as="p" size={2} tone="second">
        {words.care.source(card)}
        {card.reviewOn && ` · ${cardsWords.fields.review} ${fullDay(card.reviewOn)}`}
      </Box>
      {onEdit && (
        <Row as="p" gap={4} align="center" wrap>
          {onEdit !== 'remove' && (
            <Button kind="plain" onClick={onEdit}>
              {cardsWords.edit}
            </Button>
          )}
          {onEdit === 'remove' && photo && (
            <a href={addressOf(cardPhoto, { cardId: card.id })}>{words.care.pack.seePhoto}</a>
          )}
          <Button
            kind="plain"
            disabled={busy}
            onClick={() =>
              void run(removeCard, { params: { cardId: card.id } }, cardsWords.removed)
            }
          >
            {cardsWords.remove}
          </Button>
        </Row>
      )}
    </Stack>
  )
}
