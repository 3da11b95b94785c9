import { CloseStation } from '@/stations/close/CloseStation'

export default function ClosePage() {
  return <CloseStation />
}
