import type { Schemas } from '../api/client';

// Chances of coming out well: from here on the field begins to show, and from here on it is as deep as it gets.
const SHOWS_FROM = 0.4;
const SURE_FROM = 0.97;
const DEEP = 0.62;

/** How deep the field is drawn at a place: the deeper the more of a hundred come out well. */
export function fieldDepth(well: number): number {
  return smooth((well - SHOWS_FROM) / (SURE_FROM - SHOWS_FROM)) * DEEP;
}

function smooth(t: number): number {
  const u = Math.min(1, Math.max(0, t));
  return u * u * (3 - 2 * u);
}

/** The field as a small picture, one pixel a place; it is drawn larger and softened by the browser. */
export function fieldPicture(field: Schemas['WindowField']): string | null {
  const width = field.seconds.length;
  const height = field.celsius.length;
  const canvas = document.createElement('canvas');
  canvas.width = width;
  canvas.height = height;
  const context = canvas.getContext('2d');
  if (!context) return null;
  const pixels = context.createImageData(width, height);
  const [red, green, blue] = emberOf(document.documentElement);
  for (let row = 0; row < height; row++) {
    for (let column = 0; column < width; column++) {
      // Hot is at the top of the picture.
      const at = ((height - 1 - row) * width + column) * 4;
      const depth = fieldDepth(field.well[row]?.[column] ?? 0);
      pixels.data.set([red, green, blue, Math.round(depth * 255)], at);
    }
  }
  context.putImageData(pixels, 0, 0);
  return canvas.toDataURL();
}

function emberOf(root: HTMLElement): [number, number, number] {
  const hex = getComputedStyle(root).getPropertyValue('--ember').trim();
  const value = Number.parseInt(hex.slice(1), 16);
  return Number.isFinite(value) ? [(value >> 16) & 255, (value >> 8) & 255, value & 255] : [214, 83, 29];
}
