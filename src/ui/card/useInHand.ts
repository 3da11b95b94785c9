import { usePathname } from 'next/navigation'

/**
 * Under what something of an item in hand is kept.
 * @param piece what makes it this piece: its state, so far as what is kept depends on it
 */
export function useInHand(itemKey: string, piece: unknown): { readonly item: string; readonly stamp: string } {
  // the address names job and station
  return { item: `${usePathname()} ${itemKey}`, stamp: JSON.stringify([piece]) }
}
