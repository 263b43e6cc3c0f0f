import { bears, hose, roof } from './figures';
import { airThroughTop, hoseTo, overflowThroughSide, placeAway, rainThroughTop, threaded } from './habits';
import type { Step } from './find-part';
import type { Mouth } from './kit';
import { definePattern } from './pattern';

/** Each drum drains whole through its fine bung; a screened hole in the end that is up now lets its air in. */
export const upsideDownDrums = definePattern({
  id: 'upside-down-drums',
  name: 'Closed drums on their heads, one line',
  says: 'Drums upside down in a frame, drawn through their bungs into one line; each with its own shut-off, union and air.',
  figures: {
    drums: { kind: 'count', least: 1, most: 6, default: 2, words: 'drums', asked: 'How many drums' },
    frameM: { kind: 'length', least: 0.3, most: 1.2, default: 0.5, words: 'frame', asked: 'Frame under them' },
    ratedKg: bears(600, 'Their frame may carry'),
    hoseM: hose(8),
    roofM2: roof(12, 200),
  },
  build(kit, { drums, frameM, ratedKg, hoseM, roofM2 }) {
    kit.set({ sunPlan: 'shaded', frostPlan: 'drained' });
    const bungs: Mouth[] = [];
    for (let index = 0; index < drums; index++) {
      const drum = kit.tank('drum-upside-down', {
        base: 'stand',
        plinthM: frameM,
        ratedKg,
        dark: true,
        purposes: ['garden'],
      });
      bungs.push(
        kit.port(drum.id, 'fine-bung', {
          end: kit.by({ US: '2 NPS F', else: '2 G F' }),
          name: 'Bung',
          roles: ['draw-off'],
        }),
      );
    }
    const bed = placeAway(kit, { id: 'bed', name: 'bed', kind: 'hose-bay' }, hoseM, 0.2);
    // The line runs on from under the first drum; each further one drops on to a tee of it.
    const [first, ...others] = bungs;
    if (!first) return;
    const drop: readonly Step[] = [
      {
        part: kit.by({ US: 'Reducing drum bung', else: 'Reducing container bung' }),
        which: threaded('3/4', 'female'),
      },
      { part: 'Lever valve', which: threaded('3/4') },
      { part: 'Union', which: threaded('3/4') },
      { part: 'Pipe', lengthM: 0.12 },
    ];
    const header = kit.line(first.out, [
      ...drop,
      { part: 'Elbow', points: 'right' },
      ...others.flatMap((): readonly Step[] => [
        { part: 'Pipe', lengthM: 0.6, held: true },
        { part: 'Tee', points: 'up' },
      ]),
      { part: 'Pipe', lengthM: 0.5, held: true },
    ]);
    others.forEach((other, index) => kit.line(other.out, drop, header[drop.length + 2 + 2 * index]?.end('branch')));
    const last = header.at(-1);
    if (last) hoseTo(kit, last.on, bed, hoseM, frameM);
    const [fed] = kit.job().tanks;
    if (!fed) return;
    const size = kit.by({ US: '3', UK: '50', EU: '75', ANZ: '90' } as const);
    overflowThroughSide(kit, fed, size);
    rainThroughTop(kit, fed, { areaM2: roofM2, gutterM: frameM + fed.heightM + 1 }, size);
    for (const drum of kit.job().tanks) airThroughTop(kit, drum);
  },
});
