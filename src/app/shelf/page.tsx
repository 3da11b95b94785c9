import { pageTitles as words } from '@/words/screens/app/pageTitles'
import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { readShelf } from '@/places/shelf/readShelf'
import { ShelfPlace } from '@/places/shelf/ShelfPlace'

export const metadata: Metadata = { title: words.shelf }

export default async function ShelfPage({
  searchParams,
}: {
  readonly searchParams: Promise<{ show?: string; family?: string }>
}) {
  const model = await readShelf(await searchParams)
  if (!model) notFound()
  return <ShelfPlace model={model} />
}
