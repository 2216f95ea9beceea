import { chromium } from '@playwright/test'
import config from './playwright.config'
const b = await chromium.launch(config.use?.launchOptions ?? {})
const c = await b.newContext({ baseURL: 'http://127.0.0.1:4400', locale: 'en-GB', serviceWorkers: 'block' })
await c.request.post('/api/demo-session', { data: {} })
const care = await (await c.request.get('/api/care')).json()
const cover = await (await c.request.get('/api/cover')).json()
const id = (n: string) => cover.members.find((m: any) => m.name === n).id
const page = await c.newPage()
const P = (n: string|RegExp) => page.getByRole('button', { name: n }).first().click({ timeout: 8000 })
const snap = async (n: string, full = false) => { await page.waitForTimeout(700); await page.screenshot({ path: `/var/tmp/shots/${n}.png`, fullPage: full }) }
const desk = () => page.setViewportSize({ width: 1280, height: 800 })
const phone = () => page.setViewportSize({ width: 390, height: 844 })
const go = (p: string) => page.goto(p, { waitUntil: 'networkidle' })
const tryit = async (n: string, f: () => Promise<unknown>) => { try { await f() } catch (e) { console.log(n, String(e).slice(0, 300)); await snap('fail-' + n) } }
export { page, P, snap, desk, phone, go, tryit, id, care, cover, b, c }
