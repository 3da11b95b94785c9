'use client'
import styles from './FamilyView.module.css'
import { familyViewWords as words } from '@/words/screens/shelf/familyView'
import { Anchor, Button, Kbd, Table } from '@mantine/core'
import { useState } from 'react'
import { placeHousing } from '@/core/parts/catalogue/catalogue'
import { bandsOfBin } from '@/core/parts/identify/bands'
import { type FamilyInput, isSleeve } from '@/core/parts/catalogue/types'
import { FacePanel, useFaceView } from '@/ui/face/FacePanel'
import { Bands } from './Bands'
import { mm, range } from '@/words/figures'
import { constructionWords, familyWords } from '@/words/families'
import { smallPartWords } from '@/words/parts'
import type { FamilyPage } from './shelfData'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import rowsCss from '@/ui/table/rows.module.css'
import Link from 'next/link'

const none = <span className={textCss.dim}>{words.notOnSheet}</span>

/** A family as it stands on the shelf: its faces, contacts, seals, small parts, and the settings for its contacts. */
export function FamilyView({ page }: { readonly page: FamilyPage }) {
  const { family, placards } = page
  const [picked, setPicked] = useState(family.housings[0]?.id)
  const input = family.housings.find((one) => one.id === picked)
  const placed = input && placeHousing(input, family.id)
  const housing = placed?.ok ? placed.value : undefined
  const face = useFaceView('shelf', picked ?? '', 'wire')
  const contactIds = new Set(family.contacts.map((contact) => contact.id))
  const href = (show: string) => `/shelf?show=${show}&family=${encodeURIComponent(family.id)}`
  return (
    <>
      <div className={clsx(paneCss.pageHead, styles.spaced)}>
        <div>
          <h2 className={paneCss.pageTitle}>{family.name}</h2>
          <p className={clsx(textCss.small, textCss.dim)}>
            {familyWords(family)} {family.source.document}
            {family.source.revision !== undefined && `, rev ${family.source.revision}`}
            {family.source.basis !== 'sheet' && ` (${family.source.basis})`}.
          </p>
        </div>
        <span className={styles.row}>
          <Button fullWidth={false} component={Link} href={href('edit')}>
            <span>{words.edit}</span> <Kbd aria-hidden="true">E</Kbd>
          </Button>
          <Button fullWidth={false} component={Link} href={href('duplicate')}>
            <span>{words.duplicate}</span>
          </Button>
          <Button
            fullWidth={false}
            component="a"
            href={`/shelf/export?family=${encodeURIComponent(family.id)}&as=yaml`}
          >
            <span>{words.yaml}</span>
          </Button>
          <Button
            fullWidth={false}
            component="a"
            href={`/shelf/export?family=${encodeURIComponent(family.id)}&as=json`}
          >
            <span>{words.json}</span>
          </Button>
        </span>
      </div>
      {family.housings.length > 0 && (
        <div className={styles.columns}>
          <section
            className={clsx(paneCss.sheet, rowsCss.pickTable, styles.housings)}
            aria-label={words.housings}
            tabIndex={0}
          >
            <Table>
              <Table.Thead>
                <Table.Tr>
                  <Table.Th scope="col">{words.housing}</Table.Th>
                  <Table.Th scope="col">{words.ways}</Table.Th>
                  <Table.Th scope="col">{words.what}</Table.Th>
                  <Table.Th scope="col">{words.smallParts}</Table.Th>
                </Table.Tr>
              </Table.Thead>
              <Table.Tbody>
                {family.housings.map((one) => (
                  <Table.Tr key={one.id} style={one.id === picked ? { background: 'var(--glaze-wash)' } : undefined}>
                    <Table.Td className={textCss.figure}>
                      <Anchor
                        component="button"
                        type="button"
                        aria-pressed={one.id === picked}
                        onClick={() => setPicked(one.id)}
                      >
                        <b>{one.id}</b>
                      </Anchor>
                    </Table.Td>
                    <Table.Td className={textCss.figure}>{one.cavities?.length ?? '?'}</Table.Td>
                    <Table.Td>
                      {one.name}
                      {(one.keyings ?? []).length > 0 && (
                        <span className={clsx(textCss.mono, textCss.dim)}> {one.keyings?.join(' ')}</span>
                      )}
                    </Table.Td>
                    <Table.Td className={clsx(textCss.figure, textCss.dim)}>
                      {[one.lock, one.interfaceSeal, ...(one.parts ?? []).map((part) => part.part)]
                        .filter(Boolean)
                        .join(' ')}
                    </Table.Td>
                  </Table.Tr>
                ))}
              </Table.Tbody>
            </Table>
          </section>
          <div className={styles.row2}>
            {housing && <FacePanel housing={housing} face={face} cavities={new Map()} />}
          </div>
        </div>
      )}
      <Contacts contacts={family.contacts} />
      {family.seals.length > 0 && (
        <section className={clsx(paneCss.sheet, paneCss.fixed)}>
          <Table>
            <Table.Thead>
              <Table.Tr>
                <Table.Th scope="col">{words.wireSeal}</Table.Th>
                <Table.Th scope="col">{words.what}</Table.Th>
                <Table.Th scope="col">{words.insulationMm}</Table.Th>
                <Table.Th scope="col">{words.boreMm}</Table.Th>
              </Table.Tr>
            </Table.Thead>
            <Table.Tbody>
              {family.seals.map((seal) => (
                <Table.Tr key={seal.id}>
                  <Table.Td className={textCss.figure}>
                    <b>{seal.id}</b>
                  </Table.Td>
                  <Table.Td>{seal.name}</Table.Td>
                  <Table.Td className={textCss.figure}>{range(seal.insulation.minMm, seal.insulation.maxMm)}</Table.Td>
                  <Table.Td className={textCss.figure}>{seal.boreMm}</Table.Td>
                </Table.Tr>
              ))}
            </Table.Tbody>
          </Table>
        </section>
      )}
      {(family.sizes.length > 0 || family.parts.length > 0) && (
        <div className={styles.columns2}>
          <section className={paneCss.sheet}>
            <Table>
              <Table.Thead>
                <Table.Tr>
                  <Table.Th scope="col">{words.contactSize}</Table.Th>
                  <Table.Th scope="col">{words.bore}</Table.Th>
                  <Table.Th scope="col">{words.matWindow}</Table.Th>
                  <Table.Th scope="col">{words.retention}</Table.Th>
                  <Table.Th scope="col">{words.plug}</Table.Th>
                </Table.Tr>
              </Table.Thead>
              <Table.Tbody>
                {family.sizes.map((size) => (
                  <Table.Tr key={size.id}>
                    <Table.Td>
                      <b className={textCss.mono}>{size.id}</b> {size.name}
                    </Table.Td>
                    <Table.Td className={textCss.figure}>{size.boreMm === undefined ? none : mm(size.boreMm)}</Table.Td>
                    <Table.Td className={textCss.figure}>
                      {size.matWindow ? range(size.matWindow.minMm, size.matWindow.maxMm) : '–'}
                    </Table.Td>
                    <Table.Td className={textCss.figure}>
                      {size.retentionN === undefined ? none : `${String(size.retentionN)} N`}
                    </Table.Td>
                    <Table.Td className={textCss.figure}>{size.plug ?? '–'}</Table.Td>
                  </Table.Tr>
                ))}
              </Table.Tbody>
            </Table>
          </section>
          <section
            className={clsx(paneCss.sheet, styles.smallPartsTitle)}
            aria-label={words.smallPartsTitle}
            tabIndex={0}
          >
            <Table>
              <Table.Thead>
                <Table.Tr>
                  <Table.Th scope="col">{words.smallPart}</Table.Th>
                  <Table.Th scope="col">{words.what}</Table.Th>
                  <Table.Th scope="col">{words.kind}</Table.Th>
                </Table.Tr>
              </Table.Thead>
              <Table.Tbody>
                {family.parts.map((part) => (
                  <Table.Tr key={part.id}>
                    <Table.Td className={textCss.figure}>
                      <b>{part.id}</b>
                    </Table.Td>
                    <Table.Td>{part.name}</Table.Td>
                    <Table.Td className={textCss.dim}>{smallPartWords[part.kind]}</Table.Td>
                  </Table.Tr>
                ))}
              </Table.Tbody>
            </Table>
          </section>
        </div>
      )}
      <section className={clsx(paneCss.sheet, paneCss.fixed)} aria-label={words.settings}>
        <Table>
          <Table.Thead>
            <Table.Tr>
              <Table.Th scope="col">{words.settingFor}</Table.Th>
              <Table.Th scope="col">{words.wireMm}</Table.Th>
              <Table.Th scope="col">{words.tool}</Table.Th>
              <Table.Th scope="col">{words.diePositionerSelectorNest}</Table.Th>
              <Table.Th scope="col">{words.strip}</Table.Th>
              <Table.Th scope="col">{words.height}</Table.Th>
              <Table.Th scope="col">{words.whereItStands}</Table.Th>
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {placards.flatMap((placard) =>
              placard.rows
                .filter((row) => contactIds.has(row.contact))
                .map((row, i) => (
                  <Table.Tr key={`${placard.id} ${String(i)}`}>
                    <Table.Td className={textCss.figure}>
                      <b>{row.contact}</b>
                    </Table.Td>
                    <Table.Td className={textCss.figure}>{range(row.conductor.minMm2, row.conductor.maxMm2)}</Table.Td>
                    <Table.Td className={textCss.figure}>{placard.tool}</Table.Td>
                    <Table.Td className={textCss.figure}>
                      {[
                        row.die,
                        row.positioner,
                        row.turret !== undefined && `turret ${String(row.turret)}`,
                        row.selector,
                        row.nest,
                      ]
                        .filter((one) => one !== undefined && one !== false)
                        .join(' · ')}
                    </Table.Td>
                    <Table.Td className={textCss.figure}>
                      {row.strip ? range(row.strip.minMm, row.strip.maxMm) : '–'}
                    </Table.Td>
                    <Table.Td className={textCss.figure}>
                      {row.height ? range(row.height.minMm, row.height.maxMm) : '–'}
                    </Table.Td>
                    <Table.Td className={clsx(textCss.small, textCss.dim)}>
                      {[placard.source.document, row.source].filter(Boolean).join(', ')}
                      {placard.source.basis !== 'sheet' && <b className={textCss.caution}> ◆ {placard.source.basis}</b>}
                    </Table.Td>
                  </Table.Tr>
                )),
            )}
          </Table.Tbody>
        </Table>
      </section>
    </>
  )
}

function Contacts({ contacts }: { readonly contacts: FamilyInput['contacts'] }) {
  return (
    <section className={clsx(paneCss.sheet, paneCss.fixed)} aria-label={words.contacts}>
      <Table>
        <Table.Thead>
          <Table.Tr>
            <Table.Th scope="col">{words.contact}</Table.Th>
            <Table.Th scope="col">{words.what}</Table.Th>
            <Table.Th scope="col">{words.made}</Table.Th>
            <Table.Th scope="col">{words.size}</Table.Th>
            <Table.Th scope="col">{words.wireMm}</Table.Th>
            <Table.Th scope="col">{words.insulation}</Table.Th>
            <Table.Th scope="col">{words.plating}</Table.Th>
            <Table.Th scope="col">{words.carries}</Table.Th>
            <Table.Th scope="col">{words.bands}</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {contacts.map((contact) => (
            <Table.Tr key={contact.id}>
              <Table.Td className={textCss.figure}>
                <b>{contact.id}</b>
              </Table.Td>
              <Table.Td>
                {contact.name}
                {contact.aliases.length > 0 && (
                  <span className={clsx(textCss.mono, textCss.dim, textCss.small)}> {contact.aliases.join(' ')}</span>
                )}
              </Table.Td>
              <Table.Td>{isSleeve(contact) ? contact.shape : constructionWords[contact.construction]}</Table.Td>
              <Table.Td className={textCss.figure}>{isSleeve(contact) ? '–' : contact.size}</Table.Td>
              <Table.Td className={textCss.figure}>
                {range(contact.conductor.minMm2, contact.conductor.maxMm2)}
              </Table.Td>
              <Table.Td className={textCss.figure}>
                {contact.insulation ? range(contact.insulation.minMm, contact.insulation.maxMm) : '–'}
              </Table.Td>
              <Table.Td>{contact.plating}</Table.Td>
              <Table.Td className={textCss.figure}>
                {contact.ratedA === undefined ? none : `${String(contact.ratedA)} A`}
              </Table.Td>
              <Table.Td>
                {!isSleeve(contact) && contact.bin !== undefined ? <Bands bands={bandsOfBin(contact.bin)} /> : ''}
              </Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
    </section>
  )
}
