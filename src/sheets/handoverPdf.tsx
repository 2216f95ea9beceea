/** The handover as a PDF for A4 or Letter: numbers on top, one look from top to bottom. */
import { Document, Page, renderToBuffer, StyleSheet, Text, View } from '@react-pdf/renderer'
import type { Handover } from '../core/incident/handover'
import * as words from '../words'
import { type HandoverAt, handoverHead, handoverParts } from '../words/care/handover'
import type { PaperSize } from './paper'
import { body, heading, INK, registerFonts, SEAM, SECOND } from './pdfFonts'

export interface HandoverSheet {
  readonly page: Handover
  readonly at: HandoverAt
  readonly household: string
  readonly numbers: { readonly emergency: string | null; readonly poison: string | null }
}

const s = StyleSheet.create({
  page: {
    paddingTop: 32,
    paddingBottom: 42,
    paddingHorizontal: 40,
    fontFamily: body,
    fontSize: 10,
    color: INK,
  },
  numbers: {
    flexDirection: 'row',
    backgroundColor: INK,
    color: '#FFFDF8',
    borderRadius: 5,
    padding: 8,
    marginBottom: 12,
    gap: 18,
  },
  number: { fontFamily: heading, fontWeight: 700, fontSize: 12 },
  title: { fontFamily: heading, fontWeight: 700, fontSize: 22 },
  under: { color: SECOND, marginTop: 2, marginBottom: 10 },
  part: { borderTopWidth: 1, borderTopColor: SEAM, paddingTop: 5, marginBottom: 8 },
  partTitle: { fontFamily: heading, fontWeight: 700, fontSize: 12, marginBottom: 2 },
  line: { lineHeight: 1.35 },
  foot: {
    position: 'absolute',
    bottom: 16,
    left: 40,
    right: 40,
    fontSize: 8,
    color: SECOND,
    flexDirection: 'row',
    justifyContent: 'space-between',
  },
})

/** @returns the bytes of the PDF */
export async function handoverPdf(sheet: HandoverSheet, size: PaperSize): Promise<Uint8Array> {
  registerFonts()
  return new Uint8Array(await renderToBuffer(<Sheet {...sheet} size={size} />))
}

function Sheet({
  page,
  at,
  household,
  numbers,
  size,
}: HandoverSheet & { readonly size: PaperSize }) {
  const w = words.care
  return (
    <Document title={`${w.handover.title}, ${page.name}`} author={household} language="en">
      <Page size={size} style={s.page}>
        <View style={s.numbers}>
          <Text
            style={s.number}
          >{`${w.numbers.emergency} ${numbers.emergency ?? w.numbers.none}`}</Text>
          <Text style={s.number}>{`${w.numbers.poison} ${numbers.poison ?? w.numbers.none}`}</Text>
        </View>
        <Text style={s.title}>{handoverHead(page, at)}</Text>
        <Text style={s.under}>{w.handover.madeAt(w.time(at.now, at.now, at.timeZone))}</Text>
        {handoverParts(page, at).map(({ title, lines }) => (
          <View key={`${title}${lines[0]}`} style={s.part} wrap={lines.length > 20}>
            {title !== '' && <Text style={s.partTitle}>{title}</Text>}
            {lines.map((line, position) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: two lines may say the same
              <Text key={position} style={s.line}>
                {line}
              </Text>
            ))}
          </View>
        ))}
        <View style={s.foot} fixed>
          <Text>{words.care.notAdvice}</Text>
          <Text
            render={({ pageNumber, totalPages }) => words.sheets.page(pageNumber, totalPages)}
          />
        </View>
      </Page>
    </Document>
  )
}
