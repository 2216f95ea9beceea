/** What things are (planning): what a name leaves no doubt about, what is asked, what nobody knows. */

import { useEffect, useMemo, useRef, useState } from 'react'
import { matchItems } from '../../contract/items'
import { sayingOf } from '../../core/naming/saying'
import { isUnsaid } from '../../core/watch/ofThings'
import { useActing } from '../../ui/acting'
import { Box, Row } from '../../ui/Box'
import { ButtonLink } from '../../ui/Button'
import { Empty } from '../../ui/Empty'
import { Explain } from '../../ui/Explain'
import { FirstOf } from '../../ui/FirstOf'
import { Frame, type Strap } from '../../ui/Frame'
import * as words from '../../words'
import { CoverTabs } from '../cover/CoverTabs'
import coverClasses from '../cover/cover.module.css'
import { type CoverView, useCover } from '../cover/useCover'
import { AskedThing } from './AskedThing'
import { KnownThing } from './KnownThing'
import { SureThings } from './SureThings'
import type { Answer, Unsaid } from './saying'
import { UnknownThing } from './UnknownThing'

interface Props {
  readonly strap: Strap
  readonly initial: CoverView
  readonly place: string | null
}

export const ThingsScreen = (props: Props) => (
  <Frame tab="cover" strap={props.strap} place={props.place}>
    <CoverTabs part="items" place={props.place} />
    <Things {...props} />
  </Frame>
)

const itemsWords = words.items
/** Nobody looks at more than a screenful at once. */
const AT_ONCE = 6
const ASKED_AT_ONCE = 3
const SURE_AT_ONCE = 10

function Things({ initial }: Props) {
  const { view } = useCover(initial)
  const { run } = useActing()
  /** Answered here and on the way to the server: gone from the list at once. */
  const [answered, setAnswered] = useState<ReadonlySet<string>>(new Set())
  /** "None of these": asked no more, and described by hand. */
  const [noneOf, setNoneOf] = useState<ReadonlySet<string>>(new Set())
  const items = useMemo(
    () => [...view.items].sort((a, b) => a.name.localeCompare(b.name)),
    [view.items],
  )
  const unsaid = useMemo(
    (): readonly Unsaid[] =>
      items
        .filter((item) => isUnsaid(item, view.courses))
        .map((item) => ({ item, saying: sayingOf(item) })),
    [items, view],
  )
  const open = unsaid.filter(({ item }) => !answered.has(item.id))
  const isNone = ({ item }: Unsaid): boolean => noneOf.has(item.id)
  const sure = open.filter((one) => one.saying.kind === 'sure' && !isNone(one))
  const asked = open.filter(
    (one) => (one.saying.kind === 'asked' || one.saying.kind === 'uses') && !isNone(one),
  )
  const unknown = open.filter((one) => one.saying.kind === 'unknown' || isNone(one))
  const known = items.filter((item) => !unsaid.some((one) => one.item.id === item.id))

  const answer = (answers: readonly Answer[]): void => {
    const ids = answers.map(({ itemId }) => itemId)
    setAnswered((before) => new Set([...before, ...ids]))
    void run(matchItems, { body: { matches: [...answers] } }, ({ matched }) =>
      words.items.matching.matched(matched),
    ).then((done) => {
      // Refused or not sent: it is asked again.
      if (!done)
        setAnswered((before) => new Set([...before].filter((id) => !ids.includes(id as never))))
    })
  }
  const none = (itemId: string): void => setNoneOf((before) => new Set([...before, itemId]))

  const next = useNextInFocus(open.length + noneOf.size)
  return (
    <div ref={next}>
      <Box as="header" below={5}>
        <Row gap={4} align="center" wrap>
          <h1>{items.length === 0 ? itemsWords.title : itemsWords.headline(open.length)}</h1>
          <Explain id="match" />
        </Row>
        {items.length === 0 ? (
          <Empty text={words.items.matching.noItems}>
            <ButtonLink kind="strong" href="/bring-in">
              {words.more.bring}
            </ButtonLink>
            <ButtonLink href="/kits">{words.ways.kits}</ButtonLink>
          </Empty>
        ) : (
          <Box measure as="p" size={3} className="second">
            {itemsWords.under}
          </Box>
        )}
      </Box>
      {sure.length > 0 && (
        <SureThings
          key={sure
            .slice(0, SURE_AT_ONCE)
            .map(({ item }) => item.id)
            .join()}
          things={sure.slice(0, SURE_AT_ONCE)}
          all={sure.length}
          country={view.country}
          onConfirm={answer}
          onNone={none}
        />
      )}
      {asked.length > 0 && (
        <Box as="section" above={6}>
          <h2>{itemsWords.asked(asked.length)}</h2>
          <p className="second">{itemsWords.askedUnder}</p>
          <Box as="ul" above={4} aria-label={itemsWords.asked(asked.length)}>
            {asked.slice(0, ASKED_AT_ONCE).map((one) => (
              <AskedThing
                key={one.item.id}
                thing={one}
                country={view.country}
                onAnswer={answer}
                onNone={none}
              />
            ))}
          </Box>
          {asked.length > ASKED_AT_ONCE && (
            <p className="second">{itemsWords.moreOf(asked.length - ASKED_AT_ONCE)}</p>
          )}
        </Box>
      )}
      {unknown.length > 0 && (
        <Box as="section" above={6}>
          <h2>{itemsWords.unknown(unknown.length)}</h2>
          <p className="second">{itemsWords.unknownUnder}</p>
          <Box as="ul" above={4} aria-label={itemsWords.unknown(unknown.length)}>
            {unknown.slice(0, AT_ONCE).map((one) => (
              <UnknownThing
                key={one.item.id}
                thing={one}
                country={view.country}
                onAnswer={answer}
              />
            ))}
          </Box>
          {unknown.length > AT_ONCE && (
            <p className="second">{itemsWords.moreOf(unknown.length - AT_ONCE)}</p>
          )}
        </Box>
      )}
      {known.length > 0 && (
        <Box asides="beside" as="section" above={7} className={coverClasses.known}>
          <h2>{words.items.matching.known}</h2>
          <FirstOf all={known}>
            {(shown) => (
              <Box as="ul" above={2}>
                {shown.map((item) => (
                  <KnownThing key={item.id} item={item} country={view.country} />
                ))}
              </Box>
            )}
          </FirstOf>
        </Box>
      )}
    </div>
  )
}

/** When an answer takes a line away the keyboard goes on with the next one. */
function useNextInFocus(count: number) {
  const root = useRef<HTMLDivElement>(null)
  const before = useRef(count)
  useEffect(() => {
    const lost = document.activeElement === document.body || document.activeElement === null
    if (count !== before.current && lost)
      root.current?.querySelector<HTMLElement>('[data-first-answer]')?.focus()
    before.current = count
  }, [count])
  return root
}
