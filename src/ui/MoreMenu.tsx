/** "More": what is not of every day, and on a phone the tabs for which the bar has no room. */

import { useEffect, useRef } from 'react'
import * as words from '../words'
import { Box, Stack } from './Box'
import classes from './Frame.module.css'
import { LookSwitch, type LookValue } from './look'
import { useRole } from './role'
import { MORE, mayOpen, TABS, type TabId } from './tabs'

interface Props {
  readonly tab: TabId
  readonly look: LookValue
  readonly hrefOf: (tab: (typeof TABS)[number]) => string
}

const itemLook = {
  unlined: true,
  as: 'a',
  padX: 5,
  padY: 4,
  size: 3,
  weight: 'bold',
  face: 'display',
  nowrap: true,
  radius: 2,
} as const

export function MoreMenu({ tab, look, hrefOf }: Props) {
  const menu = useRef<HTMLDetailsElement>(null)
  useCloses(menu)
  const role = useRole()
  const isMore = MORE.some(({ id }) => id === tab)
  const isBeyondThumb = TABS.some(({ id, isForThumb }) => id === tab && !isForThumb)
  return (
    <details ref={menu} className={classes.more}>
      <Box
        as="summary"
        pad={4}
        size={3}
        weight="bold"
        tone="second"
        face="display"
        nowrap
        className={classes.tab}
        data-here={isMore}
        data-here-on-phone={isBeyondThumb}
      >
        {words.more.label}
      </Box>
      <Stack gap={1} pad={4} surface="paper" line="seam" radius={2} className={classes.moreList}>
        {TABS.filter(({ isForThumb, href }) => !isForThumb && mayOpen(role, href)).map((one) => (
          <Box
            {...itemLook}
            key={one.id}
            href={hrefOf(one)}
            className={classes.onlyPhone}
            aria-current={one.id === tab ? 'page' : undefined}
          >
            {words.tabs[one.id]}
          </Box>
        ))}
        {MORE.filter(({ href }) => mayOpen(role, href)).map(({ id, href }) => (
          <Box
            {...itemLook}
            key={id}
            href={href}
            download={href.endsWith('.zip') || undefined}
            aria-current={id === tab ? 'page' : undefined}
          >
            {words.more[id]}
          </Box>
        ))}
        <Box padX={4} padY={3} className={classes.onlyPhone}>
          <LookSwitch look={look} />
        </Box>
      </Stack>
    </details>
  )
}

/** Closed by Escape, with the focus back where it was opened, and by a press anywhere else. */
function useCloses(menu: React.RefObject<HTMLDetailsElement | null>): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const of = menu.current
      if (event.key !== 'Escape' || !of?.open) return
      of.open = false
      of.querySelector('summary')?.focus()
    }
    const onPress = ({ target }: Event) => {
      const of = menu.current
      if (of?.open && !of.contains(target as Node)) of.open = false
    }
    addEventListener('keydown', onKey)
    addEventListener('pointerdown', onPress)
    return () => {
      removeEventListener('keydown', onKey)
      removeEventListener('pointerdown', onPress)
    }
  }, [menu])
}
