import { type JobBuilder, buildOn } from '../edits/build-job';
import { setField } from '../edits/change-field';
import type { Job } from '../job/job';
import { newInflow, newMark } from '../job/places';
import { corrugatedFire } from '../patterns/corrugated-fire';
import { jobOfPattern } from '../patterns/pattern';
import type { PlanRef } from '../walls/placing';
import { called } from './called';

/**
 * Mill Row fire pond (invented): a lined corrugated steel tank in New Zealand with flanged outlets, a reserve for a portable pump below
 * the line to the toilets, and a bore that tops it up over its inlet, through an air gap. Whole, and set out by tape.
 */
export function millRow(): Job {
  const builder = buildOn(jobOfPattern(corrugatedFire, 'ANZ', { reserveM3: 10, roofM2: 60, houseM: 12 }));
  const { edit, set, job } = builder;
  set({ name: 'Mill Row fire pond', groundKpa: 90, northDegrees: 104 });
  called(builder, 'roofs', 'roof', 'mill');
  called(builder, 'terminals', 'house', 'toilets');
  const inlet = job().penetrations.find(({ roles }) => roles.includes('inlet'));
  edit({
    type: 'add-inflow',
    inflow: newInflow({
      id: 'bore',
      name: 'bore',
      kind: 'bore',
      rateM3s: 0.0004,
      into: inlet?.id ?? null,
      airGapM: 0.06,
      boreM: 0.025,
    }),
  });
  // A wall leads to a mark that is there.
  edit({ type: 'add-mark', mark: newMark({ id: 'corner', name: 'mill corner', placed: { by: 'origin' } }) });
  edit({ type: 'add-mark', mark: newMark({ id: 'post', name: 'gate post', placed: { by: 'line', alongM: 14.05 } }) });
  edit({
    type: 'add-mark',
    mark: newMark({
      id: 'north-corner',
      name: 'north corner',
      placed: { by: 'wall', from: CORNER, towards: POST, alongM: 0, offM: 4 },
      wallTo: 'corner',
      wallSide: 'right',
    }),
  });
  setOut(edit, job);
  return job();
}

const CORNER = { of: 'mark', id: 'corner' } as const;
const POST = { of: 'mark', id: 'post' } as const;

/** Two tapes to the near side of the tank, a third to its house line; the ditch is not taped yet. */
function setOut(edit: JobBuilder['edit'], job: () => Job): void {
  const [tank] = job().tanks;
  const [roof] = job().roofs;
  if (!tank || !roof) return;
  const tape = (from: PlanRef, tapeM: number) => ({ from, tapeM, to: 'near-side', openingId: null }) as const;
  const readings = [tape(CORNER, 7.29), tape(POST, 6.23)];
  edit(setField('tanks', tank, 'placed', { by: 'tapes', side: 'right', readings }));
  edit(setField('tanks', tank, 'turned', { by: 'tape', from: POST, tapeM: 7.68, openingId: 'h1', side: 'right' }));
  edit(
    setField('roofs', roof, 'placed', {
      by: 'wall',
      from: CORNER,
      towards: { of: 'mark', id: 'north-corner' },
      alongM: 2.2,
      offM: 0,
    }),
  );
}
