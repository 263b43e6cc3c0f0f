'use client';

import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import { stationPath } from '../desk/stations';
import { type EverythingAnswer, leftWords, putInWords } from './everything-words';

interface Refusal {
  readonly error?: string;
  readonly fields?: readonly { readonly path: string; readonly message: string }[];
}

const SHOWN = 5;

const reasonsOf = ({ fields = [], error }: Refusal): readonly string[] =>
  fields.length === 0
    ? [error ?? 'The file cannot be opened.']
    : fields.map(({ path, message }) => (path === '' ? message : `${path}: ${message}`));

/**
 * Opens a job that was kept as a file, or puts in a file of everything; says every reason where it cannot, and keeps
 * nothing of it then.
 */
export function OpenJobFile() {
  const input = useRef<HTMLInputElement>(null);
  const router = useRouter();
  const [reasons, setReasons] = useState<readonly string[]>([]);
  const [putIn, setPutIn] = useState<EverythingAnswer>();
  const [busy, setBusy] = useState(false);
  const open = async (file: File): Promise<void> => {
    setReasons([]);
    setPutIn(undefined);
    setBusy(true);
    const zip = /\.zip$/i.test(file.name);
    try {
      const response = await fetch(zip ? '/api/v1/everything' : '/api/v1/jobs', {
        method: 'POST',
        headers: { 'Content-Type': zip ? 'application/zip' : 'application/json' },
        body: file,
      });
      const answer = (await response.json()) as Refusal | EverythingAnswer | { readonly id: string };
      if ('id' in answer) return router.push(stationPath(answer.id, 'site'));
      if ('refused' in answer) {
        setPutIn(answer);
        router.refresh();
      } else setReasons(reasonsOf(answer));
    } catch {
      setReasons(['The server does not answer. The file is as it was: try again.']);
    } finally {
      setBusy(false);
    }
  };
  return (
    <>
      <input
        ref={input}
        type="file"
        accept=".json,.zip,application/json,application/zip"
        className="sr-only"
        aria-label="Job file"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          event.target.value = '';
          if (file) void open(file);
        }}
      />
      <button type="button" className="other-action" disabled={busy} onClick={() => input.current?.click()}>
        {busy ? 'Opening…' : 'Open a job file'}
      </button>
      {putIn && (
        <div role="status" className="order-last basis-full type-row">
          <p>{putInWords(putIn)}</p>
          <p>{leftWords(putIn)}</p>
          {putIn.refused.length > 0 && (
            <>
              <p>Not put in, and why:</p>
              <Reasons
                reasons={putIn.refused.map(
                  ({ file, problems: [first] }) => `${file}: ${first ? `${first.path} ${first.message}` : 'damaged'}`,
                )}
              />
            </>
          )}
        </div>
      )}
      {reasons.length > 0 && (
        <div role="alert" className="order-last basis-full type-row">
          <p>Not opened, and nothing of it was kept:</p>
          <Reasons reasons={reasons} />
        </div>
      )}
    </>
  );
}

function Reasons({ reasons }: { readonly reasons: readonly string[] }) {
  return (
    <>
      <ul className="list-disc pl-5">
        {reasons.slice(0, SHOWN).map((reason) => (
          <li key={reason}>{reason}</li>
        ))}
      </ul>
      {reasons.length > SHOWN && <p>{reasons.length - SHOWN} more</p>}
    </>
  );
}
