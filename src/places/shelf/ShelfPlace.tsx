'use client'
import styles from './ShelfPlace.module.css'
import { shelfPlaceWords as words } from '@/words/screens/shelf/shelfPlace'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import listCss from '@/ui/list/list.module.css'
import { Button } from '@mantine/core'
import { later } from '@/ui/later/later'
import { Loading } from '@/ui/later/Loading'
import { shelfWords } from '@/words/screens/shelf/shelfParts'
import { Link } from '@/ui/address/Link'
import { useRouter } from 'next/navigation'
import { PlaceFrame } from '@/ui/frame/PlaceFrame'
import { useKeys } from '@/ui/keys/KeyProvider'
import { FamilyView } from './FamilyView'
import type { ShelfModel } from './shelfData'

const waiting = <Loading words={shelfWords.opening} />
const FamilyEditor = later(
  () => import('./editor/FamilyEditor'),
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
          { key: 'j', words: words.nextFamily, run: () => go(1) },
          { key: 'k', words: words.previousFamily, run: () => go(-1) },
          { key: 'n', words: words.newFamilyFromIts, run: () => router.push('/shelf?show=new') },
          { key: 'w', words: words.whatIsThisOne, run: () => router.push('/shelf?show=identify') },
          { key: 's', words: words.stock, run: () => router.push('/shelf?show=stock') },
          { key: 'i', words: words.importPackage, run: () => router.push('/shelf?show=import') },
          ...(here !== undefined
            ? [
                {
                  key: 'e',
                  words: words.editThisFamily,
                  run: () => router.push(`/shelf?show=edit&family=${encodeURIComponent(here)}`),
                },
              ]
            : []),
        ],
  )
  const others = [
    { show: 'new', name: words.newFamily, aside: 'N' },
    { show: 'import', name: words.importPackage, aside: 'I' },
    { show: 'identify', name: words.whatIsThisOne, aside: 'W' },
    { show: 'stock', name: words.stock, aside: model.low > 0 ? words.low(model.low) : 'S' },
    { show: 'wires', name: words.wireCableAndPacks, aside: '' },
  ]
  return (
    <PlaceFrame
      place="shelf"
      title={words.shelf}
      find={families.map((family) => ({
        id: family.name,
        kind: 'family',
        words: words.housingsContacts(family.housings, family.contacts),
        href: `/shelf?family=${encodeURIComponent(family.id)}`,
      }))}
    >
      {page.show === 'edit' || page.show === 'new' ? (
        <FamilyEditor
          key={page.show === 'new' ? 'new' : `${page.page.family.id} ${String(page.duplicate)}`}
          page={page.show === 'new' ? undefined : page.page}
          duplicate={page.show === 'edit' && page.duplicate}
          tools={model.tools}
        />
      ) : (
        <div className={clsx(paneCss.station, styles.columns)}>
          <nav className={clsx(paneCss.pane, paneCss.paneQueue, listCss.shelfList)} aria-label={words.shelf}>
            {others.map((one) => (
              <Link
                key={one.show}
                href={`/shelf?show=${one.show}`}
                className={listCss.queueRow}
                aria-current={page.show === one.show ? 'page' : undefined}
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
              <span>{words.families}</span>
              <span className={textCss.mono}>{families.length}</span>
            </h2>
            {families.map((family) => (
              <Link
                key={family.id}
                href={`/shelf?family=${encodeURIComponent(family.id)}`}
                className={listCss.queueRow}
                aria-current={family.id === here ? 'page' : undefined}
              >
                <span>{family.name}</span>
                <span className={clsx(textCss.mono, textCss.dim)}>{family.housings}</span>
              </Link>
            ))}
            <div className={paneCss.toolList}>
              <Button component="a" href="/shelf/export?as=yaml">
                <span>{words.exportWholeShelf}</span>
              </Button>
            </div>
          </nav>
          <div className={clsx(paneCss.work, styles.box)}>
            {page.show === 'family' && <FamilyView key={page.page.family.id} page={page.page} />}
            {page.show === 'wires' && <WiresPane wireTypes={page.wireTypes} cables={page.cables} packs={page.packs} />}
            {page.show === 'stock' && <StockPane parts={page.parts} />}
            {page.show === 'identify' && <IdentifyPane />}
            {page.show === 'import' && <ImportPane />}
          </div>
        </div>
      )}
    </PlaceFrame>
  )
}
