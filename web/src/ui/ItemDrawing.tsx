interface Point {
  x: number;
  y: number;
}

/** Corners as a drawing takes them. */
export function corners(list: readonly Point[]): string {
  return list.map((p) => `${p.x},${p.y}`).join(' ');
}

/** What a layer is drawn in; where its colour is not said, in an ink that nobody takes for vinyl. */
export function layerInk(colour: string | null | undefined): string {
  return colour ?? 'var(--color-secondary)';
}

/** A layer's outline where it lies; its box where nothing finer is known. */
export function layerPath(layer: {
  path?: string | null;
  box: { xMm: number; yMm: number; widthMm: number; heightMm: number };
}): string {
  const { xMm, yMm, widthMm, heightMm } = layer.box;
  return layer.path ?? `M${xMm} ${yMm}h${widthMm}v${heightMm}h${-widthMm}Z`;
}

/** The item's outline, to measure. */
export function ItemOutline({ outline, ink }: { outline: readonly Point[]; ink: number }) {
  return (
    <polygon
      points={corners(outline)}
      fill="var(--color-base-200)"
      stroke="var(--color-base-content)"
      strokeWidth={ink}
      strokeLinejoin="round"
    />
  );
}

interface Feature {
  name: string;
  box: { xMm: number; yMm: number };
  outline: readonly Point[];
  keepsThePlateOff?: boolean;
}

/** What stands on the item: filled where it keeps the plate off. */
export function ItemFeatures({ features, ink }: { features: readonly Feature[]; ink: number }) {
  return features.map((f) => (
    <polygon
      key={`${f.name}${f.box.xMm}${f.box.yMm}`}
      points={corners(f.outline)}
      fill={f.keepsThePlateOff ? 'var(--color-base-content)' : 'none'}
      fillOpacity={0.16}
      stroke="var(--color-base-content)"
      strokeOpacity={0.6}
      strokeWidth={ink * 0.6}
    >
      <title>{f.name}</title>
    </polygon>
  ));
}
