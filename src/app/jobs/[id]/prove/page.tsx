import { ProveStation } from '@/stations/prove/ProveStation'

export default function ProvePage() {
  return <ProveStation />
}
