import { definePattern } from './pattern';

/** Its only flat is low in front; the tap is set where a can goes under it. */
export const binTap = definePattern({
  id: 'bin-tap',
  name: 'Bin or tub with one tap',
  says: 'It catches from above through a screen and is drawn by one tap; the rest runs over its rim.',
  figures: {
    diameterM: { kind: 'length', least: 0.4, most: 0.8, default: 0.5, words: 'diameter', asked: 'Across its rim' },
    heightM: { kind: 'length', least: 0.4, most: 0.75, default: 0.7, words: 'height', asked: 'Height of its rim' },
    blocksM: { kind: 'length', least: 0, most: 0.6, default: 0.4, words: 'blocks', asked: 'Stands up on blocks' },
  },
  build(kit, { diameterM, heightM, blocksM }) {
    kit.set({ sunPlan: 'shaded', frostPlan: 'drained' });
    const bin = kit.tank('bin', {
      capacityM3: null,
      diameterM,
      baseDiameterM: 0.85 * diameterM,
      brimM: heightM,
      heightM: heightM + 0.03,
      accessM: diameterM - 0.06,
      base: 'blocks',
      plinthM: blocksM,
      mayRunOver: true,
      purposes: ['garden'],
    });
    kit.opening({
      tank: bin.id,
      name: 'Screened top',
      roles: ['inlet'],
      size: '4',
      face: 'top',
      seals: ['drop-grate'],
    });
    kit.opening({
      tank: bin.id,
      name: 'Tap',
      roles: ['draw-off'],
      size: '3/4',
      heightM: 0.1,
      seals: ['tap-shank'],
    });
  },
});
