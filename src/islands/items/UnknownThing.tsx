/** A thing that no entry of the catalogue is: described in ten seconds, looked up, or just counted. */

import { MultiSelect, Select, TextInput } from '@mantine/core'
import { useState } from 'react'
import { ROLE_IDS, type RoleId, roleName } from '../../core/catalogue/roles'
import { STORAGE_CLASS_IDS, type StorageClass } from '../../core/catalogue/storageClass'
import { SUBSTANCE_IDS, type SubstanceId, substanceName } from '../../core/catalogue/substances'
import { ANIMALS, SPECIES, type Species } from '../../core/household/species'
import { shownName } from '../../core/naming/shownName'
import { usesWritten } from '../../core/naming/usesWritten'
import { OPENED_RULES, type OpenedRuleId } from '../../core/shelf-life/openedRules'
import { itemTitle } from '../../core/stock/item'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { SegmentedControl } from '../../ui/SegmentedControl'
import * as words from '../../words'
import { type Answer, entryChoices, type Unsaid } from './saying'
import classes from './things.module.css'

const itemsWords = words.items

interface Props {
  readonly thing: Unsaid
  readonly country: string
  readonly onAnswer: (answers: readonly Answer[]) => void
}

export function UnknownThing({ thing: { item, saying }, country, onAnswer }: Props) {
  const [saying_, setSaying] = useState(false)
  const title = itemTitle(item)
  const aside = saying.kind === 'unknown' ? saying.setAside : null
  const doubts = saying.kind === 'unknown' ? saying.doubts : []
  return (
    <Stack
      columns="minmax(0, 1fr) auto"
      collapse
      as="li"
      gapX={6}
      gapY={3}
      align="start"
      padY={5}
      lineBelow="hairline"
      className={classes.unknown}
    >
      <div>
        <Box as="h3" size={3}>
          {title}
        </Box>
        <Box as="small" size={2} tone="second">
          {[
            item.purpose,
            ...doubts.map((doubt) => itemsWords.doubt[doubt]),
            aside
              ? itemsWords.notOffered(
                  shownName(itemTitle(aside.entry), country),
                  itemsWords.open(aside.because),
                )
              : '',
          ]
            .filter(Boolean)
            .join(' · ')}
        </Box>
      </div>
      {saying_ ? (
        <SayIt
          item={item}
          named={saying.kind === 'unknown' ? saying.substances : []}
          onDone={(answer) => {
            setSaying(false)
            if (answer) onAnswer([answer])
          }}
        />
      ) : (
        <Row as="span" gap={4} align="center" wrap className={classes.presses}>
          <Button
            kind="plain"
            data-first-answer
            aria-label={itemsWords.choose(title, itemsWords.say)}
            onClick={() => setSaying(true)}
          >
            {itemsWords.say}
          </Button>
          <Select
            aria-label={itemsWords.choose(title, itemsWords.search)}
            placeholder={itemsWords.search}
            searchable
            limit={40}
            value={null}
            onChange={(id) => id && onAnswer([{ itemId: item.id, catalogueId: id }])}
            data={entryChoices(country)}
          />
          <Button
            kind="plain"
            data-quiet
            aria-label={itemsWords.choose(title, itemsWords.justCount)}
            onClick={() =>
              onAnswer([
                {
                  itemId: item.id,
                  catalogueId: null,
                  own: { ...item.own, why: itemsWords.justCount },
                },
              ])
            }
          >
            {itemsWords.justCount}
          </Button>
        </Row>
      )}
    </Stack>
  )
}

const WHOM = {
  people: ['person'],
  animals: ANIMALS,
  everybody: SPECIES,
} as const satisfies Record<string, readonly Species[]>

/** Roles, for whom, what is in it, uses, clocks: each optional but the first. */
function SayIt({
  item,
  named,
  onDone,
}: {
  readonly item: Unsaid['item']
  readonly named: readonly SubstanceId[]
  readonly onDone: (answer: Answer | null) => void
}) {
  const [roles, setRoles] = useState<readonly string[]>([])
  const [whom, setWhom] = useState<keyof typeof WHOM>('everybody')
  const [contains, setContains] = useState<readonly string[]>(named)
  const [holds, setHolds] = useState('')
  const [clock, setClock] = useState<string>('unset')
  const [storage, setStorage] = useState<string | null>(null)
  const uses = usesWritten(holds)
  const wrong = holds.trim() !== '' && uses === null
  return (
    <Stack
      columns="repeat(auto-fit, minmax(16rem, 1fr))"
      whole
      as="form"
      gapX={6}
      gapY={5}
      align="end"
      onSubmit={(event) => {
        event.preventDefault()
        if (roles.length === 0 || wrong) return
        onDone({
          itemId: item.id,
          catalogueId: null,
          own: {
            ...item.own,
            roles: roles as readonly RoleId[],
            species: [...WHOM[whom]],
            contains: contains as readonly SubstanceId[],
            ...(uses !== null && { uses }),
            ...(storage && { storage: storage as StorageClass }),
            why: itemsWords.why,
          },
          ...(clock !== 'unset' && {
            openedClock: { kind: 'rule' as const, rule: clock as OpenedRuleId },
          }),
        })
      }}
    >
      <MultiSelect
        label={itemsWords.whatFor}
        placeholder={itemsWords.whatForHint}
        searchable
        autoFocus
        limit={30}
        value={[...roles]}
        onChange={setRoles}
        data={ROLE_IDS.map((id) => ({ value: id, label: roleName(id) }))}
      />
      <div>
        <span className={classes.label}>{itemsWords.whom}</span>
        <SegmentedControl
          label={itemsWords.whom}
          value={whom}
          onChange={setWhom}
          options={[
            { value: 'people', label: itemsWords.whomPeople },
            { value: 'animals', label: itemsWords.whomAnimals },
            { value: 'everybody', label: itemsWords.whomEverybody },
          ]}
        />
      </div>
      <MultiSelect
        label={itemsWords.contains}
        searchable
        limit={30}
        value={[...contains]}
        onChange={setContains}
        data={SUBSTANCE_IDS.map((id) => ({ value: id, label: substanceName(id) }))}
      />
      <TextInput
        label={itemsWords.holds}
        placeholder={itemsWords.holdsHint}
        value={holds}
        onChange={(event) => setHolds(event.currentTarget.value)}
        description={uses === null ? undefined : `${itemsWords.usesLabel(item.unit)}: ${uses}`}
        error={wrong ? itemsWords.wrongUses : undefined}
      />
      <Select
        label={itemsWords.clock}
        value={clock}
        onChange={(value) => setClock(value ?? 'unset')}
        data={[
          { value: 'unset', label: itemsWords.clockUnset },
          ...Object.keys(OPENED_RULES).map((id) => ({
            value: id,
            label: itemsWords.clockName(id as OpenedRuleId),
          })),
        ]}
      />
      <Select
        label={itemsWords.storage}
        clearable
        value={storage}
        onChange={setStorage}
        data={STORAGE_CLASS_IDS.map((id) => ({ value: id, label: itemsWords.storageName(id) }))}
      />
      <Row as="span" gap={4} align="center" wrap className={classes.presses}>
        <Button kind="strong" type="submit" disabled={roles.length === 0 || wrong}>
          {itemsWords.save}
        </Button>
        <Button onClick={() => onDone(null)}>{itemsWords.cancel}</Button>
      </Row>
    </Stack>
  )
}
