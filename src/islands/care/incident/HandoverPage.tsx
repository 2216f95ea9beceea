/** One page for a doctor, a vet or an ambulance; and the same to read aloud. */
import { handoverPdf } from '../../../contract/care'
import { addressOf } from '../../../contract/endpoint'
import type { Course } from '../../../core/household/course'
import { handoverOf } from '../../../core/incident/handover'
import { words } from '../../../words'
import { handoverHead, handoverParts, readAloud } from '../../../words/care/handover'
import { NumbersStrap } from '../NumbersStrap'
import { lineOf, patientOfIncident, useNow } from '../useCare'
import classes from './incident.module.css'
import type { IncidentProps } from './panel'

const careWords = words.care

export function HandoverPage({ care, started, onGo }: IncidentProps) {
  const now = useNow(30_000)
  const line = lineOf(care, started)
  const patient = patientOfIncident(care, line.incident)
  if (!patient) return null
  const { view, laid } = care
  const page = handoverOf(
    line,
    patient,
    care.cover.courses as readonly Course[],
    (itemId) => laid.things[laid.thingOf.get(itemId) ?? -1]?.title ?? '',
    view.today,
  )
  const at = { now, today: view.today, timeZone: view.timeZone, units: view.units }
  return (
    <main className={classes.page} id="main">
      <header className={`${classes.top} no-print`}>
        <button type="button" onClick={() => onGo('line')}>
          ‹ {careWords.incident.back}
        </button>
        <span className={classes.row}>
          <a href={addressOf(handoverPdf, { incidentId: line.incident.id })}>
            {careWords.incident.pdf}
          </a>
          <button type="button" onClick={() => print()}>
            {careWords.incident.print}
          </button>
        </span>
      </header>
      <article className={classes.handover}>
        <NumbersStrap numbers={care.cover.numbers} member={patient} />
        <h1>{handoverHead(page, at)}</h1>
        <p className={classes.quiet}>
          {careWords.handover.madeAt(careWords.time(now, now, view.timeZone))}
        </p>
        {handoverParts(page, at).map(({ title, lines }) => (
          <section key={`${title}${lines[0]}`}>
            {title && <h2>{title}</h2>}
            <ul>
              {lines.map((text, position) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: two lines may say the same
                <li key={position}>{text}</li>
              ))}
            </ul>
          </section>
        ))}
      </article>
      <section className={`${classes.aloud} no-print`}>
        <h2>{careWords.incident.readAloud}</h2>
        <p>{readAloud(page, at)}</p>
      </section>
    </main>
  )
}
