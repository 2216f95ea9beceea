/** What goes on, each with its way in; timers that are due speak up. */

import { useEffect, useMemo, useState } from 'react'
import type { z } from 'zod'
import type { readOpenIncidents } from '../contract/care'
import type { Timer } from '../core/incident/timeline'
import { serverNow } from '../device/clock'
import * as words from '../words'
import { Row } from './Box'
import classes from './OpenIncidentsBar.module.css'
import { useSpeakUp } from './speakUp'

const incidentWords = words.care.incident

export function OpenIncidents({
  view,
}: {
  readonly view: z.output<(typeof readOpenIncidents)['result']>
}) {
  const [now, setNow] = useState(0)
  const { timers } = view
  useEffect(() => {
    setNow(serverNow())
    if (timers.length === 0) return
    const timer = setInterval(() => setNow(serverNow()), 1000)
    return () => clearInterval(timer)
  }, [timers])
  const due = useMemo(() => timers.filter((timer) => now > 0 && timer.due <= now), [timers, now])
  useSpeakUp(
    useMemo(
      () =>
        due.map((timer) => ({
          key: timer.key,
          words: `${timer.who}: ${incidentWords.timer(timer as Timer)}`,
        })),
      [due],
    ),
  )
  if (view.going.length === 0 && due.length === 0) return null
  return (
    <Row gapX={5} gapY={3} wrap className={`${classes.bar} no-print`}>
      {view.going.map(({ id, who, kind, since }) => (
        <Row
          inline
          edge="turning"
          unlined
          as="a"
          gap={4}
          align="center"
          padX={5}
          padY={2}
          surface="turning"
          key={id}
          href={`/incident?id=${id}`}
        >
          <b>{incidentWords.bar(who, incidentWords.kind(kind))}</b>{' '}
          {now > 0 && incidentWords.since(words.care.span(now - since))}
        </Row>
      ))}
      <span role="alert">
        {due.map((timer) => (
          <Row
            inline
            edge="turning"
            unlined
            as="a"
            gap={4}
            align="center"
            padX={5}
            padY={2}
            surface="turning"
            key={timer.key}
            href={`/incident?id=${timer.incidentId}`}
            data-due
          >
            {incidentWords.barDue(`${timer.who}, ${incidentWords.timer(timer as Timer)}`)}
          </Row>
        ))}
      </span>
    </Row>
  )
}
