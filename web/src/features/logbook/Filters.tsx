import { useEffect, useState } from 'react';
import { ChoiceField } from '../../ui/Fields';
import * as labels from './labels';
import { outcomeWord, WORDS } from './outcomes';
import { type Search, useChoices } from './queries';

const WAIT_MS = 250;

/** What is looked for. Every choice narrows the list at once and stands in the address, so that it can be kept. */
export function Filters({ search, onSearch }: { search: Search; onSearch: (search: Search) => void }) {
  const choices = useChoices();
  const [text, setText] = useState(search.text ?? '');
  const [more, setMore] = useState(!!(search.lot || search.person || search.from || search.until));
  useEffect(() => {
    if (search.lot || search.person || search.from || search.until) setMore(true);
  }, [search]);
  const set = (name: keyof Search, value: string) => {
    const next = { ...search };
    if (value) next[name] = value;
    else delete next[name];
    onSearch(next);
  };
  // biome-ignore lint/correctness/useExhaustiveDependencies: only typing starts the wait
  useEffect(() => {
    if (text === (search.text ?? '')) return;
    const wait = setTimeout(() => set('text', text.trim()), WAIT_MS);
    return () => clearTimeout(wait);
  }, [text]);
  // Another address, by the browser's own buttons, shows its own word.
  useEffect(() => setText(search.text ?? ''), [search.text]);
  const any = { id: '', name: 'any' };
  const named = (list: readonly { id: string; name: string }[] | undefined) => [any, ...(list ?? [])];
  const plain = (list: readonly string[] | undefined) => [any, ...(list ?? []).map((id) => ({ id, name: id }))];
  const outcomes = [
    any,
    ...Object.keys(WORDS).map((id) => ({ id, name: outcomeWord(id) })),
    { id: 'lost', name: labels.lost },
  ];
  const data = choices.data;
  return (
    <form
      aria-label={labels.lookFor}
      className="grid gap-x-4 gap-y-3 grid-cols-2 md:grid-cols-3 lg:grid-cols-[2fr_repeat(4,minmax(0,1fr))_auto] items-end mb-5 print:hidden"
      onSubmit={(e) => {
        e.preventDefault();
        set('text', text.trim());
      }}
    >
      <div className="field">
        <label className="name" htmlFor="log-text">
          {labels.wordsAnywhere}
        </label>
        <input
          id="log-text"
          type="search"
          className="input"
          maxLength={120}
          value={text}
          onChange={(e) => setText(e.target.value)}
        />
      </div>
      <ChoiceField
        name={labels.vinyl}
        value={search.vinyl ?? ''}
        options={named(data?.vinyls)}
        onPick={(v) => set('vinyl', v)}
      />
      <ChoiceField
        name={labels.blank}
        value={search.material ?? ''}
        options={named(data?.materials)}
        onPick={(v) => set('material', v)}
      />
      <ChoiceField
        name={labels.press}
        value={search.heatSource ?? ''}
        options={named(data?.heatSources)}
        onPick={(v) => set('heatSource', v)}
      />
      <ChoiceField
        name={labels.whatCameOut}
        value={search.outcome ?? ''}
        options={outcomes}
        onPick={(v) => set('outcome', v)}
      />
      <span className="flex gap-5 items-center h-10 whitespace-nowrap">
        {!more && (
          <button type="button" className="link-quiet" onClick={() => setMore(true)}>
            {labels.byLotNameDate}
          </button>
        )}
        {Object.keys(search).length > 0 && (
          <button type="button" className="link-quiet" onClick={() => onSearch({})}>
            {labels.showAll}
          </button>
        )}
      </span>
      {more && (
        <div className="col-span-full grid gap-x-4 gap-y-3 grid-cols-2 md:grid-cols-4 lg:max-w-[52rem] lg:order-1">
          <ChoiceField
            name={labels.lot}
            value={search.lot ?? ''}
            options={plain(data?.lots)}
            onPick={(v) => set('lot', v)}
          />
          <ChoiceField
            name={labels.whose}
            value={search.person ?? ''}
            options={plain(data?.people)}
            onPick={(v) => set('person', v)}
          />
          <Day name={labels.fromWord} value={search.from ?? ''} onPick={(v) => set('from', v)} />
          <Day name={labels.until} value={search.until ?? ''} onPick={(v) => set('until', v)} />
        </div>
      )}
    </form>
  );
}

function Day({ name, value, onPick }: { name: string; value: string; onPick: (day: string) => void }) {
  const id = `log-${name.toLowerCase()}`;
  return (
    <div className="field">
      <label className="name" htmlFor={id}>
        {name}
      </label>
      <input id={id} type="date" className="input" value={value} onChange={(e) => onPick(e.target.value)} />
    </div>
  );
}
