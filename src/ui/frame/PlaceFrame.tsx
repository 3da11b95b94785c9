'use client'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import type { ReactNode } from 'react'
import type { FindItem } from '../find/findItems'
import { useKeys } from '../keys/KeyProvider'
import { Frame } from './Frame'

/** The places beside the stations, with the letter that goes there after G. */
export const places = [
  { id: 'today', name: 'Today', href: '/', key: 't', words: 'All open jobs' },
  { id: 'shelf', name: 'Shelf', href: '/shelf', key: 's', words: 'Families, parts, stock' },
  { id: 'crib', name: 'Crib', href: '/crib', key: 'c', words: 'Tools and instruments' },
  { id: 'ledger', name: 'Ledger', href: '/ledger', key: 'l', words: 'Charts, first tries, scrap, tools' },
  { id: 'rules', name: 'House rules', href: '/rules', key: 'h', words: 'The schools and what they differ about' },
] as const

export type PlaceId = (typeof places)[number]['id']

/** Keys that go to a place from anywhere. */
export function usePlaceKeys(): void {
  const router = useRouter()
  useKeys(
    places.map((place) => ({
      key: `g ${place.key}`,
      words: `Go to ${place.name}`,
      run: () => router.push(place.href),
    })),
  )
}

/** The frame of a place: the other places in its head. */
export function PlaceFrame({
  place,
  title,
  sub,
  find,
  notices,
  foot,
  onScan,
  children,
}: {
  readonly place: PlaceId | undefined
  readonly title: string
  readonly sub?: string
  readonly find: readonly FindItem[]
  readonly notices?: ReactNode
  readonly foot?: ReactNode
  readonly onScan?: (text: string) => boolean
  readonly children: ReactNode
}) {
  usePlaceKeys()
  return (
    <Frame
      title={title}
      sub={sub}
      notices={notices}
      foot={foot}
      onScan={onScan}
      find={[
        ...find,
        ...places
          .filter((one) => one.id !== place)
          .map((one) => ({ id: one.name, kind: 'place', words: one.words, href: one.href })),
      ]}
      nav={places.map((one) => (
        <Link key={one.id} href={one.href} aria-current={one.id === place ? 'page' : undefined} prefetch={false}>
          {one.name}
          <b>G {one.key.toUpperCase()}</b>
        </Link>
      ))}
    >
      {children}
    </Frame>
  )
}
