import { houseLine, roof } from './figures';
import { roofInto, threaded } from './habits';
import { definePattern } from './pattern';

const FIRE_UP_M = 0.2;

/** The house draws above the reserve; the fire line draws below it, by a flange of its own. */
export const corrugatedFire = definePattern({
  id: 'corrugated-fire',
  name: 'Corrugated steel tank with liner and fire reserve',
  says: 'A lined steel tank put together on site: flanges that clamp the liner, a house outlet above the reserve, a fire coupling below it, overflow and drain.',
  figures: {
    reserveM3: {
      kind: 'volume',
      above: 0,
      most: 20,
      default: 10,
      words: 'reserve',
      asked: 'Kept for the fire service',
    },
    roofM2: roof(80, 1000),
    houseM: houseLine(12),
  },
  build(kit, { reserveM3, roofM2, houseM }) {
    kit.set({ sunPlan: 'shaded', frostPlan: 'none-here' });
    const tank = kit.tank('corrugated', { purposes: ['fire', 'wash'] });
    const areaM2 = (Math.PI / 4) * (tank.diameterM - 2 * tank.wallM) ** 2;
    const flange = (
      name: string,
      roles: Parameters<typeof kit.opening>[0]['roles'],
      size: '1-1/2' | '2',
      heightM: number,
    ) => kit.opening({ tank: tank.id, name, roles, size, heightM, seals: ['bolted-flange'] });
    // What is below it is kept; its lower lip may stand a hand over the reserve.
    const houseUpM = FIRE_UP_M + reserveM3 / areaM2 + 0.1;
    const house = flange('House outlet', ['draw-off'], '1-1/2', houseUpM);
    const fire = flange('Fire outlet', ['draw-off'], '2', FIRE_UP_M);
    const drain = flange('Drain', ['drain'], '1-1/2', 0.14);
    kit.line(
      house.out,
      [
        { part: 'Lever valve', boreMm: 40 },
        { part: 'Union', boreMm: 40 },
        { part: 'Pipe', boreMm: 40, lengthM: houseM, held: true, slope: { by: 'rise', riseM: -houseUpM } },
      ],
      kit.place({
        id: 'house',
        name: 'house',
        kind: 'fixture',
        placed: { by: 'away', distanceM: houseM },
        readings: [{ from: { of: 'ground' }, by: 'tape', downM: 0 }],
        wantsKpa: 0,
      }),
    );
    kit.line(
      fire.out,
      [{ part: 'Lever valve', boreMm: 52 }],
      kit.place({
        id: 'fire',
        name: 'fire coupling',
        kind: 'fire',
        offers: '2 cam coupler',
        reserveM3,
        placed: { by: 'away', distanceM: 1 },
        readings: [{ from: { of: 'ground' }, by: 'tape', downM: -0.2 }],
      }),
    );
    kit.line(drain.out, [
      { part: 'Lever valve', boreMm: 40 },
      { part: 'Plug', which: threaded('1-1/2') },
    ]);
    const overflow = kit.opening({
      tank: tank.id,
      name: 'Overflow',
      roles: ['overflow'],
      size: kit.by({ US: '4', else: '3' }),
      seals: ['bolted-flange'],
      supported: true,
    });
    kit.line(overflow.out, [
      // The neck of the flange is as wide as thicker pipe: what everybody has is asked for.
      { part: 'Pipe', lengthM: 0.4, held: true, ...kit.by({ US: { boreMm: 102 }, else: {} }) },
      { part: 'Elbow', points: 'down' },
      { part: 'Pipe', lengthM: 1.4, held: true },
      { part: 'Overflow screen' },
    ]);
    const inlet = kit.opening({
      tank: tank.id,
      name: 'Inlet basket',
      roles: ['inlet'],
      size: '4',
      face: 'top',
      seals: ['drop-grate'],
    });
    roofInto(kit, inlet, { areaM2: roofM2, gutterM: 3.5 });
  },
});
