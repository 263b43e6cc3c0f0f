import { hose, roof } from './figures';
import { airThroughTop, hoseTo, overflowThroughSide, placeAway, rainThroughTop } from './habits';
import type { Step } from './find-part';
import { definePattern } from './pattern';

/** All stand on one level and share one line at their foot; what is too much leaves where it comes in. */
export const drumRow = definePattern({
  id: 'drum-row',
  name: 'Row of open-head drums on one manifold',
  says: 'Drums side by side on a stand, each with a shut-off and air, tees on one line at their foot, a capped stub to go on from; overflow and roof on the first.',
  figures: {
    drums: { kind: 'count', least: 2, most: 6, default: 3, words: 'drums', asked: 'How many drums' },
    standM: { kind: 'length', least: 0, most: 0.6, default: 0.4, words: 'stand', asked: 'They stand up' },
    roofM2: roof(30, 200),
    hoseM: hose(10),
  },
  build(kit, { drums, standM, roofM2, hoseM }) {
    kit.set({ sunPlan: 'shaded', frostPlan: 'drained' });
    const row = Array.from({ length: drums }, () =>
      kit.tank('open-drum', { base: 'blocks', plinthM: standM, dark: true, purposes: ['garden'] }),
    );
    const [first] = row;
    if (!first) return;
    const mouths = row.map(({ id }, index) =>
      kit.opening({
        tank: id,
        name: 'Manifold',
        // The tap hangs on the line of the first.
        roles: index === 0 ? ['link', 'draw-off'] : ['link'],
        size: '1',
        heightM: 0.13,
        seals: ['bulkhead'],
      }),
    );
    const [begin, ...others] = mouths;
    if (!begin) return;
    const pipe = { part: 'Pipe', lengthM: 0.2, held: true } as const;
    const out: readonly Step[] = [{ part: 'Lever valve' }, { part: 'Union' }, { ...pipe, lengthM: 0.12 }];
    const header = kit.line(begin.out, [
      ...out,
      { part: 'Elbow', points: 'right' },
      ...others.flatMap((): readonly Step[] => [
        { ...pipe, lengthM: 0.6 },
        { part: 'Tee', points: 'back' },
      ]),
      pipe,
      { part: 'Tee', points: 'out' },
      pipe,
      { part: 'Cap' },
    ]);
    others.forEach((other, index) => kit.line(other.out, out, header[out.length + 2 + 2 * index]?.end('branch')));
    const tap = header.at(-3);
    const bed = placeAway(kit, { id: 'bed', name: 'bed', kind: 'hose-bay' }, hoseM, 0.2);
    if (tap) hoseTo(kit, kit.line(tap.end('branch'), [pipe])[0]?.on ?? tap.on, bed, hoseM, standM + 0.3);
    const size = kit.by({ US: '3', UK: '50', EU: '75', ANZ: '90' } as const);
    overflowThroughSide(kit, first, size);
    rainThroughTop(kit, first, { areaM2: roofM2, gutterM: standM + first.heightM + 1.2 }, size);
    for (const drum of row) airThroughTop(kit, drum);
  },
});
