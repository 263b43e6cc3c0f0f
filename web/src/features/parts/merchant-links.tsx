'use client';

import { useCallback, useEffect, useState } from 'react';
import { Action } from '@/ui/action';
import { useJob } from '../../store/job-provider';
import { send } from '@/ui/send';

interface Link {
  readonly id: string;
  readonly createdAt: string;
  readonly revokedAt: string | null;
  readonly expiresAt: string;
  readonly opened: number;
}

/** Links by which a merchant sees this list without an account: made, copied once, closed. */
export default function MerchantLinks() {
  const jobId = useJob((state) => state.jobId);
  const [links, setLinks] = useState<readonly Link[]>([]);
  const [fresh, setFresh] = useState<string>();
  const [said, setSaid] = useState<string>();
  const path = `/api/v1/jobs/${jobId}/merchant-links`;

  const load = useCallback(() => {
    void send<{ readonly links: readonly Link[] }>('GET', path).then((sent) =>
      sent.ok ? setLinks(sent.answer.links) : setSaid(sent.message),
    );
  }, [path]);
  useEffect(load, [load]);

  const make = async (): Promise<void> => {
    const sent = await send<{ readonly path: string }>('POST', path);
    if (!sent.ok) return setSaid(sent.message);
    setFresh(new URL(sent.answer.path, window.location.href).href);
    setSaid(undefined);
    load();
  };
  const revoke = async (id: string): Promise<void> => {
    const sent = await send('DELETE', `${path}/${id}`);
    setSaid(sent.ok ? 'The link is closed: whoever opens it sees nothing.' : sent.message);
    if (sent.ok) setFresh(undefined);
    load();
  };
  const copy = async (): Promise<void> => {
    try {
      await navigator.clipboard.writeText(fresh ?? '');
      setSaid('Copied.');
    } catch {
      setSaid('Copy it from the field by hand.');
    }
  };
  const [now] = useState(Date.now);
  const open = links.filter(({ revokedAt, expiresAt }) => revokedAt === null && Date.parse(expiresAt) > now);
  return (
    <div className="space-y-2 py-1">
      <p className="type-row">
        Whoever has the link sees what is to be bought and nothing else of the job: no prices, no drawings. It works for
        thirty days, or until you close it.
      </p>
      <button type="button" className="other-action" onClick={() => void make()}>
        Make a link
      </button>
      {fresh !== undefined && (
        <label className="block">
          <span className="block type-second">The link, shown this once: only a fingerprint of it is kept</span>
          <input className="field w-full" readOnly value={fresh} onFocus={(event) => event.target.select()} />
          <Action onClick={() => void copy()}>Copy it</Action>
        </label>
      )}
      <p role="status" className="type-row">
        {said}
      </p>
      {open.length > 0 && (
        <ul aria-label="Open links">
          {open.map(({ id, createdAt, expiresAt, opened }, index) => (
            <li key={id} className="flex items-baseline justify-between border-b border-hair type-row">
              Link {open.length - index}, made {createdAt.slice(0, 10)}, ends {expiresAt.slice(0, 10)}, opened {opened}{' '}
              {opened === 1 ? 'time' : 'times'}
              <Action onClick={() => void revoke(id)}>Close it</Action>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
