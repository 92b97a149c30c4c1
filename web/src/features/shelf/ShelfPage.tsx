import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { api, type Catalogue, got, Refused, type Schemas } from '../../api/client';
import type { OwnEntry } from '../../api/job';
import { useCatalogue, useShelf } from '../../api/queries';
import { useUnits } from '../../app/units';
import { Failed, Loading, UndoBar } from '../../ui/States';
import { remember } from '../jobs/remembered';
import { BlankForm } from './BlankForm';
import * as labels from './labels';
import { PressForm } from './PressForm';
import { summary } from './summary';
import { VinylForm } from './VinylForm';

type Kind = Schemas['OwnKind'];
type Kept = Schemas['ShelfAnswer'];

const FORMS = { vinyl: VinylForm, blank: BlankForm, press: PressForm } as const;

const SECTIONS: {
  kind: Kind;
  title: string;
  note: string;
  add: string;
  start: (usual: Catalogue['usual']) => Omit<OwnEntry, 'id'>;
}[] = [
  {
    kind: 'vinyl',
    title: labels.vinyls,
    note: labels.copyTheWrapperOnceEvery,
    add: labels.addAVinyl,
    start: (usual) => ({ name: '', family: usual.vinyl }),
  },
  {
    kind: 'blank',
    title: labels.blanks,
    note: labels.whatTheLabelSaysIt,
    add: labels.addABlank,
    start: (usual) => ({ name: '', fibres: [{ material: usual.material, percent: 100 }] }),
  },
  {
    kind: 'press',
    title: labels.presses,
    note: labels.plateDialAndHowHard,
    add: labels.addAPress,
    start: (usual) => ({ name: '', kind: usual.heatSource }),
  },
];

interface Undo {
  says: string;
  back: () => Promise<unknown>;
}

/** Own vinyls, blanks and presses. */
export function ShelfPage() {
  const shelf = useShelf();
  const catalogue = useCatalogue();
  const queries = useQueryClient();
  const [asked] = useSearchParams();
  const [open, setOpen] = useState<string | null>(asked.has('add') ? `new-${asked.get('add')}` : null);
  const [undo, setUndo] = useState<Undo | null>(null);
  const [failed, setFailed] = useState<unknown>(null);
  if (shelf.isPending || catalogue.isPending) return <Loading what={labels.yourShelf} />;
  if (shelf.isError) return <Failed error={shelf.error} retry={() => shelf.refetch()} />;
  if (catalogue.isError) return <Failed error={catalogue.error} retry={() => catalogue.refetch()} />;

  const again = () =>
    Promise.all([
      queries.invalidateQueries({ queryKey: ['shelf'] }),
      queries.invalidateQueries({ queryKey: ['catalogue'] }),
    ]);
  const done = (says: string, back: () => Promise<unknown>) => {
    setOpen(null);
    setFailed(null);
    setUndo({ says, back });
    void again();
  };
  const path = (id: string) => ({ params: { path: { id } } });
  const remove = (kept: Kept) =>
    got(api.DELETE('/api/shelf/{id}', path(kept.id))).then(
      () => done(labels.isOffTheShelfJobs(kept.name), () => got(api.POST('/api/shelf/{id}/restore', path(kept.id)))),
      setFailed,
    );
  return (
    <main className="w-full max-w-[1240px] mx-auto px-4 sm:px-6 pt-8 pb-24">
      <h1 className="text-[1.65rem] font-bold">{labels.shelf}</h1>
      <p className="text-quiet max-w-[44rem] mt-1 mb-7">
        {labels.yourOwnVinylsBlanksAnd}
        <Link to="/stock" className="underline underline-offset-4">
          {labels.vinylOnHand}
        </Link>
        .
      </p>
      {failed !== null && <Failed error={failed} />}
      <div className="grid gap-10">
        {SECTIONS.map((section) => {
          const kept = shelf.data.filter((k) => k.kind === section.kind);
          return (
            <section
              key={section.kind}
              aria-label={section.title}
              className="grid md:grid-cols-[13rem_minmax(0,1fr)] gap-x-8 gap-y-3"
            >
              <div>
                <h2 className="text-[1.2rem]">{section.title}</h2>
                <p className="text-quiet text-[0.9rem]">{section.note}</p>
                <button
                  type="button"
                  className="btn btn-sm btn-outline mt-3"
                  onClick={() => setOpen(`new-${section.kind}`)}
                >
                  {section.add}
                </button>
              </div>
              <ul className="scored border-y border-rule self-start">
                {open === `new-${section.kind}` && (
                  <li className="py-4">
                    <Editor
                      kind={section.kind}
                      start={{ id: '', ...section.start(catalogue.data.usual) } as OwnEntry}
                      version={null}
                      catalogue={catalogue.data}
                      onClose={() => setOpen(null)}
                      onKept={(saved) => {
                        // Who has just said what press is theirs presses on it from now on.
                        if (section.kind === 'press') remember({ press: saved.id });
                        done(labels.isAdded(saved.name), () => got(api.DELETE('/api/shelf/{id}', path(saved.id))));
                      }}
                    />
                  </li>
                )}
                {kept.length === 0 && open !== `new-${section.kind}` && (
                  <li className="py-5 text-quiet">{labels.nothingOfYourOwnHere}</li>
                )}
                {kept.map((k) => (
                  <li key={k.id} className="py-3.5">
                    {open === k.id ? (
                      <Editor
                        kind={k.kind}
                        start={k.entry as OwnEntry}
                        version={k.version}
                        catalogue={catalogue.data}
                        onClose={() => setOpen(null)}
                        onKept={(saved) =>
                          done(labels.isChanged(saved.name), () =>
                            got(
                              api.PUT('/api/shelf/{id}', {
                                ...path(k.id),
                                body: { version: saved.version, entry: k.entry },
                              }),
                            ),
                          )
                        }
                      />
                    ) : (
                      <Line
                        kept={k}
                        catalogue={catalogue.data}
                        onEdit={() => setOpen(k.id)}
                        onRemove={() => void remove(k)}
                      />
                    )}
                  </li>
                ))}
              </ul>
            </section>
          );
        })}
      </div>
      {undo && (
        <UndoBar
          action="Undo"
          onAction={() => {
            const { back } = undo;
            setUndo(null);
            back().then(again, setFailed);
          }}
          onClose={() => setUndo(null)}
        >
          {undo.says}
        </UndoBar>
      )}
    </main>
  );
}

function Line({
  kept,
  catalogue,
  onEdit,
  onRemove,
}: {
  kept: Kept;
  catalogue: Catalogue;
  onEdit: () => void;
  onRemove: () => void;
}) {
  const units = useUnits();
  return (
    <div className="flex flex-wrap gap-x-6 gap-y-1 items-center">
      <div className="grow min-w-0">
        <strong className="font-semibold text-[1.07rem]">{kept.name}</strong>
        <p className="text-quiet text-[0.95rem]">{summary(kept.kind, kept.entry as OwnEntry, catalogue, units)}</p>
      </div>
      <button type="button" className="btn btn-sm btn-ghost" aria-label={labels.change(kept.name)} onClick={onEdit}>
        {labels.change2}
      </button>
      <button type="button" className="btn btn-sm btn-ghost" aria-label={labels.takeOff(kept.name)} onClick={onRemove}>
        {labels.takeOff2}
      </button>
    </div>
  );
}

/** One entry under edit. Nothing is kept until all of it can be. */
function Editor({
  kind,
  start,
  version,
  catalogue,
  onClose,
  onKept,
}: {
  kind: Kind;
  start: OwnEntry;
  version: number | null;
  catalogue: Catalogue;
  onClose: () => void;
  onKept: (saved: Kept) => void;
}) {
  const [entry, setEntry] = useState(start);
  const keep = useMutation({
    mutationFn: () => {
      const { id, ...rest } = entry;
      return version === null
        ? got(api.POST('/api/shelf/{kind}', { params: { path: { kind } }, body: rest }))
        : got(api.PUT('/api/shelf/{id}', { params: { path: { id } }, body: { version, entry } }));
    },
    onSuccess: onKept,
  });
  const refused = keep.error instanceof Refused ? keep.error : null;
  const faults = new Map((refused?.faults ?? []).map((f) => [f.pointer.replace(/^#/, ''), f.detail]));
  const Form = FORMS[kind];
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        keep.mutate();
      }}
      onKeyDown={(e) => {
        if (e.key === 'Escape') onClose();
      }}
    >
      <div className="grid grid-cols-2 lg:grid-cols-3 gap-x-5 gap-y-4 items-start">
        <label className="field col-span-full max-w-[26rem]">
          <span className="name">{labels.name}</span>
          <input
            className="input"
            aria-label={labels.name}
            maxLength={60}
            // biome-ignore lint/a11y/noAutofocus: it opens because it was asked for
            autoFocus
            aria-invalid={faults.has('/name')}
            value={String(entry.name ?? '')}
            onChange={(e) => setEntry({ ...entry, name: e.target.value })}
          />
          {faults.has('/name') && <span className="fault">{faults.get('/name')}</span>}
        </label>
        <Form entry={entry} catalogue={catalogue} faults={faults} onChange={setEntry} />
      </div>
      {refused && faults.size === 0 && <p className="notice stop mt-4">{refused.message}</p>}
      <div className="flex gap-3 mt-5">
        <button type="submit" className="btn btn-primary" disabled={keep.isPending}>
          {labels.keepIt}
        </button>
        <button type="button" className="btn btn-ghost" onClick={onClose}>
          {labels.leaveIt}
        </button>
      </div>
    </form>
  );
}
