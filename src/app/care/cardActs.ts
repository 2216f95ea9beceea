/** Writing down what a prescriber said: dose cards and recipes of the household. */
import type { CardId } from '../../core/dosing/card'
import { cardFaults } from '../../core/dosing/cardFaults'
import type { MemberId } from '../../core/ids'
import type { RecipeId } from '../../core/mixing/recipe'
import { type CardBody, patientsOfCard, type RecipeFields, readCardPhoto } from '../../db/care/care'
import { inHousehold } from '../../db/frame/connect'
import { createRecord, editRecord, removeRecord } from '../../db/frame/records'
import { readMembers } from '../../db/members/members'
import { type Acting, act, mustEdit } from '../frame/act'
import { mustHave } from '../frame/mustHave'
import { notFound, Refusal } from '../frame/refusal'
import type { Caller, World } from '../frame/world'

export interface CardFields {
  readonly memberIds: readonly MemberId[]
  readonly body: CardBody
}

export const addCard = (
  world: World,
  caller: Caller,
  {
    key,
    memberIds,
    body,
    photo = null,
  }: CardFields & {
    readonly key: string
    /** Of the label on the pack. */
    readonly photo?: { readonly type: string; readonly bytes: Buffer } | null
  },
) =>
  act(
    world,
    caller,
    {
      key,
      kind: 'dose_card_added',
      why: body.name,
      request: { memberIds, body, photo: photo?.bytes.toString('base64') },
    },
    async (acting) => {
      await mustBeSound(acting, memberIds, body)
      const cardId = (await createRecord(acting, 'dose_card', {
        item_id: itemOf(body),
        body: JSON.stringify(body),
      })) as CardId
      await putMembers(acting, cardId, memberIds)
      if (photo)
        await createRecord(acting, 'card_photo', {
          card_id: cardId,
          media_type: photo.type,
          bytes: photo.bytes,
        })
      return { cardId }
    },
  )

/** The photo of the pack that a card was written down from. */
export const readPhotoOfCard = (world: World, caller: Caller, cardId: CardId) =>
  inHousehold(world.db, caller, async (trx) => {
    const photo = await readCardPhoto(trx, cardId)
    if (!photo) throw notFound()
    return { type: photo.media_type, bytes: photo.bytes }
  })

export const changeCard = (
  world: World,
  caller: Caller,
  {
    key,
    cardId,
    seenVersion,
    memberIds,
    body,
  }: CardFields & { readonly key: string; readonly cardId: CardId; readonly seenVersion: number },
) =>
  act(
    world,
    caller,
    {
      key,
      kind: 'dose_card_changed',
      why: body.name,
      request: { cardId, seenVersion, memberIds, body },
    },
    async (acting) => {
      await mustBeSound(acting, memberIds, body)
      mustEdit(
        await editRecord(
          acting,
          'dose_card',
          cardId,
          { item_id: itemOf(body), body: JSON.stringify(body) },
          seenVersion,
        ),
      )
      const rows = await patientsOfCard(acting.trx, cardId)
      for (const { id } of rows) await removeRecord(acting, 'dose_card_member', id)
      await putMembers(acting, cardId, memberIds)
      return {}
    },
  )

export const removeCard = (
  world: World,
  caller: Caller,
  { key, cardId }: { readonly key: string; readonly cardId: CardId },
) =>
  act(world, caller, { key, kind: 'dose_card_removed', request: cardId }, async (acting) => {
    if (!(await removeRecord(acting, 'dose_card', cardId))) throw notFound()
    return {}
  })

const itemOf = ({ about }: CardBody): string | null => (about.kind === 'item' ? about.itemId : null)

async function putMembers(
  acting: Acting,
  cardId: CardId,
  memberIds: readonly MemberId[],
): Promise<void> {
  for (const memberId of memberIds)
    await createRecord(acting, 'dose_card_member', { card_id: cardId, member_id: memberId })
}

/** @throws {Refusal} `card_faulty` with the first fault; not found for a stranger's rows */
async function mustBeSound(
  acting: Acting,
  memberIds: readonly MemberId[],
  body: CardBody,
): Promise<void> {
  for (const memberId of memberIds) await mustHave(acting.trx, 'member', memberId)
  if (body.about.kind === 'item') await mustHave(acting.trx, 'item', body.about.itemId)
  const members = await readMembers(acting.trx, acting.today)
  const species = members.filter(({ id }) => memberIds.includes(id)).map((one) => one.species)
  const [fault] = cardFaults(
    { ...body, for: { kind: 'members', memberIds } },
    species,
    acting.today,
  )
  if (fault) throw new Refusal({ code: 'card_faulty', fault })
}

export const addRecipe = (
  world: World,
  caller: Caller,
  { key, ...recipe }: RecipeFields & { readonly key: string },
) =>
  act(
    world,
    caller,
    { key, kind: 'recipe_added', why: recipe.name, request: recipe },
    async (acting) => {
      const memberId = recipe.body.kind === 'feed' ? recipe.body.memberId : null
      if (memberId) await mustHave(acting.trx, 'member', memberId)
      if (recipe.itemId) await mustHave(acting.trx, 'item', recipe.itemId)
      const { itemId, ...body } = recipe
      return {
        recipeId: (await createRecord(acting, 'recipe', {
          item_id: itemId,
          member_id: memberId,
          body: JSON.stringify(body),
        })) as RecipeId,
      }
    },
  )

export const removeRecipe = (
  world: World,
  caller: Caller,
  { key, recipeId }: { readonly key: string; readonly recipeId: RecipeId },
) =>
  act(world, caller, { key, kind: 'recipe_removed', request: recipeId }, async (acting) => {
    if (!(await removeRecord(acting, 'recipe', recipeId))) throw notFound()
    return {}
  })
