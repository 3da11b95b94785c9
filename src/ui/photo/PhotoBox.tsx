import { useClock } from '@/ui/frame/Clock'
import { Kbd } from '@mantine/core'
import { type ClipboardEvent, useRef, useState } from 'react'
import { useJob } from '../job/JobProvider'
import { useKeys } from '../keys/KeyProvider'
import { FileDrop } from '@/ui/file/FileDrop'
import paneCss from '@/ui/pane/pane.module.css'

/** Photos of a piece: by file, drop, paste, or a camera that the machine has. Kept small, without where they were taken. */
export function PhotoBox({
  about,
  piece,
}: {
  readonly about: { readonly term: string } | { readonly setup: string }
  readonly piece: string
}) {
  const clock = useClock()
  const { state, append, tell } = useJob()
  const openFile = useRef<(() => void) | null>(null)
  const [busy, setBusy] = useState(false)
  const photos = state.photos.get('term' in about ? about.term : about.setup) ?? []
  const take = async (file: File | null | undefined) => {
    if (!file || busy) return
    setBusy(true)
    try {
      const response = await fetch('/api/photos', {
        method: 'POST',
        headers: { 'content-type': 'application/octet-stream' },
        body: file,
      })
      const answer = (await response.json()) as {
        photo?: string
        widthPx?: number
        heightPx?: number
        error?: { message: string }
      }
      if (answer.photo === undefined || answer.widthPx === undefined || answer.heightPx === undefined)
        tell({ tone: 'fault', text: answer.error?.message ?? 'The photo was not kept. Try again.' })
      else
        await append({
          kind: 'photo-taken',
          ...about,
          photo: answer.photo,
          widthPx: answer.widthPx,
          heightPx: answer.heightPx,
        })
    } catch {
      tell({
        tone: 'fault',
        text: 'The photo was not kept: the bench does not answer, or the file is too large. Try again.',
        retry: () => void take(file),
      })
    } finally {
      setBusy(false)
    }
  }
  const paste = (event: ClipboardEvent) => void take(event.clipboardData.files[0])
  useKeys([{ key: 'a', words: 'Add a photo', run: () => openFile.current?.() }])
  return (
    <div onPaste={paste}>
      {photos.length > 0 && (
        <div className={paneCss.photoRow} aria-label={`Photos of ${piece}`} role="group">
          {photos.map((photo) => (
            <a
              key={photo.photo}
              href={`/api/photos/${photo.photo}`}
              target="_blank"
              rel="noreferrer"
              title={clock.dayTime(photo.at)}
            >
              {/* eslint-disable-next-line @next/next/no-img-element -- the picture is the record itself: nothing may be made of it on the way */}
              <img src={`/api/photos/${photo.photo}`} alt={`${piece}, ${clock.dayTime(photo.at)}`} />
            </a>
          ))}
        </div>
      )}
      <FileDrop
        label={`Photo of ${piece}`}
        offers="image/jpeg,image/png,image/webp"
        capture="environment"
        openRef={openFile}
        disabled={busy}
        onFile={(file) => void take(file)}
      >
        <span>{photos.length > 0 ? 'Another photo…' : 'Add a photo…'}</span> <Kbd aria-hidden="true">A</Kbd>
      </FileDrop>
    </div>
  )
}
