/** The places on the strap: when somebody is next there, and how ready each is. */

import type { z } from 'zod'
import type * as places from '../contract/values/places'
import * as words from '../words'
import { Box, Row } from './Box'
import classes from './Frame.module.css'
import { useMay } from './role'
import { hrefOf, type TabId } from './tabs'

interface Props {
  readonly strap: z.infer<typeof places.strap>
  readonly place: string | null
  readonly tab: TabId
}

export function StrapPlaces({ strap, place, tab }: Props) {
  const knows = useMay('readiness')
  return (
    <Row as="nav" gap={5} grow shrink aria-label={words.strap.label} className={classes.places}>
      {strap.places.map((one) => (
        <Row
          anchor
          gap={4}
          align="center"
          justify="between"
          radius={2}
          grow
          shrink
          key={one.id}
          className={classes.place}
          data-hue={one.hue}
          data-dim={place !== null && place !== one.id}
        >
          <Box as="span" radius={1} className={classes.buckle} aria-hidden />
          <Box
            as="a"
            unlined
            grow
            shrink
            href={place === one.id ? hrefOf(tab) : `${hrefOf(tab)}?place=${one.id}`}
            aria-current={place === one.id ? 'true' : undefined}
          >
            <Box ellipsis as="b" size={3} weight="bold" face="display" nowrap block>
              {one.name}
            </Box>
            <Box ellipsis as="small" size={1} nowrap block className={classes.placeNext}>
              {words.strap.next(one.next, strap.today)}
            </Box>
          </Box>
          {!knows ? null : one.ready ? (
            <Box
              as="a"
              unlined
              nowrap
              size={4}
              weight="bold"
              face="display"
              href={`/cover?place=${one.id}`}
              className={classes.ready}
              data-life={one.ready.missing.some(({ isLife }) => isLife)}
              aria-label={words.ready.long(one.name, one.ready)}
            >
              {words.ready.figure(one.ready)}{' '}
              <Box as="small" size={1}>
                {words.ready.ready}
              </Box>
            </Box>
          ) : (
            <Box as="span" size={4} weight="bold" title={words.ready.nobody(one.name)}>
              {words.ready.figure(null)}
            </Box>
          )}
        </Row>
      ))}
    </Row>
  )
}
