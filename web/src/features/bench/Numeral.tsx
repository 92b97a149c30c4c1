export function Numeral({
  seconds,
  hot,
  label,
  testId,
}: {
  seconds: number;
  hot: boolean;
  label: string;
  testId: string;
}) {
  return (
    <p
      className="numeral text-[9rem] md:text-[17rem] leading-[0.9] font-bold mt-3"
      role="timer"
      aria-label={label}
      data-testid={testId}
    >
      <span className={hot ? 'text-(--ember)' : 'text-(--teal)'}>{Math.ceil(seconds)}</span>
      <span className="text-[4.5rem] text-quiet"> s</span>
    </p>
  );
}
