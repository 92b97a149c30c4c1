/** A choice in the middle of a sentence. */
export function Words({
  label,
  value,
  onPick,
  options,
}: {
  label: string;
  value: string;
  onPick: (id: string) => void;
  options: readonly { id: string; name: string }[];
}) {
  return (
    <select aria-label={label} className="blank-choice" value={value} onChange={(e) => onPick(e.target.value)}>
      {options.map((o) => (
        <option key={o.id} value={o.id}>
          {o.name}
        </option>
      ))}
    </select>
  );
}
