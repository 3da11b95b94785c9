import type { Cable, Pack, WireType } from '@/core/catalogue/types'
import { Swatch } from '@/ui/wire/Swatch'
import { figure, mm } from '@/words/figures'

const size = (type: WireType) => ('awg' in type.designation ? `${type.designation.awg} AWG` : `${String(type.designation.areaMm2)} mm²`)

/** Wire on the rack, the cables that hold such wires, and how parts are bought. */
export function WiresPane({ wireTypes, cables, packs }: { readonly wireTypes: readonly WireType[]; readonly cables: readonly Cable[]; readonly packs: readonly Pack[] }) {
  return (
    <>
      <h2 className="page-title">Wire, cable and packs</h2>
      <section className="sheet" style={{ flex: 'none' }}>
        <table className="table">
          <thead><tr><th scope="col">wire</th><th scope="col">what</th><th scope="col">printed</th><th scope="col">strands</th><th scope="col">metal</th><th scope="col">insulation</th><th scope="col">carries</th><th scope="col">source</th></tr></thead>
          <tbody>
            {wireTypes.map((type) => (
              <tr key={type.id}>
                <td className="figure"><b>{type.id}</b></td><td>{type.name}{type.plated && <span className="dim"> plated</span>}</td><td className="figure">{size(type)}</td><td className="figure">{type.strands} × {type.strandMm}</td>
                <td className="figure">{figure((type.strands * Math.PI * type.strandMm ** 2) / 4, 3)} mm²</td><td className="figure">{mm(type.insulationMm)} {type.insulation}</td><td className="figure">{type.ratedA === undefined ? 'not on the sheet' : `${String(type.ratedA)} A`}</td>
                <td className="small dim">{type.source.document}{type.source.basis !== 'sheet' && ` (${type.source.basis})`}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
      <section className="sheet" style={{ flex: 'none' }}>
        <table className="table">
          <thead><tr><th scope="col">cable</th><th scope="col">what</th><th scope="col">jacket</th><th scope="col">screen</th><th scope="col">cores</th></tr></thead>
          <tbody>
            {cables.map((cable) => (
              <tr key={cable.id}>
                <td className="figure"><b>{cable.id}</b></td><td>{cable.name}</td><td className="figure">{mm(cable.jacketMm)}{cable.flat && ' flat'}</td><td>{cable.screen.replaceAll('-', ' ')}</td>
                <td><span style={{ display: 'flex', gap: 10, flexWrap: 'wrap' }}>{cable.cores.map((core, i) => <span key={i}><Swatch colour={core.colour} width={20} /> <span className="mono dim">{core.type}</span></span>)}</span></td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
      <section className="sheet" style={{ flex: 'none' }}>
        <table className="table">
          <thead><tr><th scope="col">pack</th><th scope="col">form</th><th scope="col">holds</th><th scope="col">price</th></tr></thead>
          <tbody>{packs.map((pack) => <tr key={pack.id}><td className="figure"><b>{pack.id}</b></td><td>{pack.form}</td><td className="figure">{pack.contents.map((content) => `${String(content.count)} × ${content.part}`).join(', ')}</td><td className="figure">{pack.price === undefined ? 'not known' : figure(pack.price, 2)}</td></tr>)}</tbody>
        </table>
      </section>
    </>
  )
}
