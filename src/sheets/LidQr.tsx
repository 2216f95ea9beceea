/** The code on a lid sheet: whoever opens the kit scans it, or types it. */
import * as words from '../words'
import { qrSvg } from './qr'

const lidWords = words.roadside.lid

/** What opens a kit on somebody's phone. */
export interface LidOpens {
  readonly code: string
  /** Where it leads. */
  readonly address: string
}

export const LidQr = ({ opens: { code, address } }: { readonly opens: LidOpens }) => (
  <figure style={{ float: 'right', width: '40mm', margin: '0 0 3mm 5mm', textAlign: 'center' }}>
    <span
      role="img"
      aria-label={lidWords.image}
      style={{ display: 'block', width: '24mm', margin: '0 auto' }}
      // Drawn by the library from letters, digits and this application's own address.
      // biome-ignore lint/security/noDangerouslySetInnerHtml: no text of anybody's gets in
      dangerouslySetInnerHTML={{ __html: qrSvg(address) }}
    />
    <figcaption style={{ fontSize: '0.8em', lineHeight: 1.3 }}>
      {lidWords.scan}
      <br />
      <b style={{ whiteSpace: 'nowrap' }}>{code}</b>
    </figcaption>
  </figure>
)
