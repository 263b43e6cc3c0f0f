'use client';

import { useState } from 'react';
import { type ListTable } from '@herrero/core';
import { readTable } from './read-table';

/** A table that is opened from a file: itself, or the sentence why it was refused. */
export function useTable(isHeading: (cell: string) => boolean, onOpen: (table: ListTable, fileName: string) => void) {
  const [table, setTable] = useState<ListTable>();
  const [problem, setProblem] = useState<string>();
  const open = async (file: File): Promise<void> => {
    setTable(undefined);
    setProblem(undefined);
    const read = await readTable(await file.arrayBuffer(), isHeading);
    if (!read.ok) return setProblem(`${file.name}: ${read.error}`);
    setTable(read.value);
    onOpen(read.value, file.name);
  };
  return { table, problem, open: (file: File) => void open(file) };
}
