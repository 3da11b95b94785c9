import { benchClock } from '@/data/benchClock'
import { today } from '@/places/today/todayJobs'
import { TodayPlace } from '@/places/today/TodayPlace'

export default async function TodayPage() {
  const now = new Date()
  const clock = await benchClock()
  return <TodayPlace today={await today(now, clock)} weekday={clock.weekday(now)} />
}
