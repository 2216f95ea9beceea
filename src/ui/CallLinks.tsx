/** Whom to call, large enough for a thumb that shakes. */

import * as words from '../words'
import { Box, Stack } from './Box'

interface Props {
  readonly call: readonly { readonly name: string; readonly phone: string }[]
}

export const CallLinks = ({ call }: Props) => (
  <Stack columns={2} gap={4}>
    {call.map(({ name, phone }) => (
      <Box
        as="a"
        unlined
        key={`${name}${phone}`}
        href={`tel:${phone.replace(/[^\d+]/g, '')}`}
        surface="strap"
        tone="onStrap"
        pad={5}
        radius={2}
        breakable
      >
        <Box as="b" size={3} face="display" block>
          {words.sitting.call(name)}
        </Box>
        {phone}
      </Box>
    ))}
  </Stack>
)
