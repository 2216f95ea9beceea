/** The lid sheet as a PDF for A4, A5 or Letter, with the application's own fonts. */
import { Document, Image, Page, renderToBuffer, StyleSheet, Text, View } from '@react-pdf/renderer'
import type { LidSheet, SheetLine } from '../core/sheet/lidSheet'
import * as words from '../words'
import type { LidOpens } from './LidQr'
import type { PaperSize } from './paper'
import { body, heading, INK, registerFonts, SEAM, SECOND } from './pdfFonts'
import { qrPicture } from './qr'

/** A pocket with more lines may run over a page. */
const MOST_UNBROKEN = 16

const styles = (small: boolean) =>
  StyleSheet.create({
    page: {
      paddingTop: small ? 22 : 34,
      paddingBottom: small ? 30 : 44,
      paddingHorizontal: small ? 24 : 40,
      fontFamily: body,
      fontSize: small ? 8 : 10,
      color: INK,
    },
    numbers: {
      flexDirection: 'row',
      backgroundColor: INK,
      color: '#FFFDF8',
      borderRadius: 5,
      padding: small ? 6 : 9,
      marginBottom: small ? 8 : 12,
      gap: 18,
    },
    number: { fontFamily: heading, fontWeight: 700, fontSize: small ? 11 : 14 },
    title: { fontFamily: heading, fontWeight: 700, fontSize: small ? 17 : 24 },
    head: { flexDirection: 'row', justifyContent: 'space-between', gap: 12 },
    headText: { flexGrow: 1, flexShrink: 1 },
    qr: { width: 92, alignItems: 'center', fontSize: 7, textAlign: 'center', marginBottom: 4 },
    qrPicture: { width: 64, height: 64, marginBottom: 2 },
    qrCode: { fontWeight: 700 },
    under: { color: SECOND, marginTop: 2, marginBottom: small ? 6 : 10 },
    pocket: {
      borderWidth: 1,
      borderStyle: 'dashed',
      borderColor: SEAM,
      borderRadius: 5,
      padding: small ? 5 : 8,
      marginBottom: small ? 5 : 8,
    },
    pocketName: {
      fontFamily: heading,
      fontWeight: 700,
      fontSize: small ? 10 : 12,
      marginBottom: 3,
    },
    row: { flexDirection: 'row', paddingVertical: 1.5, gap: 6 },
    headings: { paddingHorizontal: small ? 5 : 8, color: SECOND },
    item: { flexGrow: 1, flexBasis: '36%', fontWeight: 700 },
    purpose: { flexGrow: 1, flexBasis: '32%', color: SECOND },
    count: { width: small ? 42 : 56, textAlign: 'right' },
    expiry: { width: small ? 80 : 108, textAlign: 'right' },
    cautions: { marginTop: 4, color: SECOND, lineHeight: 1.35 },
    foot: {
      position: 'absolute',
      bottom: small ? 10 : 16,
      left: small ? 24 : 40,
      right: small ? 24 : 40,
      fontSize: 7,
      color: SECOND,
      flexDirection: 'row',
      justifyContent: 'space-between',
    },
  })

/** @returns the bytes of the PDF */
export async function lidSheetPdf(
  sheet: LidSheet,
  size: PaperSize,
  opens: LidOpens | null,
): Promise<Uint8Array> {
  registerFonts()
  const qr = opens && { ...opens, picture: await qrPicture(opens.address) }
  return new Uint8Array(await renderToBuffer(<Sheet sheet={sheet} size={size} qr={qr} />))
}

interface SheetProps {
  readonly sheet: LidSheet
  readonly size: PaperSize
  readonly qr: (LidOpens & { readonly picture: string }) | null
}

function Sheet({ sheet, size, qr }: SheetProps) {
  const s = styles(size === 'A5')
  const w = words.sheets
  return (
    <Document title={`${sheet.kit}, ${w.title}`} author={sheet.household} language="en">
      <Page size={size} style={s.page}>
        <View style={s.head}>
          <View style={s.headText}>
            <View style={s.numbers}>
              <Text style={s.number}>{`${w.emergency} ${sheet.numbers.emergency ?? w.blank}`}</Text>
              <Text style={s.number}>{`${w.poison} ${sheet.numbers.poison ?? w.blank}`}</Text>
            </View>
            <Text style={s.title}>{sheet.kit}</Text>
            <Text
              style={s.under}
            >{`${w.belongsTo(sheet.household)} · ${w.checked(sheet.look)}`}</Text>
          </View>
          {qr && (
            <View style={s.qr}>
              <Image src={qr.picture} style={s.qrPicture} />
              <Text>{words.roadside.lid.scan}</Text>
              <Text style={s.qrCode}>{qr.code}</Text>
            </View>
          )}
        </View>
        <View style={[s.row, s.headings]} fixed>
          <Text style={s.item}>{w.headings.item}</Text>
          <Text style={s.purpose}>{w.headings.purpose}</Text>
          <Text style={s.count}>{w.headings.count}</Text>
          <Text style={s.expiry}>{w.headings.expiry}</Text>
        </View>
        {sheet.pockets.map((pocket) => (
          <View key={pocket.name} style={s.pocket} wrap={pocket.lines.length > MOST_UNBROKEN}>
            <Text style={s.pocketName} minPresenceAhead={24}>
              {pocket.name}
            </Text>
            {pocket.lines.length === 0 && <Text style={{ color: SECOND }}>{w.emptyPocket}</Text>}
            {pocket.lines.map((line) => (
              <Row key={`${line.title}${line.unit}`} line={line} s={s} />
            ))}
          </View>
        ))}
        <View style={s.cautions} wrap={false}>
          {w.cautions.map((caution) => (
            <Text key={caution}>{`• ${caution}`}</Text>
          ))}
        </View>
        <View style={s.foot} fixed>
          <Text>{w.printed(sheet.printedOn)}</Text>
          <Text render={({ pageNumber, totalPages }) => w.page(pageNumber, totalPages)} />
        </View>
      </Page>
    </Document>
  )
}

function Row({ line, s }: { readonly line: SheetLine; readonly s: ReturnType<typeof styles> }) {
  const kept = words.storage.short(line.keeping)
  return (
    <View style={s.row} wrap={false}>
      <View style={s.item}>
        <Text>{line.title}</Text>
        {kept !== '' && <Text style={{ color: SECOND, fontWeight: 400 }}>{kept}</Text>}
      </View>
      <Text style={s.purpose}>{line.purpose}</Text>
      <Text style={s.count}>{words.sheets.count(line)}</Text>
      <Text style={s.expiry}>{words.sheets.expiry(line)}</Text>
    </View>
  )
}
