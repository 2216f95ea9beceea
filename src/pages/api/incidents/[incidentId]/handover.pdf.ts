import { serveFile } from '../../../../api/serveFile'
import { readHandover } from '../../../../app/readCare'
import { notFound } from '../../../../app/refusal'
import { incidentId } from '../../../../contract/careValues'
import type { Instant } from '../../../../core/dosing/given'
import { handoverPdf } from '../../../../sheets/handoverPdf'
import { paperSize } from '../../../../sheets/paper'

export const GET = serveFile(async ({ world, caller, params, url }) => {
  const id = incidentId.safeParse(params.incidentId)
  if (!id.success) throw notFound()
  const { handover, household, numbers, now, today } = await readHandover(world, caller, id.data)
  return {
    name: `${handover.name.replace(/[^\p{L}\p{N} -]/gu, '')} handover.pdf`,
    type: 'application/pdf',
    inline: true,
    body: await handoverPdf(
      {
        page: handover,
        household: household.name,
        numbers,
        at: { now: now as Instant, today, timeZone: household.timeZone, units: household.units },
      },
      paperSize(url.searchParams.get('size')),
    ),
  }
})
