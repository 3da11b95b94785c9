import { inTurn } from '@/core/base/inTurn'
import type { DeviceFault } from '@/core/base/instrument/deviceFault'
import { instruments, type InstrumentId } from '@/core/base/instrument/instruments'
import { fail, ok, type Result } from '@/core/base/result'
import { openLink, type LineLink } from './lineLink'
import { identify, measure, pull, type Pull, type PullPoint } from './measure'
import type { PieceToLay } from './pieceSchema'

export interface InstrumentAddress {
  readonly host: string
  readonly port: number
}

export interface InstrumentReading {
  readonly value: number
  readonly unit: string
  readonly identity: string
  readonly at: string
}

export interface InstrumentStatus {
  readonly id: InstrumentId
  readonly address: InstrumentAddress | undefined
  readonly identity: string | undefined
  readonly last: InstrumentReading | undefined
  readonly fault: DeviceFault | undefined
}

interface Linked {
  readonly link: LineLink
  readonly identity: string
  readonly address: InstrumentAddress
}

/** A status answers soon, even where nobody does. */
const LOOK_MS = 700
const NO_ADDRESS: DeviceFault = { kind: 'no-address' }

/**
 * The instruments of this bench: one link each, opened when it is first needed, closed on any fault so that no late answer is
 * taken for another's. Whoever measures waits for the one before.
 */
export class InstrumentDesk {
  private readonly links = new Map<InstrumentId, Linked>()
  private readonly last = new Map<InstrumentId, InstrumentReading>()
  private readonly turns = new Map<InstrumentId, Promise<unknown>>()

  /** Who is there now. */
  status(id: InstrumentId, address: InstrumentAddress | undefined): Promise<InstrumentStatus> {
    return inTurn(this.turns, id, async () => {
      const linked = await this.linkTo(id, address, LOOK_MS)
      const there = linked.ok ? await identify(linked.value.link, instruments[id]) : linked
      if (!there.ok) this.drop(id)
      return {
        id,
        address,
        identity: there.ok && linked.ok ? linked.value.identity : undefined,
        last: this.last.get(id),
        fault: there.ok ? undefined : there.fault,
      }
    })
  }

  /** One reading. */
  read(
    id: InstrumentId,
    address: InstrumentAddress | undefined,
    piece: PieceToLay | undefined,
    now: () => Date,
  ): Promise<Result<InstrumentReading, DeviceFault>> {
    return inTurn(this.turns, id, async () => {
      const linked = await this.linkTo(id, address)
      if (!linked.ok) return linked
      layIn(linked.value, piece)
      const value = await measure(linked.value.link, instruments[id])
      if (!value.ok) {
        this.drop(id)
        return value
      }
      return ok(this.remember(id, value.value, linked.value.identity, now()))
    })
  }

  /** A whole pull, each point as it comes. */
  pull(
    address: InstrumentAddress | undefined,
    piece: PieceToLay | undefined,
    hear: (point: PullPoint) => void,
    signal: AbortSignal,
    now: () => Date,
  ): Promise<Result<Pull & { readonly identity: string }, DeviceFault>> {
    return inTurn<InstrumentId, Result<Pull & { readonly identity: string }, DeviceFault>>(
      this.turns,
      'pull-tester',
      async () => {
        if (signal.aborted) return fail({ kind: 'stopped' })
        const linked = await this.linkTo('pull-tester', address)
        if (!linked.ok) return linked
        const { link, identity } = linked.value
        const stop = () => this.drop('pull-tester')
        signal.addEventListener('abort', stop)
        layIn(linked.value, piece)
        const unit = await link.ask(instruments['pull-tester'].unitQuestion)
        const curve = !unit.ok
          ? unit
          : unit.value.trim().toUpperCase() === 'N'
            ? await pull(link, instruments['pull-tester'], hear)
            : fail<DeviceFault>({ kind: 'wrong-unit', got: unit.value.trim().slice(0, 20), expected: 'N' })
        signal.removeEventListener('abort', stop)
        if (!curve.ok) {
          this.drop('pull-tester')
          return wasStopped(signal) ? fail({ kind: 'stopped' }) : curve
        }
        this.remember('pull-tester', curve.value.peakN, identity, now())
        return ok({ ...curve.value, identity })
      },
    )
  }

  private remember(id: InstrumentId, value: number, identity: string, at: Date): InstrumentReading {
    const reading = { value, unit: instruments[id].unit, identity, at: at.toISOString() }
    this.last.set(id, reading)
    return reading
  }

  private async linkTo(
    id: InstrumentId,
    address: InstrumentAddress | undefined,
    timeoutMs?: number,
  ): Promise<Result<Linked, DeviceFault>> {
    const known = this.links.get(id)
    if (known?.address.host === address?.host && known?.address.port === address?.port && known?.link.isOpen())
      return ok(known)
    this.drop(id)
    if (!address) return fail(NO_ADDRESS)
    const link = await openLink({ ...address, ...(timeoutMs !== undefined && { timeoutMs }) })
    if (!link.ok) return link
    const identity = await identify(link.value, instruments[id])
    if (!identity.ok) {
      link.value.close()
      return identity
    }
    const linked = { link: link.value, identity: identity.value, address }
    this.links.set(id, linked)
    return ok(linked)
  }

  private drop(id: InstrumentId): void {
    this.links.get(id)?.link.close()
    this.links.delete(id)
  }
}

/** Asked anew: while a pull was waited for, somebody may have stopped it. */
const wasStopped = (signal: AbortSignal): boolean => signal.aborted

const isStandIn = (identity: string) => identity.split(',')[2]?.trim() === 'stand-in'

function layIn({ link, identity }: Linked, piece: PieceToLay | undefined): void {
  if (piece && isStandIn(identity)) link.tell(`SIM:PIEC ${JSON.stringify(piece)}`)
}
