import { heightKey, heightsOf } from '../../../derived/heights';
import type { Job, Measured } from '../../../job/job';
import { setReadings, readingsOf } from '../../../falls/measuring-sheet';
import { AGREE_M } from '../../../site/settle';
import { type Report, defineCheck } from '../../define-check';
import { atSite } from '../../places';

const COLLECTIONS = { roof: 'roofs', terminal: 'terminals', mark: 'marks' } as const;

export default defineCheck({
  meta: {
    id: 'site/heights-apart',
    severity: 'unknown',
    toDo: 'Take a third reading; strike the blunder out; read the reference itself.',
    sources: [{ document: 'readings of a height by several ways agree to 20 mm', provenance: 'common-practice' }],
    messages: {
      apart: {
        title: 'Readings apart',
        text: 'The readings of {name} are {spread} apart: one of them is wrong. Take a third.',
      },
      blunder: {
        title: 'A blunder',
        text: 'Reading {number} of {name} is {off} from the others, which agree. It is left out of the average.',
      },
      circle: {
        title: 'Read in a circle',
        text: 'The height of {name} was read from something that was read from it.',
      },
      nothing: {
        title: 'Read from nothing known',
        text: 'The height of {name} was read from {from}, whose own height nobody has read.',
      },
    },
  },
  check: ({ job }) =>
    (['roof', 'terminal', 'mark'] as const).flatMap((of) =>
      job[COLLECTIONS[of]].flatMap((record): readonly Report<'apart' | 'blunder' | 'circle' | 'nothing'>[] => {
        const ref: Measured = { of, id: record.id };
        const height = heightsOf(job).get(heightKey(ref));
        const at = atSite(COLLECTIONS[of], record);
        const { name } = record;
        switch (height?.trouble) {
          case 'apart': {
            const known = height.each.filter((value) => value !== undefined);
            const spread = Math.max(AGREE_M, Math.max(...known) - Math.min(...known));
            return [{ messageId: 'apart', at, data: { name, spread: { lengthM: spread } } }];
          }
          case 'blunder': {
            const place = height.blunder ?? 0;
            const off = Math.abs((height.each[place] ?? 0) - (height.upM ?? 0));
            return [
              {
                messageId: 'blunder',
                at,
                data: { name, number: place + 1, off: { lengthM: off } },
                fixes: [
                  {
                    text: 'Strike it out',
                    data: {},
                    edits: [setReadings(job, ref, readingsOf(job, ref).toSpliced(place, 1))],
                    partsAdded: 0,
                    priceUsd: 0,
                  },
                ],
              },
            ];
          }
          case 'in-a-circle':
            return [{ messageId: 'circle', at, data: { name } }];
          case 'stands-on-nothing':
            return [{ messageId: 'nothing', at, data: { name, from: nameOf(job, record.readings[0]?.from) } }];
          default:
            return [];
        }
      }),
    ),
});

const nameOf = (job: Job, from: Job['marks'][number]['readings'][number]['from'] | undefined): string =>
  from === undefined || from.of === 'ground'
    ? 'the ground'
    : (job[COLLECTIONS[from.of]].find(({ id }) => id === from.id)?.name ?? 'something');
