'use client';

import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import { stationPath } from '../desk/stations';

interface Refusal {
  readonly error?: string;
  readonly fields?: readonly { readonly path: string; readonly message: string }[];
}

const SHOWN = 5;

/** Opens a job that was kept as a file; says every reason where it cannot, and keeps nothing of it then. */
export function OpenJobFile() {
  const input = useRef<HTMLInputElement>(null);
  const router = useRouter();
  const [reasons, setReasons] = useState<readonly string[]>([]);
  const open = async (file: File): Promise<void> => {
    setReasons([]);
    try {
      const response = await fetch('/api/v1/jobs', {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: file,
      });
      const answer = (await response.json()) as Refusal & { readonly id?: string };
      if (answer.id !== undefined) return router.push(stationPath(answer.id, 'site'));
      const fields = answer.fields ?? [];
      setReasons(
        fields.length === 0
          ? [answer.error ?? 'The file cannot be opened.']
          : fields.map(({ path, message }) => (path === '' ? message : `${path}: ${message}`)),
      );
    } catch {
      setReasons(['The server does not answer. The file is as it was: try again.']);
    }
  };
  return (
    <div>
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        className="sr-only"
        aria-label="Job file"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          event.target.value = '';
          if (file) void open(file);
        }}
      />
      <button type="button" className="other-action" onClick={() => input.current?.click()}>
        Open a job file
      </button>
      {reasons.length > 0 && (
        <div role="alert" className="max-w-md pt-2 type-row">
          <p>Not opened, and nothing of it was kept:</p>
          <ul className="list-disc pl-5">
            {reasons.slice(0, SHOWN).map((reason) => (
              <li key={reason}>{reason}</li>
            ))}
          </ul>
          {reasons.length > SHOWN && <p>{reasons.length - SHOWN} more</p>}
        </div>
      )}
    </div>
  );
}
