/** Where things are, and what is normal for whom. */

import { formatAmount, THOUSAND } from '../../core/quantity/amount'
import { Box, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { Folded } from '../../ui/Folded'
import * as words from '../../words'
import type { Part } from './useSitting'

const sittingWords = words.sitting

/** The mat in small: each pocket where it is, with what a sitter may take out of it. */
export function Where({ evening, desk }: Part) {
  const { kits, inCare } = evening.seen
  const memberId = inCare[0]?.id
  return (
    <Box as="section" aria-label={sittingWords.where}>
      <Box as="h2" size={4} below={4}>
        {sittingWords.where}
      </Box>
      {kits.map(({ name, pockets }) => (
        <Folded title={name} key={name}>
          {() => (
            <div
              style={{
                display: 'grid',
                gridTemplateColumns: 'repeat(12, minmax(0, 1fr))',
                gap: '6px',
              }}
            >
              {pockets.map(({ pocketId, name: pocket, cell, things }) => (
                <Box
                  key={pocketId}
                  as="section"
                  surface="pocket"
                  line="mat"
                  radius={2}
                  pad={3}
                  breakable
                  size={2}
                  style={{
                    gridColumn:
                      cell.columns < 6 ? 'span 6' : `${cell.column} / span ${cell.columns}`,
                  }}
                >
                  <b>{pocket}</b>
                  {things.length === 0 && (
                    <Box as="small" block>
                      {sittingWords.empty}
                    </Box>
                  )}
                  <ul>
                    {things.map(({ lotId, title, amount }) => (
                      <li key={lotId}>
                        {formatAmount(amount)} × {title}{' '}
                        {memberId && (
                          <Button
                            kind="link"
                            aria-label={sittingWords.used(title)}
                            onClick={() =>
                              void desk.write(
                                {
                                  memberId,
                                  note: {
                                    kind: 'used',
                                    lotId,
                                    pocketId,
                                    amount: Math.min(THOUSAND, amount),
                                  },
                                },
                                sittingWords.usedNoted('1', title),
                              )
                            }
                          >
                            {sittingWords.usedShort}
                          </Button>
                        )}
                      </li>
                    ))}
                  </ul>
                </Box>
              ))}
            </div>
          )}
        </Folded>
      ))}
    </Box>
  )
}

export const Normal = ({ evening }: Pick<Part, 'evening'>) => (
  <>
    {evening.seen.inCare.map(({ id, name, normal, isOwnNormal }) =>
      normal ? (
        <Folded title={sittingWords.normal(name)} key={id}>
          {() => (
            <Stack as="ul" gap={2}>
              {(
                [
                  [sittingWords.temperature, normal.temperature, sittingWords.celsius],
                  [sittingWords.pulse, normal.pulse, sittingWords.aMinute],
                  [sittingWords.breathing, normal.breathing, sittingWords.aMinute],
                ] as const
              ).map(
                ([what, range, unit]) =>
                  range && (
                    <li key={what}>
                      {what}: <b>{sittingWords.range(range.from, range.to, unit)}</b>
                    </li>
                  ),
              )}
              <li className="second">
                {isOwnNormal ? sittingWords.ownNormal : sittingWords.customary}
              </li>
            </Stack>
          )}
        </Folded>
      ) : null,
    )}
  </>
)
