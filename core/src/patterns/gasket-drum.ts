import { overflowThroughSide, threaded } from './habits';
import { definePattern } from './pattern';

/** The pipe stands in a rubber that only holds water: a bracket takes the pull of the hose. */
export const gasketDrum = definePattern({
  id: 'gasket-drum',
  name: 'Drum with a push-through gasket and glued draw-off',
  says: 'An open drum that catches through a grated top, drawn through a gasket by a glued line with a hose tap; the rest leaves by a screened overflow.',
  figures: {
    blocksM: { kind: 'length', least: 0, most: 0.6, default: 0.4, words: 'blocks', asked: 'Stands up on blocks' },
    outletM: { kind: 'length', least: 0.08, most: 0.4, default: 0.25, words: 'outlet', asked: 'Outlet above its base' },
  },
  build(kit, { blocksM, outletM }) {
    kit.set({ sunPlan: 'shaded', frostPlan: 'drained' });
    const drum = kit.tank('open-drum', { base: 'blocks', plinthM: blocksM, dark: true, purposes: ['garden'] });
    const outlet = kit.opening({
      tank: drum.id,
      name: 'Draw-off',
      roles: ['draw-off'],
      size: kit.by({ US: '3/4', else: '25' }),
      heightM: outletM,
      seals: ['gasket'],
      supported: true,
    });
    kit.line(outlet.out, [
      { part: 'Pipe', lengthM: 0.3, held: true },
      { part: 'Elbow', points: 'down' },
      { part: 'Pipe', lengthM: 0.15, held: true },
      { part: 'Hose tap', which: threaded('3/4') },
    ]);
    kit.opening({ tank: drum.id, name: 'Grated top', roles: ['inlet'], size: '4', face: 'top', seals: ['drop-grate'] });
    overflowThroughSide(kit, drum, kit.by({ US: '2', else: '50' }));
  },
});
