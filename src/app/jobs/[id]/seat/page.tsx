import { SeatStation } from '@/stations/seat/SeatStation'

export default function SeatPage() {
  return <SeatStation />
}
