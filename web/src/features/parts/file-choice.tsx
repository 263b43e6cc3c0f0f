'use client';

import { useState } from 'react';

/** Chooses a file; the same one can be chosen again after it was put right. */
export function FileChoice({
  label,
  accept,
  onFile,
}: {
  readonly label: string;
  readonly accept: string;
  readonly onFile: (file: File) => void;
}) {
  const [name, setName] = useState<string>();
  return (
    <label className="other-action inline-flex cursor-pointer items-center focus-within:outline-2">
      {name ?? 'Choose a file'}
      <input
        type="file"
        aria-label={label}
        accept={accept}
        className="sr-only"
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (!file) return;
          setName(file.name);
          onFile(file);
        }}
      />
    </label>
  );
}
