import { CrimpStation } from '@/stations/crimp/CrimpStation'

export default function CrimpPage() {
  return <CrimpStation />
}
