'use client'
import { Overlay } from '../frame/Overlay'
import type { KeyBinding } from './keyModel'

const keyNames: Readonly<Record<string, string>> = {
  ' ': 'Space',
  arrowdown: '↓',
  ArrowDown: '↓',
  ArrowUp: '↑',
  ArrowLeft: '←',
  ArrowRight: '→',
  'ctrl+k': 'Ctrl K',
}

const shown = (key: string) =>
  key
    .split(/ (?=.)/)
    .map((part) => keyNames[part] ?? (part.length === 1 ? part.toUpperCase() : part))
    .join(' then ') || 'Space'

/** The keys of this screen, as they are bound now. */
export function KeySheet({
  bindings,
  single,
  setSingle,
  close,
}: {
  readonly bindings: readonly KeyBinding[]
  readonly single: boolean
  readonly setSingle: (on: boolean) => void
  readonly close: () => void
}) {
  return (
    <Overlay label="Keys of this screen" close={close}>
      <h2 className="card-title">Keys of this screen</h2>
      <dl className="key-list">
        {bindings
          .filter((binding) => binding.words !== '')
          .map((binding) => (
            <div key={binding.key} style={{ display: 'contents' }}>
              <dt>
                <kbd>{binding.key === ' ' ? 'Space' : shown(binding.key)}</kbd>
              </dt>
              <dd>{binding.words}</dd>
            </div>
          ))}
        <dt>
          <kbd>?</kbd>
        </dt>
        <dd>This sheet</dd>
        <dt>
          <kbd>Esc</kbd>
        </dt>
        <dd>Leave a field, close a pane</dd>
      </dl>
      <p className="small dim" style={{ margin: '12px 0 6px' }}>
        A scanner or calliper types faster than a hand: what it sends goes to the field in focus, or finds a wire. It
        never ticks anything.
      </p>
      <label style={{ display: 'flex', gap: 8, alignItems: 'center', minHeight: 40 }}>
        <input type="checkbox" checked={single} onChange={(event) => setSingle(event.target.checked)} />
        Single-letter keys are on
      </label>
    </Overlay>
  )
}
