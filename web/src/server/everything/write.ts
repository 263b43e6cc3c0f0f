import 'server-only';
import { Zip, ZipDeflate } from 'fflate';
import { readEverything } from '../db/everything-repository';
import { READ_ME, head } from './contents';

const encoder = new TextEncoder();

/** Everything of this Herrero in one zip of open files, as it stood at one moment. */
export async function writeEverything(now: Date): Promise<Uint8Array> {
  const chunks: Uint8Array[] = [];
  let failure: Error | undefined;
  const zip = new Zip((error, chunk) => {
    if (error) failure ??= error;
    else chunks.push(chunk);
  });
  const put = (name: string, text: string): void => {
    const file = Object.assign(new ZipDeflate(name, { level: 6 }), { mtime: now });
    zip.add(file);
    file.push(encoder.encode(text), true);
  };
  const putJson = (name: string, value: object): void => put(name, `${JSON.stringify(value, null, 1)}\n`);
  put('README.txt', READ_ME);
  putJson('herrero.json', head(now));
  await readEverything({
    job: ({ id, document, history, shop }) => {
      putJson(`jobs/${id}.json`, document);
      putJson(`jobs/${id}.history.json`, history);
      putJson(`jobs/${id}.shop.json`, shop);
    },
    shared: ({ own, holdings, offCuts, suppliers, learnt }) => {
      putJson('own-parts.json', { own, holdings });
      putJson('off-cuts.json', { offCuts });
      putJson('suppliers.json', { suppliers, learnt });
    },
  });
  zip.end();
  if (failure) throw failure;
  return new Uint8Array(Buffer.concat(chunks));
}
