/** Where things are, and what is normal for whom. */

import type { MemberId } from '../../core/ids'
import { formatAmount, THOUSAND } from '../../core/quantity/amount'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { Folded } from '../../ui/Folded'
import * as words from '../../words'
import type { Evening, Part } from './useSitting'

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
            <>
              <Small pockets={pockets} />
              <Stack as="ol" gap={4} above={4}>
                {pockets.map((pocket, at) => (
                  <Box
                    key={pocket.pocketId}
                    as="li"
                    surface="pocket"
                    line="mat"
                    radius={2}
                    pad={4}
                    breakable
                  >
                    <b>
                      {at + 1} {pocket.name}
                    </b>
                    {pocket.things.length === 0 && (
                      <Box as="small" block>
                        {sittingWords.empty}
                      </Box>
                    )}
                    <Things pocket={pocket} memberId={memberId} desk={desk} />
                  </Box>
                ))}
              </Stack>
            </>
          )}
        </Folded>
      ))}
    </Box>
  )
}

type Pocket = Evening['seen']['kits'][number]['pockets'][number]

/** The kit from above: where each pocket is, by its number in the list below. */
const Small = ({ pockets }: { readonly pockets: readonly Pocket[] }) => (
  <div
    aria-hidden
    style={{ display: 'grid', gridTemplateColumns: 'repeat(12, minmax(0, 1fr))', gap: '4px' }}
  >
    {pockets.map(({ pocketId, cell }, at) => (
      <Box
        key={pocketId}
        surface="pocket"
        line="mat"
        radius={1}
        text="center"
        weight="bold"
        size={2}
        style={{
          gridColumn: `${cell.column} / span ${cell.columns}`,
          gridRow: `${cell.row} / span ${cell.rows}`,
        }}
      >
        {at + 1}
      </Box>
    ))}
  </div>
)

interface ThingsProps extends Pick<Part, 'desk'> {
  readonly pocket: Pocket
  /** Whom it is used on; nobody where nobody is in their care. */
  readonly memberId: MemberId | undefined
}

const Things = ({ pocket: { pocketId, things }, memberId, desk }: ThingsProps) => (
  <Stack as="ul" gap={2}>
    {things.map(({ lotId, title, amount }) => (
      <Row as="li" gap={4} justify="between" align="center" key={lotId}>
        <span>
          {formatAmount(amount)} × {title}
        </span>
        {memberId && (
          <Button
            kind="quiet"
            aria-label={sittingWords.used(title)}
            onClick={() =>
              void desk.write(
                {
                  memberId,
                  note: { kind: 'used', lotId, pocketId, amount: Math.min(THOUSAND, amount) },
                },
                sittingWords.usedNoted('1', title),
              )
            }
          >
            {sittingWords.usedShort}
          </Button>
        )}
      </Row>
    ))}
  </Stack>
)

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
