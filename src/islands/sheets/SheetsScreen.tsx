/** Every lid sheet, to look at, print or save. */
import { addressOf } from '../../contract/endpoint'
import { exportList } from '../../contract/imports'
import { lidSheetPdf } from '../../contract/sheets'
import { PAPER_SIZES } from '../../sheets/paper'
import { Frame, type Strap, useStrap } from '../../ui/Frame'
import { words } from '../../words'
import type { KitCard } from '../kits/KitsScreen'
import classes from './sheets.module.css'

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
      {kits.length === 0 && <p className={classes.none}>{words.kits.none}</p>}
      <div className={classes.places}>
        {places
          .filter(({ id }) => place === null || id === place)
          .map((at) => (
            <section key={at.id} data-hue={at.hue} className={classes.place}>
              <h2>{at.name}</h2>
              <ul>
                {kits
                  .filter(({ placeId }) => placeId === at.id)
                  .map((kit) => (
                    <li key={kit.id}>
                      <span className={classes.page} aria-hidden />
                      <div>
                        <a href={`/kits/${kit.id}/sheet`}>{kit.name}</a>
                        <small>
                          {words.kits.summary(kit.pockets, kit.lots)} ·{' '}
                          {words.kits.lastCheck(kit.lastCheck, today)}
                        </small>
                      </div>
                      <span className={classes.files}>
                        {PAPER_SIZES.map((size) => (
                          <a
                            key={size}
                            href={`${addressOf(lidSheetPdf, { kitId: kit.id })}?size=${size}`}
                            aria-label={`${sheetsWords.pdf} ${sheetsWords.paper[size]}: ${kit.name}`}
                          >
                            {sheetsWords.pdf} {sheetsWords.paper[size]}
                          </a>
                        ))}
                      </span>
                    </li>
                  ))}
              </ul>
            </section>
          ))}
      </div>
      <p className={classes.more}>
        <a href="/restock">{sheetsWords.alsoRestock}</a>
        <a href={exportList.path}>{words.imports.export}</a>
      </p>
    </>
  )
}
