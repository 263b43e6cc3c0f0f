import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { gapUnderWasher } from '../connections/families/seal-in-hole';
import { parseEnd } from '../connections/parse';
import { newTank } from '../job/new-tank';
import { reachOf, ownWayIn } from './access';
import { faceOf, facesOf, formOf, fromRimM, isUpright, spotOf, wallRadiusM } from './forms';
import { flotation, lidOverGroundM } from './ground';
import { holeForShank } from './hole-saws';
import { levelAtM, outsideOverstates, volumeAtM3, holdsM3 } from './level';
import { clearances, flangeRadiusM, freePlace, noDrillZones, zoneAt } from './no-drill';
import { checkPlanks, emptyKg, footKpa, fullKg } from './stand';
import { setOutTank } from '../edits/set-out-tank';
import { TANK_TYPES, tankType, tankTypesIn, waysOn } from './tank-types';
import type { Tank } from './tank';

const tankOf = (type: string, given: Partial<Tank> = {}): Tank => ({ ...newTank('t', type), label: 'T1', ...given });
const every = TANK_TYPES.map(({ id }) => [id, tankOf(id)] as const);

// A drum of the Americas has 2 NPS in its head, one of anywhere else mostly G 2 (common practice); either is met everywhere.
test('the fine bung of a drum is first asked for as it is usual in a region', () => {
  const [bung] = tankType('closed-drum').ports(tankOf('closed-drum'));
  const ways = (region: Parameters<typeof waysOn>[1]) => (bung ? waysOn(bung, region).map(({ end }) => end) : []);
  expect([ways('US')[0], ways('UK')[0], ways('EU')[0], ways('ANZ')[0]]).toEqual(['2 NPS F', '2 G F', '2 G F', '2 G F']);
  expect(ways('US')).toContain('2 G F');
});

test('a region finds its own crate first, and the other one all the same', () => {
  const ids = (region: Parameters<typeof tankTypesIn>[0]) => tankTypesIn(region).map(({ id }) => id);
  expect(ids('US').indexOf('crate-us')).toBeLessThan(ids('US').indexOf('crate-eu'));
  expect(ids('EU').indexOf('crate-eu')).toBeLessThan(ids('EU').indexOf('crate-us'));
  for (const region of [null, 'US', 'EU'] as const)
    expect(ids(region).toSorted()).toEqual(TANK_TYPES.map(({ id }) => id).toSorted());
});

// Which threads are sold where is common practice, no source.
test.each([
  ['trailer', 'US', '1-1/2 NPT F'],
  ['trailer', 'EU', '1-1/2 G F'],
  ['trailer', 'ANZ', '1-1/2 G F'],
  ['trailer', null, '1-1/2 NPT F'],
  ['crate-eu', 'UK', 'S60x6 M'],
] as const)('a %s set out in %s comes with %s', (type, region, expected) => {
  const ports = setOutTank('t', type, region).flatMap((edit) =>
    edit.type === 'add-penetration' && edit.penetration.portId === 'outlet' ? [edit.penetration.port] : [],
  );
  expect(ports).toEqual([expected]);
});

describe('inside volumes are the closed formulae of solid geometry', () => {
  const shell = (type: string, given: Partial<Tank>): Tank => tankOf(type, { wallM: 0, ...given });
  const inside = (tank: Tank, levelM: number): number => formOf(tank).insideM3(tank, levelM);

  test('cylinder: pi r2 h', () =>
    expect(inside(shell('own-cylinder', { diameterM: 2, baseDiameterM: 2, brimM: 1 }), 0.5)).toBeCloseTo(
      Math.PI * 0.5,
      12,
    ));

  // Frustum of a cone: pi h (R2 + R r + r2) / 3, with r 0.4, R 0.6 and half of its height reaching R 0.5.
  test('tapered: frustum', () => {
    const tank = shell('own-tapered', { baseDiameterM: 0.8, diameterM: 1.2, brimM: 1 });
    expect(inside(tank, 1)).toBeCloseTo((Math.PI * (0.36 + 0.24 + 0.16)) / 3, 12);
    expect(inside(tank, 0.5)).toBeCloseTo((Math.PI * 0.5 * (0.25 + 0.2 + 0.16)) / 3, 12);
  });

  test('box: length times width times depth, inside its walls', () =>
    expect(inside(tankOf('own-box', { lengthM: 1.02, widthM: 0.52, wallM: 0.01 }), 0.4)).toBeCloseTo(0.2, 12));

  // A segment as high as half of the radius holds 0.195501 of the circle (handbook tables of circular segments).
  test('lying: circular segment', () => {
    const tank = shell('own-lying', { lengthM: 2, widthM: 1, heightM: 1, brimM: 1 });
    const whole = (Math.PI / 4) * 2;
    expect(inside(tank, 0.5)).toBeCloseTo(whole / 2, 10);
    expect(inside(tank, 0.25)).toBeCloseTo(whole * 0.195501, 5);
    expect(inside(tank, 1)).toBeCloseTo(whole, 10);
  });

  // The circle of the water is that of the inside: by adding up thin slices, with the wall taken off all round.
  test('lying, with a thick wall: the water stands on the inside of its wall', () => {
    const [wallM, heightM, lengthM, capacityM3] = [0.08, 1, 2, 1.2];
    const tank = shell('own-lying', { lengthM, widthM: heightM, heightM, brimM: 0.92, wallM, capacityM3 });
    const slices = (toM: number): number => {
      const radius = heightM / 2 - wallM;
      const count = 40_000;
      let sum = 0;
      for (let place = 0; place < count; place++) {
        const up = ((place + 0.5) / count) * (toM - wallM);
        sum += Math.sqrt(Math.max(0, radius ** 2 - (up - radius) ** 2));
      }
      return (2 * sum * (toM - wallM)) / count;
    };
    for (const levelM of [0.2, 0.5, 0.8])
      expect(volumeAtM3(tank, levelM)).toBeCloseTo((capacityM3 * slices(levelM)) / slices(0.92), 5);
  });

  test('lying, oval: stretched in proportion to its width', () =>
    expect(inside(shell('own-lying', { lengthM: 2, widthM: 1.5, heightM: 1, brimM: 1 }), 0.25)).toBeCloseTo(
      (Math.PI / 4) * 2 * 1.5 * 0.195501,
      5,
    ));

  // A cylinder of 1 m between two halves of a sphere of 1 m: pi/4 + pi/6; a cap of a quarter metre: pi h2 (3 r - h) / 3.
  test('lying with domed ends: a cylinder and a sphere', () => {
    const tank = shell('buried', { lengthM: 2, widthM: 1, heightM: 1, brimM: 1 });
    expect(inside(tank, 1)).toBeCloseTo(Math.PI / 4 + Math.PI / 6, 10);
    expect(inside(tank, 0.25)).toBeCloseTo((Math.PI / 4) * 0.195501 + (Math.PI * 0.0625 * (1.5 - 0.25)) / 3, 5);
  });
});

// A head of 2:1 holds pi D3 / 24, a full one pi D3 / 12 (handbook formulae); the cylinder between is as much longer as they are shallower.
test.each([
  ['flat', 2, 0],
  ['shallow', 1.5, Math.PI / 12],
  ['full', 1, Math.PI / 6],
] as const)('a lying tank of 2 m and 1 m across with %s ends', (heads, straightM, endsM3) => {
  const tank = tankOf('buried', { lengthM: 2, widthM: 1, heightM: 1, brimM: 1, wallM: 0, heads });
  expect(formOf(tank).insideM3(tank, 1)).toBeCloseTo((Math.PI / 4) * straightM + endsM3, 10);
  expect(formOf(tank).insideM3(tank, 0.5)).toBeCloseTo(((Math.PI / 4) * straightM + endsM3) / 2, 10);
});

// 1.65 m squared times pi is 8.553 m2: 2.338 m of water over a floor of 100 mm are 20 m3.
test('a precast tank holds what its walls leave', () => {
  const tank = tankOf('concrete', {});
  expect(formOf(tank).insideM3(tank, tank.brimM - tank.wallM)).toBeCloseTo(20, 1);
});

// Seen: a cylinder of ten cubic metres went by the thousand litres that it came with. By hand: pi 1.19 squared times 2.19.
test('an own size holds what is inside its dimensions, until somebody says what it holds', () => {
  const tank = tankOf('own-cylinder', { diameterM: 2.4, baseDiameterM: 2.4, brimM: 2.2, heightM: 2.25, wallM: 0.01 });
  expect(holdsM3(tank)).toBeCloseTo(9.7429, 3);
  expect(volumeAtM3(tank, 2.2)).toBeCloseTo(9.7429, 3);
  expect(volumeAtM3({ ...tank, capacityM3: 9.5 }, 2.2)).toBeCloseTo(9.5, 9);
});

describe.each(every)('%s', (_, tank) => {
  const type = tankType(tank.type);

  test('its nominal capacity comes out at the brim and nothing at the floor; the level for a volume leads back', () => {
    expect(volumeAtM3(tank, tank.brimM)).toBeCloseTo(holdsM3(tank), 9);
    expect(volumeAtM3(tank, tank.wallM)).toBe(0);
    expect(volumeAtM3(tank, -1)).toBe(0);
    expect(volumeAtM3(tank, tank.heightM + 1)).toBeCloseTo(holdsM3(tank), 9);
    fc.assert(
      fc.property(fc.double({ min: 0.02, max: 0.98, noNaN: true }), (share) => {
        const level = levelAtM(tank, share * holdsM3(tank));
        expect(volumeAtM3(tank, level)).toBeCloseTo(share * holdsM3(tank), 6);
      }),
    );
  });

  test('more water stands higher', () => {
    const volumes = Array.from({ length: 21 }, (_, step) => volumeAtM3(tank, (tank.brimM * step) / 20));
    for (const [step, volume] of volumes.entries()) expect(volume).toBeGreaterThanOrEqual(volumes[step - 1] ?? 0);
  });

  test('outside dimensions alone overstate it', () => {
    expect(outsideOverstates(tank)).toBeGreaterThan(0);
    expect(outsideOverstates(tank)).toBeLessThan(0.4);
  });

  test('its outline closes on the axis, from the base to its top', () => {
    const outline = type.outline(tank);
    expect(outline[0]?.heightM).toBe(0);
    expect(outline.at(-1)?.radiusM).toBe(0);
    for (const { radiusM } of outline) expect(radiusM).toBeLessThanOrEqual((formOf(tank).acrossM(tank) / 2) * 1.06);
  });

  test('its zones are in order and on faces it has', () => {
    for (const zone of noDrillZones(tank)) {
      expect(zone.fromM).toBeLessThan(zone.toM);
      expect(faceOf(tank, zone.face)).toBeDefined();
    }
  });

  test('its ports are on it, and each way on is an end of a known standard', () => {
    for (const port of type.ports(tank)) {
      const shape = faceOf(tank, port.face);
      expect(port.aroundM).toBeLessThanOrEqual(shape?.acrossM ?? 0);
      expect(port.heightM).toBeLessThanOrEqual(tank.heightM);
      for (const { end } of port.ways) expect([end, parseEnd(end).ok]).toEqual([end, true]);
    }
  });

  test('every face it has is where it says', () => {
    for (const { face, acrossM, alongM, seen } of facesOf(tank)) {
      const middle =
        seen === 'plan'
          ? { face, heightM: tank.heightM, aroundM: acrossM / 2, depthM: alongM / 2 }
          : { face, heightM: alongM / 2, aroundM: acrossM / 2, depthM: 0 };
      const spot = spotOf(tank, middle);
      expect(spot.leftM).toBeGreaterThanOrEqual(-1e-9);
      expect(spot.leftM).toBeLessThanOrEqual(formOf(tank).acrossM(tank) + 1e-9);
      expect(spot.frontM).toBeLessThanOrEqual(formOf(tank).throughM(tank) + 1e-9);
      expect(spot.upM).toBe(face === 'bottom' ? 0 : isUpright(face) ? alongM / 2 : tank.heightM);
    }
  });
});

// Outside sizes against nominal: 239 for 208 L, 1276 for 1041 L, 1218 for 1000 L (typical containers, from memory).
test.each([
  ['closed-drum', 0.1, 0.25],
  ['crate-us', 0.1, 0.25],
  ['crate-eu', 0.1, 0.25],
] as const)('%s: outside dimensions overstate by 10 to 25 %%', (id, least, most) => {
  expect(outsideOverstates(tankOf(id))).toBeGreaterThan(least);
  expect(outsideOverstates(tankOf(id))).toBeLessThan(most);
});

describe('a metered fill', () => {
  const metered = [
    { levelM: 0.25, volumeM3: 0.3 },
    { levelM: 0.75, volumeM3: 0.7 },
  ];
  const tank = tankOf('own-box', { capacityM3: 1, brimM: 1, heightM: 1.1, wallM: 0.001, metered });

  test('comes out at its readings, and between them the shape is stretched', () => {
    expect(volumeAtM3(tank, 0.25)).toBeCloseTo(0.3, 12);
    expect(volumeAtM3(tank, 0.75)).toBeCloseTo(0.7, 12);
    // A box is straight: half-way between two readings half of what lies between.
    expect(volumeAtM3(tank, 0.5)).toBeCloseTo(0.5, 9);
    expect(volumeAtM3(tank, 1)).toBeCloseTo(1, 9);
  });

  test('at the brim it takes the place of the nominal capacity', () =>
    expect(volumeAtM3({ ...tank, metered: [{ levelM: 1, volumeM3: 0.93 }] }, 1)).toBeCloseTo(0.93, 12));
});

describe('where a place on a round wall is', () => {
  const tank = tankOf('own-cylinder', { diameterM: 2, baseDiameterM: 2 });
  const around = 2 * Math.PI;
  test.each([
    ['the mark is at the back', 0, 1, 2],
    ['a quarter round, the left of who stands in front', around / 4, 0, 1],
    ['half round is the front', around / 2, 1, 0],
    ['three quarters, the right', (3 * around) / 4, 2, 1],
  ] as const)('%s', (_, aroundM, leftM, frontM) => {
    const spot = spotOf(tank, { face: 'wall', heightM: 0.5, aroundM, depthM: 0 });
    expect(spot.leftM).toBeCloseTo(leftM, 9);
    expect(spot.frontM).toBeCloseTo(frontM, 9);
  });

  test('its radius is that of the height on a tapering wall, and none on a flat side', () => {
    const tapered = tankOf('own-tapered', { baseDiameterM: 1, diameterM: 2, brimM: 1 });
    expect(wallRadiusM(tapered, { face: 'wall', heightM: 0.5 })).toBeCloseTo(0.75, 12);
    expect(wallRadiusM(tankOf('crate-us'), { face: 'front', heightM: 0.5 })).toBeUndefined();
  });

  test('from the rim of a round top, and from the nearest edge of a box', () => {
    expect(fromRimM(tank, { face: 'top', heightM: 1, aroundM: 0.4, depthM: 1 })).toBeCloseTo(0.4, 12);
    const slim = tankOf('own-box', { lengthM: 2, widthM: 1 });
    expect(fromRimM(slim, { face: 'top', heightM: 1, aroundM: 0.7, depthM: 0.9 })).toBeCloseTo(0.1, 12);
    expect(fromRimM(tank, { face: 'wall', heightM: 1, aroundM: 0.4, depthM: 0 })).toBeUndefined();
  });
});

describe('a hand inside', () => {
  // The lid is 0.4 m wide in the middle of a top of 2 m: its rim is 0.8 m from the wall. 0.8 across and 0.6 down: 1.0 m.
  const tank = tankOf('own-cylinder', { diameterM: 2, baseDiameterM: 2, heightM: 1.2, brimM: 1.1, accessM: 0.4 });
  const lid = [{ leftM: 1, frontM: 1, upM: 1.2, widthM: 0.4 }];
  const low = { face: 'wall', heightM: 0.6, aroundM: Math.PI, depthM: 0 } as const;

  test('reaches by the straight line from the rim of the opening', () => {
    expect(reachOf(tank, low, lid, 0.7)).toMatchObject({ reaches: false, openingM: 0.4 });
    expect(reachOf(tank, low, lid, 0.7).distanceM).toBeCloseTo(1, 9);
    expect(reachOf(tank, low, lid, 1.01).reaches).toBe(true);
    expect(reachOf(tank, { ...low, heightM: 1.2 }, lid, 0.81).reaches).toBe(true);
  });

  test('does not pass a bung of 50 mm, however near', () =>
    expect(reachOf(tank, low, [{ ...lid[0]!, widthM: 0.05 }], 2)).toMatchObject({
      distanceM: undefined,
      reaches: false,
      openingM: 0.05,
    }));

  test('there is none in a closed drum, and the whole top of an open one', () => {
    expect(ownWayIn(tankOf('closed-drum'))).toBeUndefined();
    expect(ownWayIn(tankOf('open-drum'))?.widthM).toBeCloseTo(0.593, 3);
  });
});

describe('what it stands on', () => {
  // Water a metre deep presses 9.80665 kPa whatever the tank (hydrostatics); the rest is the tank itself.
  test('a metre of water in a straight tank presses 9.81 kPa, and its own weight', () => {
    const tank = tankOf('own-box', { lengthM: 1, widthM: 1, brimM: 1, heightM: 1, wallM: 1e-6, capacityM3: 1 });
    expect(fullKg(tank)).toBeCloseTo(1000 + emptyKg(tank), 6);
    expect(footKpa(tank)).toBeCloseTo(9.80665 * (1 + emptyKg(tank) / 1000), 6);
  });

  // By hand: 1000 kg over 4 planks of 1 m covered: 2451.7 N/m. M = 2451.7 x 0.6^2 / 8 = 110.33 Nm, times 1.35 = 148.94 Nm.
  // Z = 0.15 x 0.05^2 / 6 = 62.5e-6 m3: 2.383 MPa. I = 1.5625e-6 m4: sag 5 x 2451.7 x 0.6^4 / (384 x 8e9 x 1.5625e-6) = 0.331 mm.
  test('planks on blocks: bending and sag worked by hand', () => {
    const planks = { count: 4, widthM: 0.15, thickM: 0.05, spanM: 0.6 };
    const checked = checkPlanks(planks, 1000, 1);
    expect(checked.loadNM).toBeCloseTo(2451.7, 1);
    expect(checked.bendingMpa).toBeCloseTo(2.383, 3);
    expect(checked.sagM * 1000).toBeCloseTo(0.331, 3);
    expect(checked.holds).toBe(true);
    expect(checkPlanks({ ...planks, spanM: 1.2 }, 1000, 1).holds).toBe(false);
  });
});

describe('in the ground', () => {
  // A box of 1 m3 wholly under ground water displaces 1000 kg (Archimedes); half under, 500 kg.
  const tank = tankOf('own-box', { lengthM: 1, widthM: 1, heightM: 1, brimM: 0.95, wallM: 0.005, buriedM: 1 });
  test('it is lifted by the water it displaces', () => {
    expect(flotation(tank, 0).liftKg).toBeCloseTo(1000, 9);
    expect(flotation(tank, 0.5).liftKg).toBeCloseTo(500, 9);
    expect(flotation(tank, 1).missingKg).toBe(0);
  });
  test('its own weight, the ground on it and its anchors hold it', () => {
    // Half a metre of ground under water on one square metre: 450 kg (900 kg/m3 beyond the water it displaces).
    const deep = { ...tank, buriedM: 1.5 };
    expect(flotation(deep, 0).heldKg).toBeCloseTo(450 + emptyKg(tank), 9);
    const { missingKg } = flotation(deep, 0);
    expect(missingKg).toBeCloseTo(550 - emptyKg(tank), 9);
    expect(flotation({ ...deep, anchorKg: missingKg }, 0).missingKg).toBeCloseTo(0, 9);
  });
  test('how far its lid stands out', () => expect(lidOverGroundM({ ...tank, heightM: 1.1 })).toBeCloseTo(0.1, 12));
});

describe('a flange on the wall', () => {
  // Rise of an arc: r - sqrt(r2 - (w/2)2): 300 - sqrt(90000 - 900) = 1.504.
  test('the gap under a flat washer, by hand', () => {
    expect(gapUnderWasher(60, 300)).toBeCloseTo(1.504, 3);
    expect(gapUnderWasher(600, 300)).toBe(Infinity);
  });

  const drum = tankOf('open-drum');
  const at = (heightM: number, aroundM = 0.5) => ({ face: 'wall', heightM, aroundM, depthM: 0 }) as const;

  test('moves to the nearest height at which it lies flat', () => {
    const zones = noDrillZones(drum);
    const free = freePlace(drum, at(0.34 * 0.93 + 0.01), 0.03);
    // The hoop is 20 mm to either side of 34 % of the height: the flange goes 30 mm beyond it.
    expect(free?.heightM).toBeCloseTo(0.34 * 0.93 + 0.02 + 0.03, 9);
    expect(free && zoneAt(zones, free, 0.03)).toBeUndefined();
  });

  test('stays where it is if it is flat there, and has no place if it is larger than the wall', () => {
    expect(freePlace(drum, at(0.2), 0.03)).toEqual(at(0.2));
    expect(freePlace(drum, at(0.2), 0.5)).toBeUndefined();
  });

  test('keeps to the fields it may change, and to heights between', () => {
    // On a hoop and across the seam: by height alone it cannot get clear of the seam.
    const both = at(0.34 * 0.93, 0.01);
    expect(freePlace(drum, both, 0.03, { fields: ['heightM'] })).toBeUndefined();
    expect(freePlace(drum, both, 0.03)?.aroundM).toBeCloseTo(0.015 + 0.03, 9);
    // Above the hoop it lies flat from 366 mm on; held below 300 mm it goes down instead.
    expect(freePlace(drum, at(0.34 * 0.93 + 0.01), 0.03, { mostUpM: 0.3 })?.heightM).toBeCloseTo(
      0.34 * 0.93 - 0.02 - 0.03,
      9,
    );
    expect(freePlace(drum, at(0.1), 0.03, { leastUpM: 0.9 })).toBeUndefined();
  });

  test('comes to stand on a mark of the tape where one is as good', () => {
    // Above the hoop it lies flat from 366.2 mm on, and may touch by half of one: 366 mm, and 14-7/16 in.
    const low = at(0.34 * 0.93 + 0.01);
    expect(freePlace(drum, low, 0.03, { fields: ['heightM'], marksM: 0.001 })?.heightM).toBeCloseTo(0.366, 9);
    expect(freePlace(drum, low, 0.03, { fields: ['heightM'], marksM: 0.0254 / 16 })?.heightM).toBeCloseTo(
      14.4375 * 0.0254,
      9,
    );
    // Below the hoop, the mark under the edge; with no mark between the limits it stays at the edge.
    expect(freePlace(drum, low, 0.03, { mostUpM: 0.3, marksM: 0.001 })?.heightM).toBeCloseTo(0.266, 9);
    expect(freePlace(drum, low, 0.03, { mostUpM: 0.3, leastUpM: 0.266, marksM: 0.05 })?.heightM).toBeCloseTo(0.2662, 9);
    // On a top the height is that of the top, on a mark or not.
    const upright = tankOf('vertical-round');
    const lid = { face: 'top', heightM: 1.2001, aroundM: upright.diameterM / 2 + 0.1, depthM: upright.diameterM / 2 };
    expect(freePlace(upright, { ...lid, face: 'top' }, 0.04, { marksM: 0.001 })?.heightM).toBe(1.2001);
  });

  test('ribs that were measured take the place of those that are only usual; level ones go round, upright ones stand', () => {
    const bare = tankOf('open-drum', { ribs: [] });
    expect(noDrillZones(bare).map(({ reason }) => reason)).not.toContain('hoop');
    const ribbed = tankOf('open-drum', { ribs: [{ runs: 'level', atM: 0.5, widthM: 0.03 }] });
    // A rib of 30 mm at 500: the flange of 30 mm goes to 500 + 15 + 30.
    expect(freePlace(ribbed, at(0.51), 0.03)?.heightM).toBeCloseTo(0.545, 9);
    expect(freePlace(ribbed, at(0.34 * 0.93), 0.03)).toEqual(at(0.34 * 0.93));
    const slim = tankOf('slimline', { ribs: [{ runs: 'upright', atM: 0.9, widthM: 0.1 }] });
    const onFace = (face: 'front' | 'left') => ({
      face,
      heightM: 0.9,
      aroundM: face === 'front' ? 0.92 : 0.3,
      depthM: 0,
    });
    expect(freePlace(slim, onFace('front'), 0.03)?.aroundM).toBeCloseTo(0.98, 9);
    expect(freePlace(slim, onFace('left'), 0.03)).toEqual(onFace('left'));
    // Those of a lying tank go round it: on its top they lie across, on its ends there are none.
    const buried = tankOf('buried', { ribs: [{ runs: 'upright', atM: 0.5, widthM: 0.25 }] });
    expect(noDrillZones(buried).filter(({ reason }) => reason === 'rib')).toMatchObject([
      { face: 'top', along: 'round', fromM: 0.375, toM: 0.625 },
      { face: 'bottom', along: 'round' },
    ]);
  });

  test('clearance names the nearest band above, below and to the sides', () => {
    // The foot of a drum ends at 45 mm: 100 - 30 - 45 = 25 mm; the hoop begins at 34 % of 930 less 20 mm.
    const found = clearances(noDrillZones(drum), at(0.1), 0.03);
    expect(found.map(({ reason }) => reason)).toEqual(['hoop', 'foot', 'seam', 'seam']);
    expect(found[1]?.gapM).toBeCloseTo(0.025, 9);
    expect(found[0]?.gapM).toBeCloseTo(0.34 * 0.93 - 0.02 - 0.1 - 0.03, 9);
  });

  test('a ring of a top moves it outward or inward', () => {
    const upright = tankOf('vertical-round');
    const lid = {
      face: 'top',
      heightM: 1.2,
      aroundM: upright.diameterM / 2 + 0.1,
      depthM: upright.diameterM / 2,
    } as const;
    const zones = noDrillZones(upright);
    expect(zoneAt(zones, lid, 0.04)?.reason).toBe('lid');
    const free = freePlace(upright, lid, 0.04);
    expect(free && zoneAt(zones, free, 0.04)).toBeUndefined();
  });

  test('takes the flat of what seals it, at least its hole', () => {
    // The gasket's lip overlaps a hole of 1 in by 7.6 mm all round; a bulkhead of 1/2 in has a flange of (1.75 + 2.4) / 2 in.
    expect(flangeRadiusM('1/2', undefined, 'gasket')).toBeCloseTo((25.4 + 15.2) / 2000, 9);
    expect(flangeRadiusM('1/2', undefined)).toBeCloseTo((2.075 * 25.4) / 2000, 9);
    expect(flangeRadiusM('1/2', 0.2)).toBeCloseTo(0.1, 9);
  });
});

test('a type that is not known is a tank of its own dimensions, and says so', () =>
  expect(tankType('barrel')).toMatchObject({
    id: 'barrel',
    ownSize: true,
    name: 'Of a type that is not known (barrel)',
  }));

describe('a measured shank', () => {
  // A shank of 40.0 mm passes with 0.8 mm of play: of the inch set 1-5/8 in (41.3 mm), of the metric set 41 mm.
  test('takes the smallest saw that leaves it play', () => {
    expect(holeForShank(0.04, 'in-gal').sawM).toBeCloseTo(1.625 * 0.0254, 9);
    expect(holeForShank(0.04, 'mm-l').sawM).toBeCloseTo(0.041, 9);
  });
  test('has no saw where the set has a gap: cut to a template', () =>
    expect(holeForShank(0.17, 'mm-l')).toMatchObject({ leastM: 0.1708, sawM: undefined }));
});

test('a head that is cut off as a lid keeps the two bungs of its drum', () => {
  const portsOf = (type: string): readonly string[] =>
    tankType(type)
      .ports(tankType(type).defaults)
      .map(({ id, face }) => `${id} ${face}`);
  expect(portsOf('cut-drum')).toEqual(['fine-bung top', 'coarse-bung top']);
  expect(portsOf('cut-drum')).toEqual(portsOf('closed-drum'));
});
