import { PlanStation } from '@/stations/plan/PlanStation'

export default function PlanPage() {
  return <PlanStation />
}
