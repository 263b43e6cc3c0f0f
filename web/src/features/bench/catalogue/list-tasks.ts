import { type ColumnMapping, type DecimalMark, type Holding, type OwnPart, catalogueWith } from '@herrero/core';
import { type ListFile, type OpenedList, openList, readFile } from './list-file';

/** How the columns of a list are read. */
export interface ListReading {
  readonly mapping?: ColumnMapping;
  readonly decimals?: DecimalMark;
}

/** A file to read, and another reading for the one that was read last. */
export interface ListTasks {
  readonly open: {
    readonly question: {
      readonly bytes: ArrayBuffer;
      readonly own: readonly OwnPart[];
      readonly holdings: readonly Holding[];
    };
    readonly progress: never;
    readonly answer: OpenedList;
  };
  readonly again: { readonly question: ListReading; readonly progress: never; readonly answer: OpenedList };
}

/** Reads long lists. Rows stay here; what was understood goes back. */
export function listTasks() {
  let file: ListFile | undefined;
  let catalogue = catalogueWith([], []);
  return {
    open: ({ bytes, own, holdings }: ListTasks['open']['question']): OpenedList => {
      file = readFile(bytes);
      catalogue = catalogueWith(own, holdings);
      return openList(file, catalogue);
    },
    again: ({ mapping, decimals }: ListReading): OpenedList => {
      if (!file) throw new RangeError('no list is open');
      return openList(file, catalogue, mapping, decimals);
    },
  };
}
