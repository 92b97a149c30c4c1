/** A temperature in large figures: its unit small and high, so that the ring is no letter. */
export function Degrees({ text }: { text: string }) {
  const at = text.search(/\s*°/);
  if (at < 0) return text;
  return (
    <>
      {text.slice(0, at)}
      <span className="text-[0.45em] align-[0.75em] tracking-normal">{text.slice(at)}</span>
    </>
  );
}
