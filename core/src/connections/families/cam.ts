import { sizeWords } from '../../quantity/size';
import { formatEnd } from '../format';
import { CAM_SOURCE, camHeadMm } from '../standards/couplings';
import { bare, defineJointFamily, judgements } from './joint-family';

const JUDGEMENTS = judgements({
  'same-half': ['will-not-go'],
  'other-size': ['will-not-go'],
  locks: ['holds-with', 'washer'],
});

/** Heads nearer than this are one size: material does not matter, the head and its groove do. */
const SAME_HEAD_MM = 1;

/** Cam-and-groove: a coupler locks on an adapter with the same head, and its gasket seals. */
export const cam = defineJointFamily({
  kinds: ['cam', 'cam'],
  judge: (a, b) => {
    if (a.part === b.part) return JUDGEMENTS['same-half'];
    return Math.abs(camHeadMm(a.size) - camHeadMm(b.size)) < SAME_HEAD_MM ? JUDGEMENTS.locks : JUDGEMENTS['other-size'];
  },
  explain: (a, b, _conditions, { reason }) => {
    const [adapter, coupler] = a.part === 'adapter' ? [a, b] : [b, a];
    const basis = [
      { name: 'head of the adapter', value: camHeadMm(adapter.size), unit: 'mm' },
      { name: 'head the coupler takes', value: camHeadMm(coupler.size), unit: 'mm' },
    ] as const;
    switch (reason as keyof typeof JUDGEMENTS) {
      case 'same-half':
        return bare(
          a.part === 'adapter' ? 'Both are grooved adapters.' : 'Both are couplers with arms.',
          [CAM_SOURCE],
          a.part === 'adapter' ? 'Put a coupler on one.' : 'Put an adapter on one.',
        );
      case 'other-size':
        return {
          ...bare(
            `The heads are ${basis[0].value} and ${basis[1].value} mm: every size has its own.`,
            [CAM_SOURCE],
            'Change one half for the size of the other.',
          ),
          basis,
        };
      case 'locks':
        return {
          needs: [{ kind: 'washer', name: `${sizeWords(coupler.size)} cam gasket`, comesWith: formatEnd(coupler) }],
          basis,
          why:
            coupler.size === '1/2'
              ? 'The gasket in the coupler seals as the arms close. Measure the head first: some 1/2 in couplings are built on the 3/4 body, 32 mm.'
              : 'The gasket in the coupler seals as the arms close. Close both arms together and pin them.',
          sources: [CAM_SOURCE],
          engagementMm: camHeadMm(adapter.size) * 0.6,
        };
    }
  },
});
