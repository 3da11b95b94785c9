'use client'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import listCss from '@/ui/list/list.module.css'
import { Button } from '@mantine/core'
import { later } from '@/ui/later/later'
import { Loading } from '@/ui/later/Loading'
import { shelfWords } from '@/words/shelfPlace'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { PlaceFrame } from '@/ui/frame/PlaceFrame'
import { useKeys } from '@/ui/keys/KeyProvider'
import { FamilyView } from './FamilyView'
import type { ShelfModel } from './shelfData'

const waiting = <Loading words={shelfWords.opening} />
const FamilyEditor = later(
  () => import('./FamilyEditor'),
  (module) => module.FamilyEditor,
  waiting,
)
const WiresPane = later(
  () => import('./WiresPane'),
  (module) => module.WiresPane,
  waiting,
)
const StockPane = later(
  () => import('./StockPane'),
  (module) => module.StockPane,
  waiting,
)
const IdentifyPane = later(
  () => import('./IdentifyPane'),
  (module) => module.IdentifyPane,
  waiting,
)
const ImportPane = later(
  () => import('./ImportPane'),
  (module) => module.ImportPane,
  waiting,
)

/** Families and their parts, wire and cable, stock; what a found contact is; packages in and out. */
export function ShelfPlace({ model }: { readonly model: ShelfModel }) {
  const router = useRouter()
  const { page, families } = model
  const here = page.show === 'family' || page.show === 'edit' ? page.page.family.id : undefined
  const at = families.findIndex((family) => family.id === here)
  const go = (by: number) => {
    const next = families[Math.min(families.length - 1, Math.max(0, at + by))]
    if (next) router.push(`/shelf?family=${encodeURIComponent(next.id)}`)
  }
  const editing = page.show === 'edit' || page.show === 'new'
  useKeys(
    editing
      ? []
      : [
          { key: 'j', words: 'Next family', run: () => go(1) },
          { key: 'k', words: 'Previous family', run: () => go(-1) },
          { key: 'n', words: 'New family from its sheet', run: () => router.push('/shelf?show=new') },
          { key: 'w', words: 'What is this one?', run: () => router.push('/shelf?show=identify') },
          { key: 's', words: 'Stock', run: () => router.push('/shelf?show=stock') },
          { key: 'i', words: 'Import a package', run: () => router.push('/shelf?show=import') },
          ...(here !== undefined
            ? [
                {
                  key: 'e',
                  words: 'Edit this family',
                  run: () => router.push(`/shelf?show=edit&family=${encodeURIComponent(here)}`),
                },
              ]
            : []),
        ],
  )
  const others = [
    { show: 'new', name: 'New family', aside: 'N' },
    { show: 'import', name: 'Import a package', aside: 'I' },
    { show: 'identify', name: 'What is this one?', aside: 'W' },
    { show: 'stock', name: 'Stock', aside: model.low > 0 ? `${String(model.low)} low` : 'S' },
    { show: 'wires', name: 'Wire, cable and packs', aside: '' },
  ]
  return (
    <PlaceFrame
      place="shelf"
      title="Shelf"
      find={families.map((family) => ({
        id: family.name,
        kind: 'family',
        words: `${String(family.housings)} housings, ${String(family.contacts)} contacts`,
        href: `/shelf?family=${encodeURIComponent(family.id)}`,
      }))}
    >
      <div className={paneCss.station} style={{ gridTemplateColumns: '236px minmax(0, 1fr)' }}>
        <nav className={clsx(paneCss.pane, paneCss.paneQueue, listCss.shelfList)} aria-label="Shelf">
          {others.map((one) => (
            <Link
              key={one.show}
              href={`/shelf?show=${one.show}`}
              className={listCss.queueRow}
              aria-current={page.show === one.show ? 'page' : undefined}
              prefetch={false}
            >
              <span>{one.name}</span>
              <span
                className={one.show === 'stock' && model.low > 0 ? textCss.caution : clsx(textCss.mono, textCss.dim)}
              >
                {one.aside}
              </span>
            </Link>
          ))}
          <h2 className={listCss.queueGroup}>
            <span>Families</span>
            <span className={textCss.mono}>{families.length}</span>
          </h2>
          {families.map((family) => (
            <Link
              key={family.id}
              href={`/shelf?family=${encodeURIComponent(family.id)}`}
              className={listCss.queueRow}
              aria-current={family.id === here ? 'page' : undefined}
              prefetch={false}
            >
              <span>{family.name}</span>
              <span className={clsx(textCss.mono, textCss.dim)}>{family.housings}</span>
            </Link>
          ))}
          <div className={paneCss.toolList}>
            <Button component="a" href="/shelf/export?as=yaml">
              <span>Export the whole shelf</span>
            </Button>
          </div>
        </nav>
        <div className={paneCss.work} style={{ overflow: 'auto' }}>
          {page.show === 'family' && <FamilyView key={page.page.family.id} page={page.page} />}
          {(page.show === 'edit' || page.show === 'new') && (
            <FamilyEditor
              key={page.show === 'new' ? 'new' : `${page.page.family.id} ${String(page.duplicate)}`}
              page={page.show === 'new' ? undefined : page.page}
              duplicate={page.show === 'edit' && page.duplicate}
              tools={model.tools}
            />
          )}
          {page.show === 'wires' && <WiresPane wireTypes={page.wireTypes} cables={page.cables} packs={page.packs} />}
          {page.show === 'stock' && <StockPane parts={page.parts} />}
          {page.show === 'identify' && <IdentifyPane />}
          {page.show === 'import' && <ImportPane />}
        </div>
      </div>
    </PlaceFrame>
  )
}
