'use client'
import Link from 'next/link'
import { useState } from 'react'
import { placeHousing } from '@/core/parts/catalogue/catalogue'
import { bandsOfBin } from '@/core/parts/identify/bands'
import type { FamilyInput } from '@/core/parts/catalogue/types'
import { FacePanel, useFaceView } from '@/ui/face/FacePanel'
import { Bands } from './Bands'
import { mm, range } from '@/words/figures'
import { familyWords } from '@/words/families'
import { smallPartWords } from '@/words/parts'
import type { FamilyPage } from './shelfData'

const none = <span className="dim">not on the sheet</span>

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
      <div className="page-head" style={{ marginBottom: 0 }}>
        <div>
          <h2 className="page-title">{family.name}</h2>
          <p className="small dim">
            {familyWords(family)} {family.source.document}
            {family.source.revision !== undefined && `, rev ${family.source.revision}`}
            {family.source.basis !== 'sheet' && ` (${family.source.basis})`}.
          </p>
        </div>
        <span style={{ display: 'flex', gap: 8 }}>
          <Link className="act-button" style={{ width: 'auto' }} href={href('edit')}>
            <span>Edit</span> <kbd aria-hidden="true">E</kbd>
          </Link>
          <Link className="act-button" style={{ width: 'auto' }} href={href('duplicate')}>
            <span>Duplicate</span>
          </Link>
          <a
            className="act-button"
            style={{ width: 'auto' }}
            href={`/shelf/export?family=${encodeURIComponent(family.id)}&as=yaml`}
          >
            <span>YAML</span>
          </a>
          <a
            className="act-button"
            style={{ width: 'auto' }}
            href={`/shelf/export?family=${encodeURIComponent(family.id)}&as=json`}
          >
            <span>JSON</span>
          </a>
        </span>
      </div>
      {family.housings.length > 0 && (
        <div style={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr) 430px', gap: 14, flex: 'none' }}>
          <section
            className="sheet pick-table"
            style={{ maxHeight: 330, overflow: 'auto' }}
            aria-label="Housings"
            tabIndex={0}
          >
            <table className="table">
              <thead>
                <tr>
                  <th scope="col">housing</th>
                  <th scope="col">ways</th>
                  <th scope="col">what</th>
                  <th scope="col">small parts</th>
                </tr>
              </thead>
              <tbody>
                {family.housings.map((one) => (
                  <tr key={one.id} style={one.id === picked ? { background: 'var(--glaze-wash)' } : undefined}>
                    <td className="figure">
                      <button
                        type="button"
                        className="link-button"
                        aria-pressed={one.id === picked}
                        onClick={() => setPicked(one.id)}
                      >
                        <b>{one.id}</b>
                      </button>
                    </td>
                    <td className="figure">{one.cavities?.length ?? '?'}</td>
                    <td>
                      {one.name}
                      {(one.keyings ?? []).length > 0 && <span className="mono dim"> {one.keyings?.join(' ')}</span>}
                    </td>
                    <td className="figure dim">
                      {[one.lock, one.interfaceSeal, ...(one.parts ?? []).map((part) => part.part)]
                        .filter(Boolean)
                        .join(' ')}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
          <div style={{ height: 330, display: 'flex' }}>
            {housing && <FacePanel housing={housing} face={face} cavities={new Map()} />}
          </div>
        </div>
      )}
      <Contacts contacts={family.contacts} />
      {family.seals.length > 0 && (
        <section className="sheet" style={{ flex: 'none' }}>
          <table className="table">
            <thead>
              <tr>
                <th scope="col">wire seal</th>
                <th scope="col">what</th>
                <th scope="col">insulation mm</th>
                <th scope="col">bore mm</th>
              </tr>
            </thead>
            <tbody>
              {family.seals.map((seal) => (
                <tr key={seal.id}>
                  <td className="figure">
                    <b>{seal.id}</b>
                  </td>
                  <td>{seal.name}</td>
                  <td className="figure">{range(seal.insulation.minMm, seal.insulation.maxMm)}</td>
                  <td className="figure">{seal.boreMm}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      )}
      {(family.sizes.length > 0 || family.parts.length > 0) && (
        <div style={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 14, flex: 'none' }}>
          <section className="sheet">
            <table className="table">
              <thead>
                <tr>
                  <th scope="col">contact size</th>
                  <th scope="col">bore</th>
                  <th scope="col">mat window</th>
                  <th scope="col">retention</th>
                  <th scope="col">plug</th>
                </tr>
              </thead>
              <tbody>
                {family.sizes.map((size) => (
                  <tr key={size.id}>
                    <td>
                      <b className="mono">{size.id}</b> {size.name}
                    </td>
                    <td className="figure">{size.boreMm === undefined ? none : mm(size.boreMm)}</td>
                    <td className="figure">
                      {size.matWindow ? range(size.matWindow.minMm, size.matWindow.maxMm) : '–'}
                    </td>
                    <td className="figure">{size.retentionN === undefined ? none : `${String(size.retentionN)} N`}</td>
                    <td className="figure">{size.plug ?? '–'}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
          <section className="sheet" style={{ maxHeight: 260, overflow: 'auto' }} aria-label="Small parts" tabIndex={0}>
            <table className="table">
              <thead>
                <tr>
                  <th scope="col">small part</th>
                  <th scope="col">what</th>
                  <th scope="col">kind</th>
                </tr>
              </thead>
              <tbody>
                {family.parts.map((part) => (
                  <tr key={part.id}>
                    <td className="figure">
                      <b>{part.id}</b>
                    </td>
                    <td>{part.name}</td>
                    <td className="dim">{smallPartWords[part.kind]}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
        </div>
      )}
      <section className="sheet" style={{ flex: 'none' }} aria-label="Settings">
        <table className="table">
          <thead>
            <tr>
              <th scope="col">setting for</th>
              <th scope="col">wire mm²</th>
              <th scope="col">tool</th>
              <th scope="col">die · positioner · selector · nest</th>
              <th scope="col">strip</th>
              <th scope="col">height</th>
              <th scope="col">where it stands</th>
            </tr>
          </thead>
          <tbody>
            {placards.flatMap((placard) =>
              placard.rows
                .filter((row) => contactIds.has(row.contact))
                .map((row, i) => (
                  <tr key={`${placard.id} ${String(i)}`}>
                    <td className="figure">
                      <b>{row.contact}</b>
                    </td>
                    <td className="figure">{range(row.conductor.minMm2, row.conductor.maxMm2)}</td>
                    <td className="figure">{placard.tool}</td>
                    <td className="figure">
                      {[
                        row.die,
                        row.positioner,
                        row.turret !== undefined && `turret ${String(row.turret)}`,
                        row.selector,
                        row.nest,
                      ]
                        .filter((one) => one !== undefined && one !== false)
                        .join(' · ')}
                    </td>
                    <td className="figure">{row.strip ? range(row.strip.minMm, row.strip.maxMm) : '–'}</td>
                    <td className="figure">{row.height ? range(row.height.minMm, row.height.maxMm) : '–'}</td>
                    <td className="small dim">
                      {[placard.source.document, row.source].filter(Boolean).join(', ')}
                      {placard.source.basis !== 'sheet' && <b className="caution"> ◆ {placard.source.basis}</b>}
                    </td>
                  </tr>
                )),
            )}
          </tbody>
        </table>
      </section>
    </>
  )
}

function Contacts({ contacts }: { readonly contacts: FamilyInput['contacts'] }) {
  return (
    <section className="sheet" style={{ flex: 'none' }} aria-label="Contacts">
      <table className="table">
        <thead>
          <tr>
            <th scope="col">contact</th>
            <th scope="col">what</th>
            <th scope="col">made</th>
            <th scope="col">size</th>
            <th scope="col">wire mm²</th>
            <th scope="col">insulation</th>
            <th scope="col">plating</th>
            <th scope="col">carries</th>
            <th scope="col">bands</th>
          </tr>
        </thead>
        <tbody>
          {contacts.map((contact) => (
            <tr key={contact.id}>
              <td className="figure">
                <b>{contact.id}</b>
              </td>
              <td>
                {contact.name}
                {contact.aliases.length > 0 && <span className="mono dim small"> {contact.aliases.join(' ')}</span>}
              </td>
              <td>{contact.construction === 'sleeve' ? contact.shape : contact.construction.replaceAll('-', ' ')}</td>
              <td className="figure">{contact.construction === 'sleeve' ? '–' : contact.size}</td>
              <td className="figure">{range(contact.conductor.minMm2, contact.conductor.maxMm2)}</td>
              <td className="figure">
                {contact.insulation ? range(contact.insulation.minMm, contact.insulation.maxMm) : '–'}
              </td>
              <td>{contact.plating}</td>
              <td className="figure">{contact.ratedA === undefined ? none : `${String(contact.ratedA)} A`}</td>
              <td>
                {contact.construction !== 'sleeve' && contact.bin !== undefined ? (
                  <Bands bands={bandsOfBin(contact.bin)} />
                ) : (
                  ''
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  )
}
