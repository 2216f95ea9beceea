/** The lid sheet as a page of the browser, as large as its paper; prints as it is shown. */
import type { LidSheet } from '../core/sheet/lidSheet'
import * as words from '../words'
import { type LidOpens, LidQr } from './LidQr'
import classes from './lidSheet.module.css'
import type { PaperSize } from './paper'
import paper from './paper.module.css'

const sheetsWords = words.sheets
/** How it is kept stands below what it is, and is not what one looks for. */
const UNDER = { display: 'block', fontWeight: 400 } as const

export const LidSheetPaper = ({
  sheet,
  size,
  opens,
}: {
  readonly sheet: LidSheet
  readonly size: PaperSize
  /** The code on the lid, where there is one. */
  readonly opens: LidOpens | null
}) => (
  <main id="main" className={paper.paper} data-size={size}>
    {opens && <LidQr opens={opens} />}
    <div className={classes.numbers}>
      <span>
        {sheetsWords.emergency} <b>{sheet.numbers.emergency ?? sheetsWords.blank}</b>
      </span>
      <span>
        {sheetsWords.poison} <b>{sheet.numbers.poison ?? sheetsWords.blank}</b>
      </span>
    </div>
    <h1>{sheet.kit}</h1>
    <p className={classes.under}>
      {sheetsWords.belongsTo(sheet.household)} · {sheetsWords.checked(sheet.look)}
    </p>
    <table className={classes.lines}>
      <thead>
        <tr>
          <th scope="col">{sheetsWords.headings.item}</th>
          <th scope="col">{sheetsWords.headings.purpose}</th>
          <th scope="col">{sheetsWords.headings.count}</th>
          <th scope="col">{sheetsWords.headings.expiry}</th>
        </tr>
      </thead>
      {sheet.pockets.map((pocket, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: pockets may share a name; the sheet never changes
        <tbody key={index}>
          <tr>
            <th colSpan={4} scope="colgroup">
              {pocket.name}
            </th>
          </tr>
          {pocket.lines.length === 0 && (
            <tr>
              <td colSpan={4} className={classes.empty}>
                {sheetsWords.emptyPocket}
              </td>
            </tr>
          )}
          {pocket.lines.map((line) => (
            <tr key={`${line.title}${line.unit}`}>
              <td>
                {line.title}
                <Kept keeping={line.keeping} />
              </td>
              <td>{line.purpose}</td>
              <td>{sheetsWords.count(line)}</td>
              <td>{sheetsWords.expiry(line)}</td>
            </tr>
          ))}
        </tbody>
      ))}
    </table>
    <ul className={classes.cautions}>
      {sheetsWords.cautions.map((caution) => (
        <li key={caution}>{caution}</li>
      ))}
    </ul>
    <p className={classes.foot}>{sheetsWords.printed(sheet.printedOn)}</p>
  </main>
)

function Kept({
  keeping,
}: {
  readonly keeping: LidSheet['pockets'][number]['lines'][number]['keeping']
}) {
  const kept = words.storage.short(keeping)
  return kept === '' ? null : <small style={UNDER}>{kept}</small>
}
