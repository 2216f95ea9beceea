/** On every screen: what goes on, and which timers speak up now. */

import { useQuery } from '@tanstack/react-query'
import { useEffect, useMemo, useState } from 'react'
import { readOpenIncidents } from '../contract/care'
import type { Timer } from '../core/incident/timeline'
import { call } from '../device/call'
import { noteServerTime, serverNow } from '../device/clock'
import { connection } from '../device/connection'
import { words } from '../words'
import { Row } from './Box'
import classes from './OpenIncidentsBar.module.css'
import { useSpeakUp } from './speakUp'

const incidentWords = words.care.incident
const LOOK_AGAIN_MILLISECONDS = 20_000

export function OpenIncidentsBar() {
  const { data } = useQuery({
    queryKey: ['going'],
    queryFn: async () => {
      const view = await call(readOpenIncidents)
      if (connection().kind === 'there') noteServerTime(view.now, Date.now())
      return view
    },
    refetchInterval: LOOK_AGAIN_MILLISECONDS,
    retry: false,
  })
  const [now, setNow] = useState(0)
  const timers = data?.timers
  useEffect(() => {
    setNow(serverNow())
    if (!timers || timers.length === 0) return
    const timer = setInterval(() => setNow(serverNow()), 1000)
    return () => clearInterval(timer)
  }, [timers])
  const due = useMemo(
    () => (timers ?? []).filter((timer) => now > 0 && timer.due <= now),
    [timers, now],
  )
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
  if (!data || (data.going.length === 0 && due.length === 0)) return null
  return (
    <Row gapX={5} gapY={3} wrap className={`${classes.bar} no-print`}>
      {data.going.map(({ id, who, kind, since }) => (
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
