/** Could the sitter cope (planning, before leaving): the links that are missing on a chosen evening. */

import { useMemo, useState } from 'react'
import { isPlainDate } from '../../core/calendar/plainDate'
import { SKILL_IDS, SKILLS, type SkillId } from '../../core/catalogue/skills'
import type { Question } from '../../core/cover/asking'
import { explain } from '../../core/cover/explain'
import { questionAt } from '../../core/cover/scene'
import type { MemberId } from '../../core/ids'
import { evening, type MissingLink } from '../../core/judgement/evening'
import { Box, Row, Stack } from '../../ui/Box'
import { DayField } from '../../ui/DayField'
import { Explain } from '../../ui/Explain'
import { Frame, type Strap, useStrap } from '../../ui/Frame'
import * as words from '../../words'
import { Choices } from './Choices'
import { CoverTabs } from './CoverTabs'
import classes from './cover.module.css'
import { Nothing } from './Nothing'
import { type Cover, type CoverView, useCover } from './useCover'
import { WHOEVER } from './whoever'

interface Props {
  readonly strap: Strap
  readonly initial: CoverView
  readonly place: string | null
}

export const EveningScreen = (props: Props) => (
  <Frame tab="cover" strap={props.strap} place={props.place}>
    <CoverTabs part="evening" place={props.place} />
    <Evening {...props} />
  </Frame>
)

const eveningWords = words.evening
/** Skills that a sitter may be shown; the rest takes a course. */
const SITTER_SKILLS = SKILL_IDS.filter((id) => id !== 'staples')

function Evening({ initial, place: chosen }: Props) {
  const cover = useCover(initial)
  const { view, laid, memberName, kitName } = cover
  const { habits } = useStrap()
  const [placeId, setPlaceId] = useState(
    (view.places.find(({ id }) => id === chosen) ?? view.places[0])?.id ?? null,
  )
  const [date, setDate] = useState(view.today)
  const [skills, setSkills] = useState<ReadonlySet<SkillId>>(new Set(['first-aid']))
  const [inCare, setInCare] = useState<ReadonlySet<string>>(() => inCareAtFirst(cover))
  const place = view.places.find(({ id }) => id === placeId)
  const question = useMemo(
    (): Question | null =>
      place
        ? {
            ...questionAt(laid.stock, place, date),
            members: inCare as ReadonlySet<MemberId>,
            skills,
          }
        : null,
    [laid, date, place, inCare, skills],
  )
  const judged = useMemo(
    () => question && evening(laid, question, view.numbers),
    [laid, question, view.numbers],
  )
  if (!question || !judged)
    return (
      <Nothing
        title={eveningWords.title}
        text={words.cover.noPlaces}
        href="/begin?step=places"
        to={words.ways.places}
      />
    )
  const lines = grouped(judged.links)
  /** The whole answer for one link: what is there, with the sitter's hands. */
  const hrefOfIf = (need: string, member: string | null): string =>
    `/cover/if?${new URLSearchParams({
      need,
      member: member ?? WHOEVER,
      on: date,
      place: placeId ?? '',
      hands: [...skills].join(' '),
    })}`
  /** What would close it, where something would. */
  const closing = (link: MissingLink): string | null => {
    if (link.code !== 'need' || link.forWantOfSkill) return null
    const [cheapest] = explain(laid, question, link.need, link.memberId).closings
    return cheapest ? words.cover.closing(cheapest, kitName, habits.currency) : null
  }
  return (
    <>
      <Box as="header" below={5}>
        <Row gap={4} align="center" wrap>
          <h1>{eveningWords.headline(lines.length, judged.ready, judged.of)}</h1>
          <Explain id="cope" />
        </Row>
        <Box measure as="p" size={3} className="second">
          {eveningWords.under} <a href="/evenings">{eveningWords.handOver}</a>
        </Box>
      </Box>
      <div className={classes.evening}>
        <Stack gap={6} padX={6} padY={5} line="dashed" radius={2}>
          <Choices
            label={eveningWords.where}
            choices={view.places.map(({ id, name, hue }) => ({
              id,
              name,
              hue,
              on: id === placeId,
            }))}
            onToggle={(id) => setPlaceId(view.places.find((one) => one.id === id)?.id ?? null)}
          />
          <DayField
            label={eveningWords.when}
            value={date}
            onChange={(day) => isPlainDate(day) && setDate(day)}
          />
          <Choices
            label={eveningWords.care}
            choices={view.members.map(({ id, name }) => ({ id, name, on: inCare.has(id) }))}
            onToggle={(id) => setInCare(flip(inCare, id))}
          />
          <Choices
            label={eveningWords.skills}
            choices={SITTER_SKILLS.map((id) => ({ id, name: SKILLS[id].name, on: skills.has(id) }))}
            onToggle={(id) => setSkills(flip(skills, id as SkillId))}
          />
        </Stack>
        <ol className={classes.links}>
          {lines.map(({ link, names }) => {
            const { what, todo } = eveningWords.link(link, memberName)
            return (
              <Box
                edge="seam"
                as="li"
                lineBelow="hairline"
                key={`${what}${names.join()}`}
                data-life={isLife(link)}
              >
                <Box as="b" size={3} block>
                  {names.length > 1 ? `${what.split(':')[0]}: ${names.join(', ')}` : what}
                </Box>
                <Box as="small" size={2} tone="second" block className={classes.todo}>
                  {closing(link) ?? todo}
                  {link.code === 'need' && (
                    <>
                      {' '}
                      <a href={hrefOfIf(link.need.id, link.memberId)}>{eveningWords.whatThere}</a>
                    </>
                  )}
                </Box>
              </Box>
            )
          })}
        </ol>
      </div>
    </>
  )

  /** The same need for several in care is one line. */
  function grouped(links: readonly MissingLink[]) {
    const lines = new Map<string, { link: MissingLink; names: string[] }>()
    links.forEach((link, at) => {
      const key =
        link.code === 'need' ? `${link.need.id}/${link.state}/${link.forWantOfSkill}` : `${at}`
      const line = lines.get(key) ?? { link, names: [] }
      if (link.code === 'need' && link.memberId) line.names.push(memberName(link.memberId))
      lines.set(key, line)
    })
    return [...lines.values()]
  }
}

const isLife = (link: MissingLink): boolean => link.code === 'need' && link.need.tier === 'life'

/** At first everybody who does not help: they are why there is a sitter. */
const inCareAtFirst = ({ view }: Cover): ReadonlySet<string> =>
  new Set(view.members.filter(({ helper }) => !helper).map(({ id }) => id))

function flip<T>(set: ReadonlySet<T>, one: T): ReadonlySet<T> {
  const next = new Set(set)
  if (!next.delete(one)) next.add(one)
  return next
}
