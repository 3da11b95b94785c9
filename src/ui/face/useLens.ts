import { useRef, useState, type HTMLAttributes } from 'react'
import type { Housing } from '@/core/parts/catalogue/types'
import { seen, type FaceView } from '@/core/base/face/place'
import { lensOn, wholeFace, type Lens } from './faceGeometry'

/** A pointer that has moved less than this has clicked. */
const CLICK_PX = 4

interface Spot {
  /** what was on show when it was moved there: another cavity, side or turn begins at its own place again */
  readonly of: string
  readonly x: number
  readonly y: number
}

/**
 * A lens over a face: round the cavity that is next, or the middle where none is, until it is pushed elsewhere.
 * @returns the part to draw, nothing while the whole face is shown; what pushes it: by parts of itself, or under a pointer
 */
export function useLens(
  housing: Housing,
  view: FaceView,
  next: string | undefined,
): {
  readonly lens: Lens | undefined
  readonly toggle: () => void
  readonly push: (right: number, down: number) => void
  readonly drag: HTMLAttributes<HTMLElement>
} {
  const [on, setOn] = useState(false)
  const [spot, setSpot] = useState<Spot>()
  const held = useRef<{ readonly x: number; readonly y: number; readonly lens: Lens } | undefined>(undefined)
  const dragged = useRef(false)
  const of = `${housing.id} ${next ?? ''} ${view.side} ${view.turnDeg}`
  const cavity = housing.cavities.find((one) => one.id === next)
  const at = cavity && seen(cavity, view)
  const middle = spot?.of === of ? spot : { x: at?.xMm ?? 0, y: -(at?.yMm ?? 0) }
  const lens = on ? lensOn(wholeFace(housing, view), middle, housing) : undefined
  const moveFrom = (from: Lens, rightMm: number, downMm: number) =>
    setSpot({ of, x: from.left + from.width / 2 + rightMm, y: from.top + from.height / 2 + downMm })
  const letGo = () => {
    held.current = undefined
  }
  return {
    lens,
    toggle: () => {
      setOn(!on)
      setSpot(undefined)
    },
    push: (right, down) => lens && moveFrom(lens, right * lens.width, down * lens.height),
    drag:
      lens === undefined
        ? {}
        : {
            onPointerDown: (event) => {
              held.current = { x: event.clientX, y: event.clientY, lens }
              dragged.current = false
            },
            onPointerMove: (event) => {
              const from = held.current
              if (!from || event.buttons === 0) return
              const [x, y] = [event.clientX - from.x, event.clientY - from.y]
              if (!dragged.current && Math.hypot(x, y) < CLICK_PX) return
              dragged.current = true
              const box = event.currentTarget.getBoundingClientRect()
              const mmPerPx = Math.max(from.lens.width / box.width, from.lens.height / box.height)
              moveFrom(from.lens, -x * mmPerPx, -y * mmPerPx)
            },
            // a hold ends with the button or at the edge: what comes in from outside moves nothing
            onPointerUp: letGo,
            onPointerLeave: letGo,
            // the end of a drag is no click on what lies under it
            onClickCapture: (event) => {
              if (dragged.current) event.stopPropagation()
              dragged.current = false
            },
          },
  }
}
