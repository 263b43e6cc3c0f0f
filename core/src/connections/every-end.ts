import { type End, OWN_ENDS } from './end';
import { CAM_SIZES, CLICK_SIZES } from './standards/couplings';
import { FLANGE_DRILLINGS } from './standards/flanges';
import { HOSE_SYSTEMS } from './standards/hose';
import { PIPE_SERIES } from './standards/pipes';
import { THREAD_STANDARDS } from './standards/threads';
import { WALL_SEAL_STYLES } from './standards/wall-seals';

/** Every end there is in the tables, and one hole to drill: what the bench offers, and what property tests run over. */
export const everyEnd = (): readonly End[] => [
  ...THREAD_STANDARDS.flatMap(({ id, sizes, sexes }) =>
    sizes.flatMap((size) =>
      sexes.flatMap((sex): End[] => {
        const end = { kind: 'thread', standard: id, size, sex } as const;
        return sex === 'female' ? [end, { ...end, swivel: true }] : [end];
      }),
    ),
  ),
  ...PIPE_SERIES.flatMap(({ id, sizes, parts }) =>
    sizes.flatMap(({ size }): End[] => [
      ...parts.map((part): End => ({ kind: 'pipe', series: id, size, part })),
      { kind: 'gasket', series: id, size },
    ]),
  ),
  ...HOSE_SYSTEMS.flatMap(({ id, sizes }) =>
    sizes.flatMap(({ size }): End[] => [
      { kind: 'hose', system: id, size, part: 'barb' },
      { kind: 'hose', system: id, size, part: 'bore' },
    ]),
  ),
  ...CAM_SIZES.flatMap((size): End[] => [
    { kind: 'cam', size, part: 'adapter' },
    { kind: 'cam', size, part: 'coupler' },
  ]),
  ...CLICK_SIZES.flatMap((size): End[] => [
    { kind: 'click', size, part: 'plug' },
    { kind: 'click', size, part: 'socket' },
  ]),
  ...FLANGE_DRILLINGS.flatMap(({ id, sizes }) =>
    sizes.map(({ size }): End => ({ kind: 'flange', drilling: id, size })),
  ),
  ...WALL_SEAL_STYLES.flatMap(({ id, sizes }) =>
    sizes.map(({ size }): End => ({ kind: 'wall-seal', style: id, size })),
  ),
  { kind: 'hole', diameterMm: 41.3, wallMm: 6.4, wallRadiusMm: 584 },
  ...OWN_ENDS.map((what): End => ({ kind: 'own', what })),
];
