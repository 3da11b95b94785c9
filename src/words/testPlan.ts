import type { TestPlanFault } from '@/core/craft/probing/testPlan'

/** What is wrong with nets that are to be probed. */
export function testPlanFaultWords({ kind, point }: TestPlanFault): string {
  switch (kind) {
    case 'unknown-point':
      return `${point} is no cavity of these ends: points are an end and a cavity, like A.7`
    case 'point-twice':
      return `${point} stands in two nets: a point belongs to one`
  }
}
