import { type ColumnMapping, type Holding, type OwnPart, catalogueWith } from '@herrero/core';
import { type ListFile, type OpenedList, openList, readFile } from './list-file';

/** A file to read, or another mapping for the one that was read last. */
export type ToListWorker =
  | {
      readonly kind: 'file';
      readonly bytes: ArrayBuffer;
      readonly own: readonly OwnPart[];
      readonly holdings: readonly Holding[];
    }
  | { readonly kind: 'mapping'; readonly mapping: ColumnMapping };

let file: ListFile | undefined;
let catalogue = catalogueWith([], []);

/** Reads long lists beside the page. Rows stay here; what was understood goes back. */
self.addEventListener('message', ({ data }: MessageEvent<ToListWorker>) => {
  if (data.kind === 'file') {
    file = readFile(data.bytes);
    catalogue = catalogueWith(data.own, data.holdings);
  }
  if (!file) return;
  const opened: OpenedList = openList(file, catalogue, data.kind === 'mapping' ? data.mapping : undefined);
  self.postMessage(opened);
});
