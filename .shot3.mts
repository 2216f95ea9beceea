import { page, P, snap, desk, phone, go, tryit, id, b } from './.shot.mts'
await tryit('brackendose', async () => { await phone(); await go('/incident'); await P(/^Bracken/); await P('Sting or bite'); await page.waitForTimeout(1500); await P('Dose'); await snap('bracken-dose', true) })
await tryit('mixes', async () => { await desk(); await go('/bench/mixes'); await snap('mixes', true) })
await tryit('pack', async () => { await go('/bench/cards'); await P(/label of a pack|pack/i); await snap('pack', true) })
await b.close()
