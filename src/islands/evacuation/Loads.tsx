/** What is taken along, for whom, and where it is. */
import type { Load } from '../../core/evacuation/loads'
import { Box, Row, Stack } from '../../ui/Box'
import * as words from '../../words'
import type { Shown } from './useEvacuation'

const said = words.evacuation

/** "Water bottle: Tray, Cottage box" for each lot. */
export const whereOf = ({ cover }: Pick<Shown, 'cover'>, { sources }: Pick<Load, 'sources'>) =>
  sources.map(({ title, kitId, pocket, lotId }) => ({
    key: `${lotId}/${pocket.id}`,
    title,
    where: [pocket.name, cover.kitName(kitId)].filter(Boolean).join(', '),
    href: `/kits/${kitId}?lot=${lotId}&pocket=${pocket.id}`,
  }))

export function Loads({ shown }: { readonly shown: Shown }) {
  const { plan, cover, household } = shown
  const { loads, kit } = plan.loads
  const { days, papers } = household.household.evacuation
  return (
    <Box as="section" above={7} aria-label={said.loads}>
      <Row gapX={5} gapY={1} align="baseline" wrap below={3}>
        <h2>{said.loads}</h2>
        <Box as="small" tone="second">
          {said.days(days)}
        </Box>
      </Row>
      <Stack gapX={7} gapY={1} columns="repeat(auto-fill, minmax(20rem, 1fr))">
        <Box padY={3} lineBelow="hairline">
          <b>{said.kit}</b>
          <p>{kit === null ? said.noKit : <a href={`/kits/${kit}`}>{cover.kitName(kit)}</a>}</p>
          {papers !== '' && <p className="second">{said.papersAt(papers)}</p>}
        </Box>
        {loads.map((load) => (
          <Box padY={3} lineBelow="hairline" key={load.need}>
            <Row gap={4} justify="between" wrap>
              <b>{said.load(load.need)}</b>
              {!load.isReady && (
                <Box as="strong" tone="bad" size={2}>
                  {load.missing > 0 ? said.lacks(load) : said.nothingThere}
                </Box>
              )}
            </Row>
            <Box as="p" size={2} tone="second">
              {said.forWhom(load.members.map(cover.memberName))}
            </Box>
            <ul>
              {whereOf(shown, load).map(({ key, title, where, href }) => (
                <Box as="li" size={2} key={key} breakable>
                  <a href={href}>{title}</a>, {where}
                </Box>
              ))}
            </ul>
          </Box>
        ))}
      </Stack>
    </Box>
  )
}
