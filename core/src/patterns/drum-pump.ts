import { roof } from './figures';
import { overflowThroughSide, placeAway, rainThroughTop, threaded } from './habits';
import { definePattern } from './pattern';

/** Everything hangs from the top, above the water: the riser out of the pump, its cord beside it. */
export const drumPump = definePattern({
  id: 'drum-pump',
  name: 'Submersible pump in a drum, for a drip line',
  says: 'A pump that hangs on its riser under the top of a drum; check valve, union, filter and pressure reducer before the drip tube, a gland for its cord.',
  figures: {
    dripM: { kind: 'length', least: 2, most: 60, default: 15, words: 'drip tube', asked: 'Drip tube' },
    roofM2: roof(15, 200),
  },
  build(kit, { dripM, roofM2 }) {
    kit.set({ sunPlan: 'shaded', frostPlan: 'drained' });
    const drum = kit.tank('open-drum', { base: 'slab', plinthM: 0.1, dark: true, purposes: ['garden'] });
    const riser = kit.opening({
      tank: drum.id,
      name: 'Riser',
      roles: ['pump-line'],
      size: '1',
      face: 'top',
      seals: ['bulkhead'],
    });
    kit.line(riser.inside(), [
      { part: 'Male adapter', which: threaded('1') },
      { part: 'Pipe', boreMm: 27, lengthM: 0.25 },
      { part: 'Submersible pump' },
    ]);
    const beds = placeAway(kit, { id: 'beds', name: 'beds', kind: 'drip-line' }, dripM, 0);
    kit.line(
      riser.out,
      [
        { part: 'Union', boreMm: 27 },
        { part: 'Elbow', boreMm: 27, points: 'out' },
        { part: 'Spring check valve', boreMm: 27 },
        { part: 'Lever valve', boreMm: 27 },
        { part: 'Screen filter', boreMm: 21 },
        { part: 'Pressure reducer for drip' },
        { part: 'Hose swivel for drip tube' },
        { part: 'Drip tube', lengthM: dripM },
      ],
      beds,
    );
    kit.opening({
      tank: drum.id,
      name: 'Cord of the pump',
      roles: ['cord-entry'],
      size: '3/4',
      face: 'top',
      seals: ['cable-gland'],
    });
    const size = kit.by({ US: '3', UK: '50', EU: '75', ANZ: '90' } as const);
    overflowThroughSide(kit, drum, size);
    rainThroughTop(kit, drum, { areaM2: roofM2, gutterM: drum.heightM + 1.4 }, size);
  },
});
