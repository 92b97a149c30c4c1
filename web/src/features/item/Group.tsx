/** Fields that belong together, their name beside them. */
export function Group({
  title,
  note,
  aside,
  children,
}: {
  title: string;
  note?: string;
  aside?: React.ReactNode;
  children: React.ReactNode;
}) {
  return (
    <section className="grid md:grid-cols-[11rem_minmax(0,1fr)] gap-x-6 gap-y-3">
      <div>
        <h2>{title}</h2>
        {note && <p className="text-[0.87rem] text-quiet mt-1">{note}</p>}
        {aside}
      </div>
      <div className="grid grid-cols-2 xl:grid-cols-3 gap-x-5 gap-y-4 items-start">{children}</div>
    </section>
  );
}
