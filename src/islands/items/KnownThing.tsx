/** A matched item: what the catalogue says of it, and what the household knows better. */

import { Checkbox, MultiSelect, Select, TextInput } from '@mantine/core'
import { useState } from 'react'
import { changeItem, matchItems } from '../../contract/items'
import { catalogue } from '../../core/catalogue/catalogue'
import { companionRoles, WITHOUTS } from '../../core/catalogue/companions'
import { itemFacts } from '../../core/catalogue/itemFacts'
import { ROLE_IDS, type RoleId, roleName } from '../../core/catalogue/roles'
import { SKILLS } from '../../core/catalogue/skills'
import { STORAGE_CLASS_IDS, type StorageClass } from '../../core/catalogue/storageClass'
import { SUBSTANCE_IDS, type SubstanceId, substanceName } from '../../core/catalogue/substances'
import { itemTitle } from '../../core/stock/item'
import { useActing } from '../../ui/acting'
import { Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { Explained } from '../../ui/Explain'
import * as words from '../../words'
import classes from '../cover/cover.module.css'
import { entryChoices, type ItemView } from './saying'

const matchingWords = words.items.matching
const itemsWords = words.items

export function KnownThing({
  item,
  country,
}: {
  readonly item: ItemView
  readonly country: string
}) {
  const [changing, setChanging] = useState(false)
  const entry = item.catalogueId === null ? null : (catalogue().get(item.catalogueId) ?? null)
  const facts = itemFacts(item, entry, item.own)
  return (
    <li>
      <details>
        <summary>
          <b>{itemTitle(item)}</b>{' '}
          <small>
            {facts.roles.length > 0
              ? facts.roles.map((role) => roleName(role)).join(', ')
              : matchingWords.isPlain}
          </small>
        </summary>
        <dl>
          {entry && (
            <>
              {facts.substances.length > 0 && (
                <Fact
                  name={matchingWords.contains}
                  text={facts.substances.map(substanceName).join(', ')}
                />
              )}
              {facts.skill && <Fact name={matchingWords.skill} text={SKILLS[facts.skill].name} />}
              {WITHOUTS.map((without) => {
                const roles = companionRoles(facts.companions, without)
                return (
                  roles.length > 0 && (
                    <Fact
                      key={without}
                      name={matchingWords.companions[without]}
                      text={roles.map(roleName).join(', ')}
                    />
                  )
                )
              })}
              <Fact name={matchingWords.spec} text={entry.spec} />
              {entry.standIns.length > 0 && (
                <Fact
                  name={matchingWords.standIns}
                  text={entry.standIns
                    .flatMap((id) => {
                      const other = catalogue().get(id)
                      return other ? [itemTitle(other)] : []
                    })
                    .join(', ')}
                />
              )}
              <Fact
                name={matchingWords.source}
                text={`${entry.source}; ${matchingWords.keeps(entry.storage.from, entry.storage.to, entry.storage.frostHarms)}`}
              />
            </>
          )}
          {item.own.storage && (
            <Fact name={itemsWords.storage} text={itemsWords.storageName(item.own.storage)} />
          )}
          {facts.form === 'tablet' && (
            <Fact
              name={itemsWords.scored}
              text={
                item.own.scored === undefined
                  ? itemsWords.scoredUnknown
                  : item.own.scored
                    ? itemsWords.scoredYes
                    : itemsWords.scoredNo
              }
            />
          )}
          {item.own.why && <Fact name={matchingWords.ownTitle} text={item.own.why} />}
        </dl>
        {changing ? (
          <OwnForm item={item} country={country} onDone={() => setChanging(false)} />
        ) : (
          <Button
            kind="quiet"
            aria-label={`${matchingWords.change}: ${itemTitle(item)}`}
            onClick={() => setChanging(true)}
          >
            {matchingWords.change}
          </Button>
        )}
      </details>
    </li>
  )
}

const Fact = ({ name, text }: { readonly name: string; readonly text: string }) => (
  <div>
    <dt>{name}</dt>
    <dd>{text}</dd>
  </div>
)

function OwnForm({
  item,
  country,
  onDone,
}: {
  readonly item: ItemView
  readonly country: string
  readonly onDone: () => void
}) {
  const { run, busy } = useActing()
  const entry = item.catalogueId === null ? null : (catalogue().get(item.catalogueId) ?? null)
  const [contains, setContains] = useState<readonly string[]>(
    item.own.contains ?? entry?.contains ?? [],
  )
  // What a list says of such things is not what somebody has read on this one.
  const [isRead, setIsRead] = useState(item.own.contains !== undefined)
  const [roles, setRoles] = useState<readonly string[]>(item.own.roles ?? entry?.roles ?? [])
  const [uses, setUses] = useState(String(item.own.uses ?? entry?.uses ?? 1))
  const [why, setWhy] = useState(item.own.why ?? '')
  const [scored, setScored] = useState<string>(
    item.own.scored === undefined ? 'unknown' : item.own.scored ? 'yes' : 'no',
  )
  const [storage, setStorage] = useState<string | null>(item.own.storage ?? null)
  const submit = async () => {
    const { contains: _contains, scored: _scored, storage: _storage, ...kept } = item.own
    const result = await run(
      changeItem,
      {
        params: { itemId: item.id },
        body: {
          seenVersion: item.version,
          own: {
            ...kept,
            roles: roles as readonly RoleId[],
            ...(isRead && { contains: contains as readonly SubstanceId[] }),
            uses: Number(uses.replace(',', '.')),
            why,
            ...(scored !== 'unknown' && { scored: scored === 'yes' }),
            ...(storage && { storage: storage as StorageClass }),
          },
        },
      },
      words.undo.did.saved(itemTitle(item)),
    )
    if (result) onDone()
  }
  return (
    <Stack
      as="form"
      gap={4}
      className={classes.own}
      onSubmit={(event) => {
        event.preventDefault()
        void submit()
      }}
    >
      <Select
        label={matchingWords.other}
        searchable
        limit={40}
        value={item.catalogueId}
        onChange={(catalogueId) =>
          void run(
            matchItems,
            { body: { matches: [{ itemId: item.id, catalogueId }] } },
            matchingWords.matched(1),
          )
        }
        data={entryChoices(country)}
      />
      <Explained id="roles">
        <MultiSelect
          label={matchingWords.roles}
          searchable
          limit={60}
          value={[...roles]}
          onChange={setRoles}
          data={ROLE_IDS.map((id) => ({ value: id, label: roleName(id) }))}
        />
      </Explained>
      <MultiSelect
        label={matchingWords.ownContains}
        searchable
        value={[...contains]}
        onChange={(chosen) => {
          setContains(chosen)
          setIsRead(true)
        }}
        data={SUBSTANCE_IDS.map((id) => ({ value: id, label: substanceName(id) }))}
      />
      <Checkbox
        label={matchingWords.ownRead}
        checked={isRead}
        onChange={(event) => setIsRead(event.currentTarget.checked)}
      />
      <Explained id="uses">
        <TextInput
          label={matchingWords.ownUses}
          inputMode="decimal"
          value={uses}
          onChange={(event) => setUses(event.currentTarget.value)}
        />
      </Explained>
      {(entry === null || entry.form === 'tablet') && (
        <Explained id="scored">
          <Select
            label={itemsWords.scored}
            value={scored}
            onChange={(value) => setScored(value ?? 'unknown')}
            data={[
              { value: 'unknown', label: itemsWords.scoredUnknown },
              { value: 'yes', label: itemsWords.scoredYes },
              { value: 'no', label: itemsWords.scoredNo },
            ]}
          />
        </Explained>
      )}
      <Explained id="storage">
        <Select
          label={itemsWords.storage}
          clearable
          value={storage}
          onChange={setStorage}
          data={STORAGE_CLASS_IDS.map((id) => ({ value: id, label: itemsWords.storageName(id) }))}
        />
      </Explained>
      <TextInput
        label={matchingWords.ownWhy}
        maxLength={2000}
        value={why}
        onChange={(event) => setWhy(event.currentTarget.value)}
      />
      <Row as="span" gap={4} align="center" wrap>
        <Button kind="strong" type="submit" busy={busy}>
          {matchingWords.save}
        </Button>
        <Button onClick={onDone}>{matchingWords.cancel}</Button>
      </Row>
    </Stack>
  )
}
