import { KitStation } from '@/stations/kit/KitStation'

export default function KitPage() {
  return <KitStation />
}
