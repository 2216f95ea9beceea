/** The household (now and then, at a desk): who belongs to it, where it keeps things, how it writes. */

import { useQuery } from '@tanstack/react-query'
import { readHousehold } from '../../contract/household'
import { readActs } from '../../contract/record'
import { call } from '../../device/call'
import { Row } from '../../ui/Box'
import { Frame, type Strap } from '../../ui/Frame'
import * as words from '../../words'
import type { CoverView } from '../cover/useCover'
import { HouseholdTabs } from './HouseholdTabs'
import classes from './household.module.css'
import { Lately } from './Lately'
import { Members } from './Members'
import { Places } from './Places'
import { SignOut } from './SignOut'
import type { ActsView, HouseholdView } from './view'

interface Props {
  readonly strap: Strap
  readonly initial: HouseholdView
  readonly acts: ActsView
  readonly who: string
  readonly cover: CoverView
}

export const HouseholdScreen = (props: Props) => (
  <Frame tab="household" strap={props.strap} place={null}>
    <HouseholdTabs part="household" />
    <HouseholdParts {...props} />
  </Frame>
)

function HouseholdParts({ initial, acts, who, cover }: Props) {
  const { data } = useQuery({
    queryKey: ['household'],
    queryFn: () => call(readHousehold),
    initialData: initial,
  })
  const { data: lately } = useQuery({
    queryKey: ['acts'],
    queryFn: () => call(readActs),
    initialData: acts,
  })
  return (
    <>
      <Row as="header" gap={6} align="start" justify="between" below={6}>
        <div>
          <h1>{data.household.name}</h1>
          <p className="second">{words.household.signedIn(who)}</p>
        </div>
        <Row as="nav" gapX={6} gapY={3} wrap align="center" justify="end">
          <a href="/settings">{words.settings.title}</a>
          <a href="/account">{words.account.open}</a>
          <SignOut />
        </Row>
      </Row>
      <Members initial={cover} earlierGuests={data.earlierGuests} />
      <div className={classes.parts}>
        <Places places={data.places} members={data.members} />
        <Lately acts={lately.acts} timeZone={data.household.timeZone} />
      </div>
    </>
  )
}
