/** Every lid sheet, to look at, print or save. */

import { addressOf } from '../../contract/endpoint'
import { exportList } from '../../contract/imports'
import { lidSheetPdf } from '../../contract/sheets'
import { PAPER_SIZES } from '../../sheets/paper'
import { Box, Row, Stack } from '../../ui/Box'
import { ButtonLink } from '../../ui/Button'
import { Empty } from '../../ui/Empty'
import { Frame, type Strap, useStrap } from '../../ui/Frame'
import * as words from '../../words'
import type { KitCard } from '../kits/KitsScreen'
import classes from './sheets.module.css'
import { WalletCards } from './WalletCards'

interface Props {
  readonly strap: Strap
  readonly kits: readonly KitCard[]
  readonly place: string | null
}

export const SheetsScreen = (props: Props) => (
  <Frame tab="print" strap={props.strap} place={props.place}>
    <Sheets {...props} />
  </Frame>
)

const sheetsWords = words.sheets

function Sheets({ kits, place }: Props) {
  const { places, today } = useStrap()
  return (
    <>
      <h1>{sheetsWords.all}</h1>
      <p className="second">{sheetsWords.under}</p>
      {kits.length === 0 && (
        <Empty text={words.kits.none}>
          <ButtonLink kind="strong" href="/kits">
            {words.kits.add}
          </ButtonLink>
        </Empty>
      )}
      <Stack gapX={8} columns="repeat(auto-fit, minmax(min(100%, 30rem), 1fr))">
        {places
          .filter(({ id }) => place === null || id === place)
          .map((at) => (
            <Box
              as="section"
              above={6}
              lineAbove="dashed"
              key={at.id}
              data-hue={at.hue}
              className={classes.place}
            >
              <Box as="h2" tone="hue">
                {at.name}
              </Box>
              <ul>
                {kits
                  .filter(({ placeId }) => placeId === at.id)
                  .map((kit) => (
                    <Row
                      as="li"
                      gapX={6}
                      gapY={2}
                      align="center"
                      wrap
                      padY={4}
                      lineBelow="hairline"
                      key={kit.id}
                    >
                      <Box as="span" radius={1} className={classes.page} aria-hidden />
                      <div>
                        <a href={`/kits/${kit.id}/sheet`}>{kit.name}</a>
                        <Box as="small" tone="second" block>
                          {words.kits.summary(kit.pockets, kit.lots)} ·{' '}
                          {words.kits.look(kit.look, today)}
                        </Box>
                      </div>
                      <Row as="span" gap={6} size={2} className={classes.files}>
                        <a href={`/kits/${kit.id}/labels`} aria-label={words.labels.of(kit.name)}>
                          {words.labels.title}
                        </a>
                        {PAPER_SIZES.map((size) => (
                          <a
                            key={size}
                            href={`${addressOf(lidSheetPdf, { kitId: kit.id })}?size=${size}`}
                            aria-label={`${sheetsWords.pdf} ${sheetsWords.paper[size]}: ${kit.name}`}
                          >
                            {sheetsWords.pdf} {sheetsWords.paper[size]}
                          </a>
                        ))}
                      </Row>
                    </Row>
                  ))}
              </ul>
            </Box>
          ))}
      </Stack>
      <WalletCards />
      <Row as="p" gap={7} above={7}>
        <a href="/print/errands">{sheetsWords.errands.link}</a>
        <a href="/restock">{sheetsWords.alsoRestock}</a>
        <a href={exportList.path}>{words.imports.export}</a>
      </Row>
    </>
  )
}
