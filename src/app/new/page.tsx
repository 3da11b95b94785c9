import { pageTitles as words } from '@/words/screens/app/pageTitles'
import type { Metadata } from 'next'
import { bench } from '@/data/bench'
import { loadCatalogue } from '@/data/repositories/catalogue'
import { NewJobPlace } from '@/places/newJob/NewJobPlace'

export const metadata: Metadata = { title: words.newJob }

export default async function NewJobPage() {
  const { db, catalogue } = await bench()
  const { housings, wireTypes } = await loadCatalogue(db, catalogue)
  return (
    <NewJobPlace
      housings={[...housings.values()].map(({ id, name, cavities }) => ({
        id,
        name,
        cavities: cavities.map((cavity) => cavity.id),
      }))}
      wireTypes={[...wireTypes.values()].map(({ id, name }) => ({ id, name }))}
    />
  )
}
