import { inTurn } from '@/core/base/inTurn'
import type { DeviceFault } from '@/core/base/instrument/deviceFault'
import { instruments, type InstrumentId } from '@/core/base/instrument/instruments'
import { fail, ok, type Result } from '@/core/base/result'
import { openLink, type LineLink } from './lineLink'
import { identify, measure, pull, type Pull, type PullPoint } from './measure'
import {
  type FoundJoint,
  type HarnessToLay,
  type ScanAsked,
  type Scanned,
  type ScanNews,
  type WatchAsked,
  type WatchHearer,
  layHarness,
  scanPairs,
  watchChannels,
} from './analyse'
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
/** A run goes on after so many broken links, and no more. */
const RESUMES = 5
const MOVE_TOLD_MS = 50
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
      const there = linked.ok ? await identify(linked.value.link, instruments[id], LOOK_MS) : linked
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

  /**
   * Goes through all pairs of points, and says what is joined as it is found. A link that breaks is opened again, and the run goes
   * on where it was.
   */
  scan(
    address: InstrumentAddress | undefined,
    asked: ScanAsked,
    hear: (news: ScanNews) => void,
    signal: AbortSignal,
  ): Promise<Result<Scanned, DeviceFault>> {
    return this.atAnalyser(address, asked.harness, signal, async (linked) => {
      let link = linked.link
      const joined: FoundJoint[] = []
      let done = 0
      for (let tries = 0; ; tries++) {
        const from = done
        const ran = await scanPairs(link, { ...asked, from }, (news) => {
          if (news.kind === 'joined') joined.push(news.joint)
          else done = news.done
          hear(news)
        })
        if (ran.ok) return ok({ joined, pairs: ran.value, identity: linked.identity })
        if (wasStopped(signal) || tries >= RESUMES || !isLinkLost(ran.fault)) return ran
        // what came after the last place that was said is told again
        joined.splice(joined.findLastIndex(({ place }) => place < done) + 1)
        const again = await this.linkTo('analyser', address)
        if (!again.ok) return again
        link = again.value.link
        signal.addEventListener('abort', link.close)
        hear({ kind: 'resumed', done })
      }
    })
  }

  /**
   * Reads wires again and again while they are moved, until it is stopped.
   * @param moving is asked what is moved now, for a stand-in, which cannot see it
   */
  watch(
    address: InstrumentAddress | undefined,
    asked: WatchAsked,
    hear: WatchHearer,
    signal: AbortSignal,
  ): Promise<Result<undefined, DeviceFault>> {
    return this.atAnalyser(address, asked.harness, signal, async ({ link, identity }) => {
      // the link is taken by the readings: what is moved goes by another
      const side = isStandIn(identity) && address ? await openLink(address) : undefined
      let told = ''
      const timer = setInterval(() => {
        const now = asked.moving()
        if (now !== told && side?.ok) side.value.tell(`SIM:MOVE ${now}`)
        told = now
      }, MOVE_TOLD_MS)
      const watched = await watchChannels(link, asked.channels, identity, hear)
      clearInterval(timer)
      if (side?.ok) side.value.close()
      return watched
    })
  }

  private atAnalyser<T>(
    address: InstrumentAddress | undefined,
    harness: HarnessToLay,
    signal: AbortSignal,
    act: (linked: Linked) => Promise<Result<T, DeviceFault>>,
  ): Promise<Result<T, DeviceFault>> {
    return inTurn<InstrumentId, Result<T, DeviceFault>>(this.turns, 'analyser', async () => {
      if (signal.aborted) return fail({ kind: 'stopped' })
      const linked = await this.linkTo('analyser', address)
      if (!linked.ok) return linked
      const stop = () => this.drop('analyser')
      signal.addEventListener('abort', stop)
      if (isStandIn(linked.value.identity)) layHarness(linked.value.link, harness)
      const unit = await linked.value.link.ask(instruments.analyser.unitQuestion)
      const result = !unit.ok
        ? unit
        : unit.value.trim().toUpperCase() === 'OHM'
          ? await act(linked.value)
          : fail<DeviceFault>({ kind: 'wrong-unit', got: unit.value.trim().slice(0, 20), expected: 'ohm' })
      signal.removeEventListener('abort', stop)
      if (!result.ok) this.drop('analyser')
      return !result.ok && wasStopped(signal) ? fail({ kind: 'stopped' }) : result
    })
  }

  private remember(id: InstrumentId, value: number, identity: string, at: Date): InstrumentReading {
    const reading = { value, unit: instruments[id].unit, identity, at: at.toISOString() }
    this.last.set(id, reading)
    return reading
  }

  private async linkTo(
    id: InstrumentId,
    address: InstrumentAddress | undefined,
    withinMs?: number,
  ): Promise<Result<Linked, DeviceFault>> {
    const known = this.links.get(id)
    if (known?.address.host === address?.host && known?.address.port === address?.port && known?.link.isOpen())
      return ok(known)
    this.drop(id)
    if (!address) return fail(NO_ADDRESS)
    // only who is there is asked in haste: what it is asked for later may take as long as any
    const link = await openLink({ ...address, ...(withinMs !== undefined && { connectMs: withinMs }) })
    if (!link.ok) return link
    const identity = await identify(link.value, instruments[id], withinMs)
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

const isLinkLost = ({ kind }: DeviceFault): boolean => kind === 'broken-off' || kind === 'timeout'

/** Asked anew: while a pull was waited for, somebody may have stopped it. */
const wasStopped = (signal: AbortSignal): boolean => signal.aborted

const isStandIn = (identity: string) => identity.split(',')[2]?.trim() === 'stand-in'

function layIn({ link, identity }: Linked, piece: PieceToLay | undefined): void {
  if (piece && isStandIn(identity)) link.tell(`SIM:PIEC ${JSON.stringify(piece)}`)
}
