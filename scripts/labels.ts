/** Draws the practice labels into public/labels: npx tsx scripts/labels.ts */
import { mkdirSync, writeFileSync } from 'node:fs'
import bwip from 'bwip-js/node'
import { PRACTICE_LABELS, type PracticeLabel } from '../src/standIns/labels'

const SYMBOLS: Readonly<Record<PracticeLabel['symbol'], { bcid: string; scale: number }>> = {
  datamatrix: { bcid: 'gs1datamatrix', scale: 4 },
  qr: { bcid: 'gs1qrcode', scale: 4 },
  ean13: { bcid: 'ean13', scale: 3 },
  ean8: { bcid: 'ean8', scale: 3 },
  code128: { bcid: 'gs1-128', scale: 2 },
}

const folder = new URL('../public/labels/', import.meta.url)
mkdirSync(folder, { recursive: true })
for (const label of PRACTICE_LABELS) {
  const picture = await bwip.toBuffer({
    ...SYMBOLS[label.symbol],
    text: label.text,
    includetext: label.symbol === 'ean13' || label.symbol === 'ean8',
    // Only bars have a height of their own.
    ...(label.symbol.startsWith('ean') || label.symbol === 'code128' ? { height: 12 } : {}),
    padding: 10,
    backgroundcolor: 'FFFFFF',
  })
  writeFileSync(new URL(`${label.id}.png`, folder), picture)
}
