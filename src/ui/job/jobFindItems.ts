import { sideOf, type Plan } from '@/core/record/plan/plan'
import { stations } from '@/core/views/progress'
import { stationWords } from '@/words/steps'
import { jobFrameWords as texts } from '@/words/screens/job/jobFrame'
import type { FindItem } from '../find/findItems'
import { places } from '../frame/PlaceFrame'

/** What can be found in a job: its stations, its record, the places beside it, each wire, cavity and end. */
export const jobFindItems = (id: string, plan: Plan): readonly FindItem[] => [
  ...stations.map((station) => ({
    id: stationWords[station],
    kind: 'station',
    words: texts.goTo(stationWords[station]),
    href: `/jobs/${id}/${station}`,
  })),
  { id: 'Journal', kind: 'record', words: texts.whatWasWrittenEntry, href: `/jobs/${id}/journal` },
  ...places.map((place) => ({ id: place.name, kind: 'place', words: place.words, href: place.href })),
  ...plan.wires.map((wire) => ({
    id: wire.id,
    kind: 'wire',
    words: [wire.colour, wire.signal].filter(Boolean).join(' · '),
    href: `/jobs/${id}/plan?at=${encodeURIComponent(wire.id)}`,
  })),
  ...plan.wires.flatMap((wire) =>
    (['a', 'b'] as const).flatMap((side) => {
      const at = sideOf(wire, side)
      return at.kind === 'cavity'
        ? [
            {
              id: `${at.end}.${at.cavity}`,
              kind: 'cavity',
              words: `${wire.id}${side}${wire.signal ? `, ${wire.signal}` : ''}`,
              href: `/jobs/${id}/plan?at=${encodeURIComponent(wire.id)}`,
            },
          ]
        : []
    }),
  ),
  ...plan.ends.map((end) => ({
    id: end.id,
    kind: 'end',
    words: end.housing,
    href: `/jobs/${id}/plan?end=${encodeURIComponent(end.id)}`,
  })),
]
