/** Cards for the wallet: print one or all, and where each is; what is out of date says so. */

import { TextInput } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { z } from 'zod'
import { noteCardPrinted, readWalletCards, walletCardsPdf } from '../../contract/sheets'
import { call } from '../../device/call'
import { useActing } from '../../ui/acting'
import { Box, Row, Stack } from '../../ui/Box'
import { Button, ButtonLink } from '../../ui/Button'
import { SegmentedControl } from '../../ui/SegmentedControl'
import { ToCome } from '../../ui/ToCome'
import * as words from '../../words'

const walletWords = words.wallet

type Card = z.output<(typeof readWalletCards)['result']>['cards'][number]
type Private = '0' | '1'

export function WalletCards() {
  const [isPrivate, setPrivate] = useState<Private>('1')
  const { data } = useQuery({ queryKey: ['wallet-cards'], queryFn: () => call(readWalletCards) })
  const pdf = (memberId?: string): string =>
    `${walletCardsPdf.path}?${new URLSearchParams({ private: isPrivate, ...(memberId && { memberId }) })}`
  return (
    <Box as="section" above={7} aria-label={walletWords.title}>
      <h2>{walletWords.title}</h2>
      <p className="second">{walletWords.under}</p>
      <Row gap={5} wrap align="center" above={4} below={3}>
        <SegmentedControl<Private>
          label={walletWords.withPrivate}
          value={isPrivate}
          onChange={setPrivate}
          options={[
            { value: '1', label: walletWords.withPrivate },
            { value: '0', label: walletWords.withoutPrivate },
          ]}
        />
        <ButtonLink href={pdf()} target="_blank">
          {walletWords.all}
        </ButtonLink>
      </Row>
      {!data && <ToCome said={walletWords.title} />}
      <Stack as="ul" gapX={7} columns="repeat(auto-fit, minmax(min(100%, 27rem), 1fr))">
        {data?.cards.map((card) => (
          <CardLine key={card.memberId} card={card} pdf={pdf(card.memberId)} />
        ))}
      </Stack>
    </Box>
  )
}

function CardLine({ card, pdf }: { readonly card: Card; readonly pdf: string }) {
  const { memberId, name, print, fits, leftOut } = card
  const { run, busy } = useActing()
  const [hangs, setHangs] = useState(print?.hangs ?? '')
  const state =
    print === null
      ? walletWords.never
      : print.upToDate
        ? walletWords.upToDate(print.on)
        : walletWords.old(print.on)
  return (
    <Row as="li" gapX={6} gapY={3} align="end" wrap padY={4} lineBelow="hairline">
      <Box grow shrink breakable style={{ minWidth: '9rem' }}>
        <a href={pdf} target="_blank" rel="noreferrer" aria-label={walletWords.one(name)}>
          {name}
        </a>
        <Box
          as="small"
          block
          tone={print && !print.upToDate ? 'bad' : 'second'}
          weight={print && !print.upToDate ? 'bold' : undefined}
        >
          {state}
        </Box>
        {!fits && (
          <Box as="small" block tone="bad">
            {walletWords.tooMuch}
          </Box>
        )}
        {fits && leftOut.length > 0 && (
          <Box as="small" block tone="second">
            {walletWords.leftOut(leftOut)}
          </Box>
        )}
      </Box>
      <TextInput
        label={walletWords.hangs}
        aria-label={walletWords.hangsOf(name)}
        maxLength={120}
        value={hangs}
        onChange={(event) => setHangs(event.currentTarget.value)}
      />
      <Button
        needs="use"
        disabled={busy}
        aria-label={walletWords.noteOf(name)}
        onClick={() =>
          void run(
            noteCardPrinted,
            { params: { memberId }, body: { hangs: hangs.trim() } },
            walletWords.noted(name),
          )
        }
      >
        {walletWords.note}
      </Button>
    </Row>
  )
}
