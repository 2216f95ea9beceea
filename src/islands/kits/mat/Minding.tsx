/** Beside the mat while nothing is picked: what lies where it should not, rule by rule. */

import { POINTER_CODES } from '../../../core/layout/pointers'
import { Box, Stack } from '../../../ui/Box'
import * as words from '../../../words'
import classes from './mat.module.css'
import type { Kit } from './view'

const pointersWords = words.kits.pointers

export function Minding({ kit }: { readonly kit: Kit }) {
  const name = (pocketId: string): string =>
    kit.pockets.find(({ id }) => id === pocketId)?.name ?? ''
  const rules = POINTER_CODES.map((code) => ({
    code,
    at: kit.pointers.filter((pointer) => pointer.code === code),
  })).filter(({ at }) => at.length > 0)
  return (
    <Box
      as="aside"
      pad={6}
      tone="second"
      line="seam"
      radius={2}
      className={`${classes.hint} no-print`}
      aria-label={pointersWords.title}
    >
      <p>{words.kits.mat.pickOne}</p>
      <h2>{pointersWords.title}</h2>
      {rules.length === 0 ? (
        <p>{pointersWords.none}</p>
      ) : (
        <Stack as="ul" gap={5} above={4} size={2} tone="ink" className={classes.minding}>
          {rules.map(({ code, at }) => (
            <li key={code}>
              <b title={pointersWords.source(code)}>{pointersWords.rule(code)}</b>
              <Box as="ul" above={2}>
                {at.map(({ pocketId, things, seconds }) => (
                  <li key={pocketId}>
                    {things.join(', ')}{' '}
                    <Box as="small" tone="second">
                      {name(pocketId)}
                      {seconds === null ? '' : `, ${words.kits.mat.reach(seconds)}`}
                    </Box>
                  </li>
                ))}
              </Box>
            </li>
          ))}
        </Stack>
      )}
    </Box>
  )
}
