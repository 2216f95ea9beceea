import { page, P, snap, desk, phone, go, tryit, id, b } from './.shot.mts'
await tryit('bench', async () => { await desk(); await go('/bench'); await P('Ned'); await P(/^Pain and fever Ibuprofen liquid/); await snap('bench-ned', true) })
await tryit('tove', async () => { await P('Tove'); await P(/^Pain and fever Ibuprofen tablets/); await snap('bench-tove', true) })
await tryit('runa', async () => { await phone(); await go('/incident'); await P(/^Runa/); await P('Fever'); await page.waitForTimeout(1500); await P('Reading'); await page.getByLabel(/^Temperature/).fill('39.8'); await P('Note it'); await page.waitForTimeout(1000); await snap('incident-runa', true); await P('Dose'); await snap('incident-dose', true) })
await tryit('cover', async () => { await desk(); await go('/cover'); await snap('cover') })
await tryit('watch', async () => { await go('/'); await snap('watch') })
await b.close()
