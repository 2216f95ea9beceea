/** Rows of the file that are no lines of the list, each with its reason: nothing vanishes. */

import type { LeftRow } from '../../core/interchange/readList'
import { Box } from '../../ui/Box'
import * as words from '../../words'

const howReadWords = words.imports.howRead

export const NotLines = ({ left }: { readonly left: readonly LeftRow[] }) =>
  left.length === 0 ? null : (
    <Box as="details" above={5} tone="second">
      <summary>{howReadWords.notLines(left.length)}</summary>
      <Box as="ul" above={2} below={2}>
        {left.map(({ line, why, text }) => (
          <li key={line}>
            <b>{howReadWords.row(line)}</b> {text} <i>{howReadWords.notLine[why]}</i>
          </li>
        ))}
      </Box>
    </Box>
  )
