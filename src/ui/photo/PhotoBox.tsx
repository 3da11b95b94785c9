import { photoBoxWords as words } from '@/words/screens/photo/photoBox'
import { useClock } from '@/ui/frame/Clock'
import { Button, Kbd } from '@mantine/core'
import type { Photo } from '@/core/record/state/records'
import textCss from '@/ui/text/text.module.css'
import { photoQuestionWords } from '@/words/photoMeasure'
import { measurePhotoWords as measureWords } from '@/words/screens/photo/measurePhoto'
import { type ClipboardEvent, useRef, useState } from 'react'
import { useJob } from '../job/JobProvider'
import { useKeys } from '../keys/KeyProvider'
import { FileDrop } from '@/ui/file/FileDrop'
import paneCss from '@/ui/pane/pane.module.css'

/** Photos of a piece: by file, drop, paste, or a camera that the machine has. Kept small, without where they were taken. */
export function PhotoBox({
  about,
  piece,
  measure,
}: {
  readonly about: { readonly term: string } | { readonly setup: string }
  readonly piece: string
  /** opens a photo to be measured in */
  readonly measure?: (photo: Photo) => void
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
        tell({ tone: 'fault', text: answer.error?.message ?? words.photoWasNotKept })
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
        text: words.photoWasNotKeptBench,
        retry: () => void take(file),
      })
    } finally {
      setBusy(false)
    }
  }
  const paste = (event: ClipboardEvent) => void take(event.clipboardData.files[0])
  useKeys([{ key: 'a', words: words.addPhoto, run: () => openFile.current?.() }])
  return (
    <div onPaste={paste}>
      {photos.length > 0 && (
        <div className={paneCss.photoRow} aria-label={words.photosOf(piece)} role="group">
          {photos.map((photo) => (
            <a
              key={photo.photo}
              href={`/api/photos/${photo.photo}`}
              target="_blank"
              rel="noreferrer"
              title={clock.dayTime(photo.at)}
            >
              {/* oxlint-disable-next-line nextjs/no-img-element -- the picture is the record itself: nothing may be made of it on the way */}
              <img src={`/api/photos/${photo.photo}`} alt={`${piece}, ${clock.dayTime(photo.at)}`} />
            </a>
          ))}
        </div>
      )}
      {measure && photos.length > 0 && (
        <div className={paneCss.choices}>
          {photos.map((photo) => (
            <Button
              key={photo.photo}
              onClick={() => measure(photo)}
              aria-label={measureWords.measureIn(clock.dayTime(photo.at))}
            >
              {measureWords.measure}
              {photos.length > 1 && `, ${clock.timeOfDay(photo.at)}`}
            </Button>
          ))}
        </div>
      )}
      {photos.flatMap((photo) =>
        (photo.measured ?? []).map((one) => (
          <p key={`${photo.photo} ${one.at} ${one.what}`} className={textCss.small}>
            {measureWords.found(photoQuestionWords[one.what].name, one.mm, one.goodToMm)}
          </p>
        )),
      )}
      <FileDrop
        label={words.photoOf(piece)}
        offers="image/jpeg,image/png,image/webp"
        capture="environment"
        openRef={openFile}
        disabled={busy}
        onFile={(file) => void take(file)}
      >
        <span>{photos.length > 0 ? words.anotherPhoto : words.addPhotoAsk}</span> <Kbd aria-hidden="true">A</Kbd>
      </FileDrop>
    </div>
  )
}
