/** What was done lately; each act may be taken back. */

import { undoAct } from '../../contract/record'
import { useActing } from '../../ui/acting'
import { Box, Row } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { FirstOf } from '../../ui/FirstOf'
import * as words from '../../words'
import { actWord } from '../../words/frame/acts'
import { moment } from '../../words/frame/format'
import classes from './household.module.css'
import type { ActsView } from './view'

const householdWords = words.household

interface Props {
  readonly acts: ActsView['acts']
  readonly timeZone: string
}

type Act = ActsView['acts'][number]

/** One movement says itself what was done; of several, the kind of act does. */
const didOf = ({ kind, moved, movedMore, touched }: Act): string => {
  const [first, second] = moved
  return first && !second && !movedMore && touched.length === 0
    ? words.record.told(first, first.unit)
    : actWord(kind)
}

const isOpen = ({ undone, canBeUndone }: Act): boolean => canBeUndone && !undone

export function Lately({ acts, timeZone }: Props) {
  const { run, busy } = useActing()
  return (
    <Box
      as="section"
      asides="below"
      id="lately"
      className={classes.part}
      aria-label={householdWords.recent}
    >
      <Row as="header" gap={5} align="baseline" justify="between">
        <Box as="h2" size={4}>
          {householdWords.recent}
        </Box>
      </Row>
      {acts.length === 0 && <p className="second">{householdWords.nothingYet}</p>}
      <FirstOf all={acts} atOnce={14}>
        {(shown) => (
          <ul>
            {shown.map((act) => (
              <Row
                as="li"
                gap={5}
                align="center"
                justify="between"
                padY={3}
                lineBelow="hairline"
                key={act.id}
                data-undone={act.undone}
              >
                <div>
                  <b>
                    {act.who} {didOf(act)}
                  </b>
                  <small>
                    {[
                      moment(act.at, timeZone),
                      words.record.about(act),
                      act.why !== words.record.about(act) && act.why,
                      act.afterRole && householdWords.afterRole,
                      act.undone && householdWords.takenBack,
                    ]
                      .filter(Boolean)
                      .join(' · ')}
                  </small>
                  {isOpen(act) && <small>{words.record.undoes(act)}</small>}
                </div>
                {isOpen(act) && (
                  <Button
                    kind="quiet"
                    disabled={busy}
                    aria-label={[
                      `${words.undo.undo}: ${act.who} ${didOf(act)}`,
                      words.record.about(act),
                    ]
                      .filter(Boolean)
                      .join(', ')}
                    onClick={() =>
                      void run(undoAct, { params: { actId: act.id } }, words.undo.undone)
                    }
                  >
                    {words.undo.undo}
                  </Button>
                )}
              </Row>
            ))}
          </ul>
        )}
      </FirstOf>
    </Box>
  )
}
