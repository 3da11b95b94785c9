import { today } from '@/places/today/todayJobs'
import { TodayPlace } from '@/places/today/TodayPlace'

const weekdays = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday']

export default async function TodayPage() {
  const now = new Date()
  return <TodayPlace today={await today(now)} weekday={weekdays[now.getDay()] ?? 'Today'} />
}
