/** The plan beside the plain one, beside doing nothing, and beside the plan before. */

import type { Compared } from '../../../core/restock/restockPlan'
import { Box, Stack } from '../../../ui/Box'
import { Table } from '../../../ui/Table'
import * as words from '../../../words'
import { money } from '../../../words/frame/format'
import classes from './plan.module.css'
import type { Found } from './usePlan'

const planWords = words.plan

interface Props {
  readonly found: Found
  readonly before: Found | null
}

export function Compare({ found, before }: Props) {
  const { plan, view } = found
  const columns: readonly (readonly [string, Compared])[] = [
    [planWords.columns.plan, plan.board.lived],
    ...(before ? [[planWords.columns.before, before.plan.board.lived] as const] : []),
    [planWords.columns.plain, plan.plain],
    [planWords.columns.idle, plan.idle],
  ]
  const rows: readonly (readonly [string, (of: Compared) => string])[] = [
    [planWords.rows.spent, ({ cost }) => money(Math.round(cost.spentMinor), view.currency)],
    [planWords.rows.must, ({ bareDays }) => planWords.days(bareDays.life + bareDays.urgent)],
    [planWords.rows.nice, ({ bareDays }) => planWords.days(bareDays.comfort)],
  ]
  return (
    <Stack
      loose
      as="section"
      gap={4}
      padX={6}
      padY={5}
      line="seam"
      radius={2}
      className={classes.box}
      aria-label={planWords.compare}
    >
      <Box as="h2" size={3}>
        {planWords.compare}
      </Box>
      <Table figures>
        <thead>
          <tr>
            <td />
            {rows.map(([title]) => (
              <th key={title} scope="col">
                {title}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {columns.map(([title, of]) => (
            <tr key={title}>
              <th scope="row">{title}</th>
              {rows.map(([row, told]) => (
                <td key={row}>{told(of)}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </Table>
      <Box as="p" size={2} tone="second">
        {planWords.compareUnder}
      </Box>
      <Box as="p" size={2} tone="second">
        {planWords.gap(plan.gap, plan.stopped)}
      </Box>
    </Stack>
  )
}
