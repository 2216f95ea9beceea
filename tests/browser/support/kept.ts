/** Whether a device is ready to be of use without a connection. */
import { expect, type Page } from '@playwright/test'

/** The device has been here: its key, pages and answers are kept. */
export const kept = (page: Page): Promise<void> =>
  expect
    .poll(
      () =>
        page.evaluate(async () => {
          const known = await indexedDB.databases()
          if (!navigator.serviceWorker.controller) return false
          if (known.every(({ name }) => name !== 'vivid-satchel')) return false
          return new Promise<boolean>((resolve) => {
            const asked = indexedDB.open('vivid-satchel')
            asked.onsuccess = () => {
              const got = asked.result.transaction('holder').objectStore('holder').get('me')
              got.onsuccess = () => {
                asked.result.close()
                resolve(Boolean(got.result?.state))
              }
            }
          })
        }),
      {},
    )
    .toBe(true)

/** Whose device it is is kept: acts can wait on it from now on. */
export const holderKept = (page: Page): Promise<void> =>
  expect
    .poll(() =>
      page.evaluate(async () => {
        const known = await indexedDB.databases()
        if (known.every(({ name }) => name !== 'vivid-satchel')) return false
        return new Promise<boolean>((resolve) => {
          const asked = indexedDB.open('vivid-satchel')
          asked.onsuccess = () => {
            const got = asked.result.transaction('holder').objectStore('holder').get('me')
            got.onsuccess = () => {
              asked.result.close()
              resolve(got.result !== undefined)
            }
          }
        })
      }),
    )
    .toBe(true)
