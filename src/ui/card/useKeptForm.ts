import { useSyncExternalStore } from 'react'
import { formOf, keepForm, onKept } from './keptInHand'
import { useInHand } from './useInHand'

/**
 * What is typed into the card of an item in hand, and not written yet: as `useReducer`, but it survives a reload and crossing to
 * another item and back, for as long as the piece is what it was. A form is plain data.
 * @returns the form, how it is moved, and how it is forgotten
 * @param begin what a card begins with
 * @param piece what makes it this piece: its state, so far as the form depends on it
 */
export function useKeptForm<Form extends object, Move>(
  reduce: (form: Form, move: Move) => Form,
  begin: Form,
  itemKey: string,
  piece: unknown,
): readonly [Form, (move: Move) => void, () => void] {
  const { item, stamp } = useInHand(itemKey, piece)
  const kept = useSyncExternalStore(
    onKept,
    // only this card keeps something there, and the store's key names the shape
    () => formOf(item, stamp) as Form | undefined,
    () => undefined,
  )
  const moved = (move: Move) => {
    const before = (formOf(item, stamp) as Form | undefined) ?? begin
    const after = reduce(before, move)
    if (after !== before) keepForm(item, stamp, after === begin ? undefined : after)
  }
  return [kept ?? begin, moved, () => keepForm(item, stamp, undefined)]
}
