import { TOP_INLET, tankWith } from '../../../test/sample-jobs';
import { testCheck } from '../../../test/test-check';
import check from './check';

const inlet = (code: string) =>
  tankWith({
    type: 'concrete',
    holes: [
      {
        ...TOP_INLET,
        face: 'wall',
        size: '110',
        heightM: 1,
        depthM: 0,
        parts: [{ code: 'PG-110M' }, { code: 'PISL-110M', lengthM: 1 }, { code, inEnd: 1 }],
      },
    ],
  });

testCheck(check, {
  clean: [
    { why: 'a filter box with its bypass', job: inlet('JBSP-110M') },
    { why: 'a basket of 2 mm', job: inlet('JSSP-110M') },
  ],
  found: [
    {
      why: 'a fine screen alone',
      job: inlet('JFSP-110M'),
      findings: [{ title: 'It will clog', at: 'P1', text: '2.5 times its bore' }],
      fixSettles: false,
    },
  ],
});
