import clsx from 'clsx'
import { useMemo } from 'react'
import { PACK_LIMIT, byAreaMm } from '@/core/craft/bundle/byArea'
import { bundleOf } from '@/core/record/standing/wiresInto'
import { useJob } from '@/ui/job/JobProvider'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { lengthSaid, plural } from '@/words/figures'
import { closeStationWords as words } from '@/words/screens/close/closeStation'
import styles from './CloseStation.module.css'
import { useBundles } from './useBundles'

/** The bundle at each end, while nobody has said how it lies: packed, and drawn in section. */
export function BundleSheet() {
  const { state } = useJob()
  const branches = useMemo(
    () => state.plan.ends.map((end) => ({ name: `at ${end.id}`, diametersMm: bundleOf(state, end.id) })),
    [state],
  )
  const bundles = useBundles(branches)
  return (
    <section className={clsx(paneCss.panel, styles.bundles)} aria-label={words.bundles}>
      <h2 className={styles.bundle}>
        {words.bundle} <span className={clsx(textCss.dim, styles.light)}>{words.overBareWiresPacked}</span>
      </h2>
      <div className={styles.row}>
        {branches.map(({ name, diametersMm }) => {
          const bundle = bundles.get(name)
          const many = diametersMm.length > PACK_LIMIT
          const said = bundle
            ? lengthSaid(bundle.diameterMm, 1)
            : many
              ? lengthSaid(byAreaMm(diametersMm), 0)
              : undefined
          return (
            <div key={name} className={styles.row2}>
              {bundle && (
                <svg
                  viewBox={`${-bundle.diameterMm / 2 - 0.3} ${-bundle.diameterMm / 2 - 0.3} ${bundle.diameterMm + 0.6} ${bundle.diameterMm + 0.6}`}
                  width={84}
                  height={84}
                  aria-hidden="true"
                >
                  <circle r={bundle.diameterMm / 2} fill="none" stroke="var(--hairline)" strokeWidth="0.15" />
                  {bundle.circles.map((circle, i) => (
                    <circle
                      key={i}
                      cx={circle.xMm}
                      cy={circle.yMm}
                      r={circle.rMm}
                      fill="var(--glaze-wash)"
                      stroke="var(--glaze)"
                      strokeWidth="0.12"
                    />
                  ))}
                </svg>
              )}
              <div>
                <div className={clsx(textCss.small, textCss.dim)}>
                  {name}, {plural(diametersMm.length, 'wire')}
                </div>
                <div className={clsx(textCss.mono, styles.large)} data-testid={`bundle-${name}`}>
                  {said?.value ?? '…'}{' '}
                  <small className={clsx(textCss.dim, styles.smaller)}>{words.byArea(said?.unit ?? '', many)}</small>
                </div>
              </div>
            </div>
          )
        })}
      </div>
    </section>
  )
}
