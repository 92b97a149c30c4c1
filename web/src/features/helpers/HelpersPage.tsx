import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, got, type Schemas } from '../../api/client';
import { day } from '../../app/dates';
import { Failed, Loading } from '../../ui/States';
import { LogFrame } from '../logbook/LogFrame';
import * as labels from './labels';
import { type Offer, OfferShown } from './OfferShown';

type Role = Schemas['HelperRole'];
const ROLES: Role[] = ['press', 'look', 'owner'];
const WATCH_MS = 2000;
const when = new Intl.DateTimeFormat('en-US', { dateStyle: 'medium', timeStyle: 'short' });

/** Helpers' devices: letting them in, turning them away, and what they did. */
export function HelpersPage() {
  const queries = useQueryClient();
  const [offer, setOffer] = useState<Offer | null>(null);
  const known = useQuery({
    queryKey: ['devices'],
    queryFn: () => got(api.GET('/api/devices')),
    staleTime: 0,
    // While somebody types the figures, the device appears by itself.
    refetchInterval: offer ? WATCH_MS : false,
  });
  const refresh = () => queries.invalidateQueries({ queryKey: ['devices'] });
  const revoke = useMutation({
    mutationFn: (id: string) => got(api.DELETE('/api/devices/{id}', { params: { path: { id } } })),
    onSuccess: refresh,
  });
  const withdraw = () => {
    setOffer(null);
    void api.DELETE('/api/devices/pairing');
  };
  if (known.isPending)
    return (
      <LogFrame>
        <Loading what={labels.theHelpers} />
      </LogFrame>
    );
  if (known.isError)
    return (
      <LogFrame>
        <Failed error={known.error} retry={() => known.refetch()} />
      </LogFrame>
    );
  const { open, devices, deeds } = known.data;
  const cameIn = offer && devices.some((d) => d.name === offer.name);
  return (
    <LogFrame>
      <div className="grid gap-9 lg:grid-cols-2">
        <section aria-label={labels.letIn}>
          <h2 className="mb-3">{labels.letIn}</h2>
          {!open ? (
            <p className="max-w-[56ch]">{labels.closed}</p>
          ) : offer && !cameIn ? (
            <OfferShown offer={offer} onWithdraw={withdraw} />
          ) : (
            <LetIn onOffer={setOffer} />
          )}
        </section>
        <div className="grid gap-9 content-start">
          <section aria-label={labels.devices}>
            <h2 className="mb-3">{labels.devices}</h2>
            {revoke.data && <p role="status">{labels.turnedAway(revoke.data.name)}</p>}
            {revoke.isError && <Failed error={revoke.error} />}
            {devices.length === 0 && <p className="text-quiet">{labels.nobody}</p>}
            <ul className="scored">
              {devices.map((d) => (
                <li key={d.id} className="flex flex-wrap items-baseline gap-x-4 py-2">
                  <span className="grow">
                    <strong className="font-semibold">{d.name}</strong>
                    <span className="block text-quiet text-[0.92rem]">
                      {labels.roles[d.role]} · {labels.since(day(d.pairedUtc))} ·{' '}
                      {d.seenUtc ? labels.seen(when.format(new Date(d.seenUtc))) : labels.neverSeen}
                    </span>
                  </span>
                  <button
                    type="button"
                    className="btn btn-sm btn-outline"
                    aria-label={labels.turnAwayWhich(d.name)}
                    disabled={revoke.isPending}
                    onClick={() => revoke.mutate(d.id)}
                  >
                    {labels.turnAway}
                  </button>
                </li>
              ))}
            </ul>
          </section>
          <section aria-label={labels.deeds}>
            <h2 className="mb-3">{labels.deeds}</h2>
            {deeds.length === 0 && <p className="text-quiet">{labels.noDeeds}</p>}
            <ol className="grid gap-1">
              {deeds.map((d, i) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: what was done stands in its order
                <li key={i}>
                  <span className="text-quiet tabular-nums mr-3">{when.format(new Date(d.atUtc))}</span>
                  {d.device} {d.what}
                </li>
              ))}
            </ol>
          </section>
          {open && (
            <section aria-label={labels.authority}>
              <h2 className="mb-2">{labels.authority}</h2>
              <p className="max-w-[56ch]">{labels.authorityWhy}</p>
              <a className="btn btn-sm btn-outline mt-2" href="/api/devices/authority.crt" download>
                {labels.download}
              </a>
            </section>
          )}
        </div>
      </div>
    </LogFrame>
  );
}

function LetIn({ onOffer }: { onOffer: (offer: Offer) => void }) {
  const [name, setName] = useState('');
  const [role, setRole] = useState<Role>('press');
  const make = useMutation({
    mutationFn: () => got(api.POST('/api/devices/pairing', { body: { name, role } })),
    onSuccess: onOffer,
  });
  return (
    <form
      className="grid gap-4 justify-items-start"
      onSubmit={(e) => {
        e.preventDefault();
        make.mutate();
      }}
    >
      <label className="field">
        <span className="name">{labels.deviceName}</span>
        <input
          className="input"
          value={name}
          maxLength={60}
          placeholder={labels.deviceNameHint}
          onChange={(e) => setName(e.target.value)}
        />
      </label>
      <label className="field">
        <span className="name">{labels.mayDo}</span>
        <select className="select" value={role} onChange={(e) => setRole(e.target.value as Role)}>
          {ROLES.map((r) => (
            <option key={r} value={r}>
              {labels.roles[r]}
            </option>
          ))}
        </select>
      </label>
      <button type="submit" className="btn btn-primary" disabled={make.isPending}>
        {labels.makeFigures}
      </button>
      {make.isError && (
        <p role="alert" className="fault">
          {make.error.message}
        </p>
      )}
    </form>
  );
}
