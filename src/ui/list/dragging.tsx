'use client'
import {
  DndContext,
  type DragEndEvent,
  PointerSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
} from '@dnd-kit/core'
import { memo, type PointerEventHandler, type ReactNode } from 'react'
import { isSameLine, QueueLine, type QueueLineProps } from './QueueLine'

/** A press that moves less than this, px, is a click. The same object for ever: with another one all rows are drawn again. */
const moves = { activationConstraint: { distance: 5 } }

/** Rows in here may be dragged to the place of another with the same word. */
export function DragScope({
  onMove,
  children,
}: {
  readonly onMove: (key: string, to: string) => void
  readonly children: ReactNode
}) {
  const sensors = useSensors(useSensor(PointerSensor, moves))
  const end = ({ active, over }: DragEndEvent) => {
    if (over && over.id !== active.id && over.data.current?.drags === active.data.current?.drags)
      onMove(String(active.id), String(over.id))
  }
  return (
    // what it says to a screen reader stands outside: a list box holds options alone
    <DndContext sensors={sensors} onDragEnd={end} accessibility={{ container: document.body }}>
      {children}
    </DndContext>
  )
}

/** A row of a scope: one that has others to change places with can be taken there. */
export const DragLine = memo(function DragLine(props: QueueLineProps) {
  const { rowKey, drags } = props
  const options = { id: rowKey, data: { drags }, disabled: drags === undefined }
  const dragged = useDraggable(options)
  const place = useDroppable(options)
  return (
    <QueueLine
      {...props}
      drag={{
        ref: (element) => {
          dragged.setNodeRef(element)
          place.setNodeRef(element)
        },
        shiftPx: dragged.transform?.y ?? 0,
        over: place.isOver && place.active?.id !== rowKey && place.active?.data.current?.drags === drags,
        // the library types its listeners as any function
        onPointerDown: dragged.listeners?.onPointerDown as PointerEventHandler<HTMLDivElement> | undefined,
      }}
    />
  )
}, isSameLine)
