import type { FigureChange } from '@/core/parts/catalogue/comparePackages'

const said = (value: unknown): string =>
  value === undefined ? 'nothing' : typeof value === 'string' ? value : JSON.stringify(value)

/** What differs between two states of one thing: where, what it was, what it is. */
export function Differences({ shown, more }: { readonly shown: readonly FigureChange[]; readonly more: number }) {
  return (
    <>
      {shown.map((one) => (
        <span key={one.path} className="mono small" style={{ display: 'block' }}>
          {one.path}: {said(one.from)} → {said(one.to)}
        </span>
      ))}
      {more > 0 && <span className="small dim">and {more} more</span>}
    </>
  )
}
