/**
 * A made-up office that publishes recalls, as a JSON Feed (version 1.1) with what a machine needs
 * under `_recall`. Products, batches and reasons are invented.
 */

interface Item {
  readonly id: string
  readonly title: string
  readonly date_published: string
  readonly content_text: string
  readonly _recall: {
    readonly product: {
      readonly catalogue_id: string | null
      readonly name: string
      readonly strength: string
    }
    readonly batches: readonly (string | { readonly from: string; readonly to: string })[]
    readonly reason: string
    readonly advice: string
  }
}

const ITEMS: readonly Item[] = [
  {
    id: 'OSG-2026-118',
    title: 'Cleansing wipes: one week’s batches',
    date_published: '2026-11-19T09:00:00Z',
    content_text:
      'Wipes of batches W3100 to W3199 were filled with too little preservative and may carry germs.',
    _recall: {
      product: { catalogue_id: 'cleansing-wipes', name: 'Cleansing wipes', strength: '' },
      batches: [{ from: 'W3100', to: 'W3199' }],
      reason: 'Too little preservative: they may carry germs into a wound',
      advice: 'Do not use them on skin that is broken. Take them back to any pharmacy.',
    },
  },
  {
    id: 'OSG-2026-104',
    title: 'Eye drops 10 mL: a seal that leaks',
    date_published: '2026-10-02T09:00:00Z',
    content_text: 'The seal under the cap of batches E201, E204 and E209 may leak.',
    _recall: {
      product: { catalogue_id: null, name: 'Eye drops', strength: '10 mL' },
      batches: ['E201', 'E204', 'E209'],
      reason: 'The seal under the cap may leak, so the drops may not be sterile',
      advice: 'Do not use them. Take them back to any pharmacy.',
    },
  },
  {
    id: 'OSG-2026-097',
    title: 'Burn gel sachets 3.5 g: sachets that dried out',
    date_published: '2026-08-21T09:00:00Z',
    content_text: 'Sachets of batch BG-55 may have dried out.',
    _recall: {
      product: { catalogue_id: null, name: 'Burn gel sachets', strength: '3.5 g' },
      batches: ['BG-55'],
      reason: 'Some sachets dried out in the works',
      advice: 'Throw them away with household waste.',
    },
  },
]

export const bulletinFeed = {
  name: 'Office for Sold Goods, bulletins',
  isStandIn: true,
  fetch: async (): Promise<string> =>
    JSON.stringify({
      version: 'https://jsonfeed.org/version/1.1',
      title: 'Office for Sold Goods, bulletins',
      items: ITEMS,
    }),
}
