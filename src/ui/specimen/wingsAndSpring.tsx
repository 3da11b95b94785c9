import type { Contact } from '@/core/parts/catalogue/types'

/** The conductor wings before they close: as high as each other, one over the other, or one behind the other. */
export function openWings(contact: Contact, from: number, lengthMm: number, floor: number, wing: number): string {
  const fold = contact.barrel && 'wings' in contact.barrel ? contact.barrel.wings : undefined
  const to = from + lengthMm
  if (fold === 'staggered') {
    const middle = from + lengthMm / 2
    return `M${from} ${floor}V${-wing}H${middle - 0.15}V${-wing * 0.2}H${middle + 0.15}V${-wing}H${to}V${floor}Z`
  }
  return fold === 'overlapping'
    ? `M${from} ${floor}V${-wing * 1.25}H${to}V${floor}ZM${from + 0.3} ${-wing * 0.7}H${to - 0.3}`
    : `M${from} ${floor}V${-wing}q${lengthMm / 2} -0.1 ${lengthMm} 0V${floor}Z`
}

/** What of the contact springs out: its lance, a tang at its side, barbs on both, or nothing. */
export function Spring({
  contact,
  x,
  half,
  down,
}: {
  readonly contact: Contact
  readonly x: number
  readonly half: number
  readonly down: boolean
}) {
  // a lance that no sheet tells of is not drawn
  const spring = 'spring' in contact ? (contact.spring ?? 'none') : 'none'
  const up = down ? 0.1 : -0.9
  if (spring === 'none') return null
  return (
    <path
      d={
        spring === 'tang'
          ? `M${x} ${-half * 0.3}h1.8l.6 ${-0.6}v1.2h-2.4z`
          : `M${x} ${-half}l1.6 ${up}v${down ? 0 : 0.9}${spring === 'barbs' ? `M${x} ${half}l1.6 ${-up}v${down ? 0 : -0.9}` : ''}`
      }
      fill="none"
      stroke={down ? 'var(--oxblood)' : 'var(--ink)'}
      strokeWidth=".14"
    />
  )
}
