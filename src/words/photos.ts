/** Why a file is not kept as a photo. */
export type PhotoFault =
  | { readonly kind: 'no-picture' }
  /** it begins as a picture, and the rest of it is missing */
  | { readonly kind: 'cut-short' }
  | { readonly kind: 'other-type'; readonly type: string }
  | { readonly kind: 'too-many-pixels' }

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

export const photoTooLargeWords = (bytes: number): string =>
  `The file is larger than ${String(Math.round(bytes / 1e6))} MB. Nothing was kept: make it smaller, then give it again.`
