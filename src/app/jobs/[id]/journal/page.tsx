import { JournalPlace } from '@/places/journal/JournalPlace'

export default async function JournalPage({
  searchParams,
}: {
  readonly searchParams: Promise<Readonly<Record<string, string | string[] | undefined>>>
}) {
  const { at } = await searchParams
  const seq = typeof at === 'string' && /^\d{1,9}$/.test(at) ? Number(at) : undefined
  return <JournalPlace key={seq} {...(seq !== undefined && { at: seq })} />
}
