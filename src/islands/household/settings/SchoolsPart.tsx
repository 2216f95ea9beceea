/** Where practitioners disagree: the household's answer to each, with the reason for ours and the caution of the chosen. */

import { Select } from '@mantine/core'
import { changeHousehold } from '../../../contract/household'
import {
  SCHOOL_QUESTIONS,
  SCHOOLS,
  type SchoolQuestion,
  schoolAnswer,
  schoolsOf,
} from '../../../core/cover/schools'
import { useActing } from '../../../ui/acting'
import { Box, Stack } from '../../../ui/Box'
import * as words from '../../../words'
import type { HouseholdView } from '../view'

export function SchoolsPart({ household }: { readonly household: HouseholdView['household'] }) {
  const { run, busy } = useActing()
  const schools = schoolsOf(household.schools)
  const choose = (question: SchoolQuestion, answer: string) =>
    void run(
      changeHousehold,
      {
        body: { seenVersion: household.version, schools: { [question]: answer } },
      },
      words.undo.did.saved(SCHOOLS[question].name),
    )
  return (
    <Stack gap={6} above={4}>
      {SCHOOL_QUESTIONS.map((question) => {
        const { caution } = schoolAnswer(question, schools)
        return (
          <div key={question}>
            <Select
              label={SCHOOLS[question].name}
              description={SCHOOLS[question].why}
              disabled={busy}
              value={schools[question]}
              onChange={(answer) => answer && choose(question, answer)}
              data={Object.entries(SCHOOLS[question].answers).map(([value, { name }]) => ({
                value,
                label: name,
              }))}
            />
            {caution && (
              <Box edge="turning" as="small" above={2} size={2} block>
                {caution}
              </Box>
            )}
          </div>
        )
      })}
    </Stack>
  )
}
