/** Why a file is not kept as a photo. */
export type PhotoFault =
  | { readonly kind: 'no-picture' }
  /** it begins as a picture, and the rest of it is missing */
  | { readonly kind: 'cut-short' }
  | { readonly kind: 'other-type'; readonly type: string }
  | { readonly kind: 'too-many-pixels' }

/** Why a picture of a record that is read in is not kept. */
export type SentPhotoFault =
  | PhotoFault
  /** its bytes are not those that the journal names */
  | { readonly kind: 'changed' }
  /** no entry of the record names it */
  | { readonly kind: 'not-named' }
  /** it is larger than what a bench keeps */
  | { readonly kind: 'not-as-kept'; readonly sidePx: number }

/** Why a file is not kept as a photo, and what would be. */
export function photoFaultWords(fault: PhotoFault): string {
  switch (fault.kind) {
    case 'no-picture':
      return 'That file is no picture, whatever its name says. Give a JPEG, a PNG or a WebP.'
    case 'cut-short':
      return 'The picture is cut short: its end is missing, or damaged. Copy it from the camera again, then give it.'
    case 'other-type':
      return `A ${fault.type.toUpperCase()} is not kept here. Give a JPEG, a PNG or a WebP.`
    case 'too-many-pixels':
      return 'The picture has more pixels than any bench needs. Make it smaller, then give it again.'
  }
}

/** Why a picture that came with a record is not kept, and what would be right. */
export function sentPhotoFaultWords(fault: SentPhotoFault): string {
  switch (fault.kind) {
    case 'changed':
      return 'is not the picture that the record names: it was changed, or cut short. Take the file from its bench again'
    case 'not-named':
      return 'is named by no entry of the record: take it out of the file'
    case 'not-as-kept':
      return `is no WebP of at most ${String(fault.sidePx)} pixels, as a bench keeps them`
    default:
      return photoFaultWords(fault)
  }
}

/** Where a job's pictures are more than one file takes. */
export const photosTooManyWords = (bytes: number, mostBytes: number): string =>
  `The photos of this job are ${String(Math.round(bytes / 1e6))} MB together, and a file that a bench reads in holds ${String(Math.round(mostBytes / 1e6))} MB of them. Take the record without them.`

export const photoTooLargeWords = (bytes: number): string =>
  `The file is larger than ${String(Math.round(bytes / 1e6))} MB. Nothing was kept: make it smaller, then give it again.`
