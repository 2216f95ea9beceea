/** Help (at a desk or standing): a page for each tab, in questions as a keeper would ask them. */

import { Box, Row } from '../../ui/Box'
import { ButtonLink } from '../../ui/Button'
import { Frame, type Strap } from '../../ui/Frame'
import { KeysTold } from '../../ui/KeysHelp'
import { Parts } from '../../ui/Parts'
import * as words from '../../words'

interface Props {
  readonly strap: Strap
  readonly about: words.HelpId
}

const IDS = Object.keys(words.helpPages) as readonly words.HelpId[]

export function HelpScreen({ strap, about }: Props) {
  const page: words.HelpPage = words.helpPages[about]
  return (
    <Frame tab="help" strap={strap} place={null}>
      <Parts
        label={words.help.pages}
        current={about}
        parts={IDS.map((id) => ({ id, label: words.tabs[id], href: `/help/${id}` }))}
      />
      <Box as="header" below={6}>
        <h1>{page.title}</h1>
        <Box as="p" measure tone="second">
          {page.lead}
        </Box>
      </Box>
      {page.questions.map(({ asks, says, href, to }) => (
        <Box as="section" measure padY={5} lineBelow="hairline" key={asks}>
          <Box as="h2" size={3}>
            {asks}
          </Box>
          <Box as="p" above={2}>
            {says}
          </Box>
          {href && to && (
            <Row above={3}>
              <ButtonLink href={href}>{to}</ButtonLink>
            </Row>
          )}
        </Box>
      ))}
      <Box as="section" measure above={7} id="keys" aria-labelledby="keys-title">
        <Box as="h2" size={4} id="keys-title">
          {words.help.keys}
        </Box>
        <KeysTold />
      </Box>
    </Frame>
  )
}
