/** Dose cards, mixtures and incidents. */
import * as cardActs from '../../app/care/cardActs'
import * as careActs from '../../app/care/careActs'
import { readCare, readHandover, readOpenIncidents } from '../../app/care/readCare'
import type * as contract from '../../contract/care'
import type { Instant } from '../../core/dosing/given'
import type { CareFact } from '../../core/incident/entry'
import { paperSize } from '../../sheets/paper'
import { plainFileName } from '../fileNames'
import type { HandlersOf } from '../handler'
import { pictureFile, pictureOf } from '../picture'

export const care: HandlersOf<typeof contract> = {
  ...cardActs,
  ...careActs,
  readCare,
  readOpenIncidents,
  addCard: async (world, caller, { key, memberIds, photo, ...body }) =>
    cardActs.addCard(world, caller, {
      key,
      memberIds,
      body,
      photo: await pictureOf(photo ?? null),
    }),
  changeCard: (world, caller, { key, cardId, memberIds, seenVersion, ...body }) =>
    cardActs.changeCard(world, caller, { key, cardId, memberIds, seenVersion, body }),
  sayCare: async (world, caller, { fact, photo, ...asked }) =>
    careActs.sayCare(world, caller, {
      ...asked,
      fact: fact as CareFact,
      photo: await pictureOf(photo ?? null),
    }),
  cardPhoto: async (world, caller, { cardId }) =>
    pictureFile('label', await cardActs.readPhotoOfCard(world, caller, cardId)),
  carePhoto: async (world, caller, { entryId }) =>
    pictureFile('photo', await careActs.readPhoto(world, caller, entryId)),
  handoverPdf: async (world, caller, { incidentId, size }) => {
    // What draws PDFs is large and seldom asked for.
    const { handoverPdf } = await import('../../sheets/handoverPdf')
    const { handover, household, numbers, now, today } = await readHandover(
      world,
      caller,
      incidentId,
    )
    return {
      name: `${plainFileName(handover.name)} handover.pdf`,
      type: 'application/pdf',
      inline: true,
      body: await handoverPdf(
        {
          page: handover,
          household: household.name,
          numbers,
          at: { now: now as Instant, today, timeZone: household.timeZone, units: household.units },
        },
        paperSize(size),
      ),
    }
  },
}
