import { JournalPlace } from '@/places/journal/JournalPlace'

export default function JournalPage() {
  return <JournalPlace />
}
