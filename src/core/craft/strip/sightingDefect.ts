import type { DefectCode } from '../crimp/looks'
import type { Sighting } from './trialAnswer'

/** What a sighting before the stroke looks like on the drawing; a fit shows nothing. */
export const sightingDefect: Readonly<Partial<Record<Sighting, DefectCode>>> = {
  'hole-empty': 'hole-empty',
  springy: 'insulation-in-barrel',
  'insulation-inside': 'insulation-in-barrel',
  'gap-large': 'gap-too-large',
  'brush-long': 'brush-reaches-mating-part',
  'brush-missing': 'brush-too-short',
  'insulation-past-wings': 'insulation-under-wings',
  'tip-short': 'tip-not-reached',
  'tip-long': 'strands-past-tip',
  'strands-damaged': 'strands-cut',
}
