/** To a tenth, as a stop is set and a strip is said. Halves go away from nought, as a hand rounds: 0.85 is 0.9, though its binary form lies a little below. */
export const tenth = (mm: number): number => Math.round(mm * 10 + Math.sign(mm) * 1e-6) / 10

/** To a hundredth, as callipers show it. */
export const hundredth = (mm: number): number => Math.round(mm * 100 + Math.sign(mm) * 1e-6) / 100
