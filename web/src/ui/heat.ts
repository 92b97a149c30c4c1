/** The colours of heat: deep teal for cold, ember for hot. Used in every picture of heat and nowhere else. */
const STOPS: readonly [number, [number, number, number]][] = [
  [20, [143, 190, 190]],
  [45, [190, 214, 206]],
  [75, [236, 226, 196]],
  [100, [241, 201, 154]],
  [125, [237, 160, 110]],
  [150, [222, 100, 44]],
  [185, [176, 56, 14]],
];

export function heatColour(celsius: number): string {
  const first = STOPS[0] as (typeof STOPS)[number];
  const last = STOPS[STOPS.length - 1] as (typeof STOPS)[number];
  if (celsius <= first[0]) return rgb(first[1]);
  for (let i = 1; i < STOPS.length; i++) {
    const [low, from] = STOPS[i - 1] as (typeof STOPS)[number];
    const [high, to] = STOPS[i] as (typeof STOPS)[number];
    if (celsius <= high) {
      const share = (celsius - low) / (high - low);
      return rgb([0, 1, 2].map((k) => (from[k] as number) + share * ((to[k] as number) - (from[k] as number))));
    }
  }
  return rgb(last[1]);
}

function rgb(parts: readonly number[]): string {
  return `rgb(${parts.map((p) => Math.round(p)).join(' ')})`;
}
