/** An ID-1 card, such as a bank card, mm (S: ISO/IEC 7810, from memory). */
export const CARD = { widthMm: 85.6, heightMm: 53.98 } as const;

/** What a calibration was made on: another zoom or display shows the same pixels at another size. */
export interface Display {
  /** Device pixels for each CSS pixel: changes with zoom and display. */
  readonly pixelRatio: number;
  readonly screenWidthPx: number;
  readonly screenHeightPx: number;
}

export interface Calibration {
  readonly pxPerMm: number;
  readonly on: Display;
}

/** Pixels for each mm that a real screen can have: half to four times the nominal 96 per inch. */
const PLAUSIBLE_PX_PER_MM = [1.5, 16] as const;

/** The calibration of a screen on which a card is this wide; `undefined` where that cannot be. */
export function calibrate(cardWidthPx: number, on: Display): Calibration | undefined {
  const pxPerMm = cardWidthPx / CARD.widthMm;
  const [least, most] = PLAUSIBLE_PX_PER_MM;
  return pxPerMm >= least && pxPerMm <= most ? { pxPerMm, on } : undefined;
}

/** Why a calibration no longer holds, or `undefined` while it does. */
export function calibrationFault({ on }: Calibration, now: Display): string | undefined {
  if (on.screenWidthPx !== now.screenWidthPx || on.screenHeightPx !== now.screenHeightPx) {
    return 'This is another display than the one the card was held to: hold the card to it again.';
  }
  return Math.abs(on.pixelRatio - now.pixelRatio) > 1e-6
    ? 'The zoom has changed since the card was held to the screen: hold it there again.'
    : undefined;
}

/** A distance on the screen, mm. */
export const screenMm = ({ pxPerMm }: Calibration, px: number): number => px / pxPerMm;
