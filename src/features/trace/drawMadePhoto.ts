import type { MadePhoto } from '@/core/pieces/madePhoto';
import type { Point } from '@/core/geometry/point';

/** Draws a made photo: a floor of boards, a brown paper piece, a white sheet, a shadow and the camera’s noise. */
export function drawMadePhoto({ camera, sheet, piece, seed }: MadePhoto): Promise<Blob> {
  const { widthPx, heightPx } = camera;
  const canvas = new OffscreenCanvas(widthPx, heightPx);
  const pen = canvas.getContext('2d');
  if (!pen) throw new Error('expected a canvas that can be drawn on, got none');
  pen.fillStyle = '#5d6470';
  pen.fillRect(0, 0, widthPx, heightPx);
  pen.strokeStyle = '#525963';
  pen.lineWidth = 3;
  for (let x = -40; x < widthPx + 80; x += BOARD_PX) {
    pen.beginPath();
    pen.moveTo(x, 0);
    pen.lineTo(x - 60, heightPx);
    pen.stroke();
  }
  fill(pen, piece, '#d9c39a');
  fill(pen, sheet, '#f6f6f2');
  const shade = pen.createLinearGradient(0, 0, widthPx, heightPx);
  shade.addColorStop(0, 'rgb(0 0 0 / 0)');
  shade.addColorStop(1, 'rgb(0 0 0 / 0.3)');
  pen.fillStyle = shade;
  pen.fillRect(0, 0, widthPx, heightPx);
  addNoise(pen, widthPx, heightPx, seed);
  return canvas.convertToBlob({ type: 'image/jpeg', quality: 0.9 });
}

const BOARD_PX = 230;
const NOISE = 14;

function fill(pen: OffscreenCanvasRenderingContext2D, points: readonly Point[], colour: string): void {
  pen.beginPath();
  points.forEach(({ x, y }, nth) => (nth === 0 ? pen.moveTo(x, y) : pen.lineTo(x, y)));
  pen.closePath();
  pen.shadowColor = 'rgb(0 0 0 / 0.45)';
  pen.shadowBlur = 10;
  pen.shadowOffsetX = 4;
  pen.shadowOffsetY = 5;
  pen.fillStyle = colour;
  pen.fill();
  pen.shadowColor = 'transparent';
}

/** The same noise for the same seed: a linear congruential generator (Park and Miller, 1988). */
function addNoise(pen: OffscreenCanvasRenderingContext2D, width: number, height: number, seed: number): void {
  const picture = pen.getImageData(0, 0, width, height);
  let state = seed;
  for (let at = 0; at < picture.data.length; at += 4) {
    state = (state * 48271) % 2147483647;
    const off = (state % NOISE) - NOISE / 2;
    for (const channel of [0, 1, 2]) {
      const index = at + channel;
      picture.data[index] = (picture.data[index] ?? 0) + off;
    }
  }
  pen.putImageData(picture, 0, 0);
}
