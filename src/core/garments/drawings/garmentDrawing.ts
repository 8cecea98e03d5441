/** A zone or edge of the drawing, by its part: `zone-bust`, `edge-hem`. */
export interface Shape {
  readonly part: string;
  readonly d: string;
}

/** One side of a garment in drawing units: outline, seams, stitching seen, and the parts that can be chosen. */
export interface DrawnSide {
  readonly outline: string;
  readonly seams?: readonly string[];
  readonly stitching?: readonly string[];
  readonly shapes: readonly Shape[];
}

export interface GarmentDrawing {
  /** Half the width and the heights from and to which it reaches. */
  readonly half: number;
  readonly top: number;
  readonly foot: number;
  readonly front: DrawnSide;
  readonly back: DrawnSide;
}

export const zone = (id: string, d: string): Shape => ({ part: `zone-${id}`, d });
export const edge = (id: string, d: string): Shape => ({ part: `edge-${id}`, d });
