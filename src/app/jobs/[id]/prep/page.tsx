import { PrepStation } from '@/stations/prep/PrepStation'

export default function PrepPage() {
  return <PrepStation />
}
