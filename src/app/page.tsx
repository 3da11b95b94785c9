import { benchClock } from '@/data/benchClock'
import { operators } from '@/places/today/operators'
import { today } from '@/places/today/todayJobs'
import { TodayPlace } from '@/places/today/TodayPlace'

export default async function TodayPage() {
  const now = new Date()
  const clock = await benchClock()
  const people = await operators()
  return <TodayPlace today={await today(now, clock, people.length)} weekday={clock.weekday(now)} />
}
