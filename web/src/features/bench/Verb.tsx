import { sentences } from './sentences';

/** What to do: the first of it large, what belongs to it in small lines below. */
export function Verb({ text }: { text: string }) {
  const [first, ...rest] = sentences(text);
  return (
    <>
      {first}
      {rest.map((line) => (
        <span key={line} className="block text-[1.3rem] md:text-[1.5rem] leading-[1.3] font-medium mt-2">
          {line}
        </span>
      ))}
    </>
  );
}
