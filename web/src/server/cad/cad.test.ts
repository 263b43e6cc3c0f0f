import { drillHoles, emptyJob, plan, ternPoint } from '@herrero/core';
import DxfParser from 'dxf-parser';
import { describe, expect, test } from 'vitest';
import { crateOverflow, fourDrums } from '../../../../core/src/test/layouts';
import { drillingDxf } from './drilling-dxf';
import { spaceDxf } from './space-dxf';

// Read back by a parser of the registry, which knows nothing of what wrote it.
const read = (text: string | undefined) => {
  const drawing = new DxfParser().parseSync(text ?? '');
  if (!drawing) throw new Error('no drawing');
  return drawing as typeof drawing & { readonly header: Readonly<Record<string, { x: number; y: number; z: number }>> };
};
type Circle = {
  readonly type: string;
  readonly layer: string;
  readonly radius: number;
  readonly center: { x: number; y: number };
};
type Line = {
  readonly type: string;
  readonly layer: string;
  readonly vertices: readonly { x: number; y: number; z: number }[];
};
const circles = (drawing: ReturnType<typeof read>, layer: string) =>
  (drawing.entities as unknown as readonly Circle[]).filter((one) => one.type === 'CIRCLE' && one.layer === layer);
const lines = (drawing: ReturnType<typeof read>, layer: string) =>
  (drawing.entities as unknown as readonly Line[]).filter((one) => one.type === 'LINE' && one.layer === layer);

describe('the holes of a tank for a machine', () => {
  const planned = plan(ternPoint());
  const tank = ternPoint().tanks.find(({ id }) => id === 't2')!;
  const holes = drillHoles(tank, planned.context);
  const drawing = read(drillingDxf(tank, holes, 'mm-l'));

  test('one circle on cut for each hole whose size is known, as large as it is', () => {
    const known = holes.flatMap(({ diameterM }) => diameterM ?? []);
    const inOrder = (radii: readonly number[]) =>
      radii.map((radius) => Math.round(radius * 1000)).toSorted((a, b) => a - b);
    expect(inOrder(circles(drawing, 'cut').map(({ radius }) => radius))).toEqual(
      inOrder(known.map((metres) => metres * 500)),
    );
    expect(circles(drawing, 'cut')).toHaveLength(known.length);
  });

  test('in real millimetres from the mark and the base', () => {
    const [{ hole } = holes[0]!] = holes.filter(
      ({ hole: one, diameterM }) => one.face === 'wall' && diameterM !== undefined,
    );
    expect(
      circles(drawing, 'cut').some(
        ({ center: { x, y } }) => Math.abs(x - hole.aroundM * 1000) < 1e-6 && Math.abs(y - hole.heightM * 1000) < 1e-6,
      ),
    ).toBe(true);
  });

  test('says in what it is measured and how far it reaches; nothing of it is paper', () => {
    expect(drawing.header['$INSUNITS']).toBe(4);
    expect((drawing.header['$EXTMAX']?.x ?? 0) - (drawing.header['$EXTMIN']?.x ?? 0)).toBeGreaterThan(1000);
    expect(drawing.entities.every((one) => !(one as { inPaperSpace?: boolean }).inPaperSpace)).toBe(true);
  });
});

describe('runs in space for a drawing program', () => {
  const drawing = read(spaceDxf(plan(fourDrums())));

  test('pieces lie where they lie, at one scale: the manifold at 450 mm, the drums 650 mm apart', () => {
    const level = lines(drawing, 'pipe').filter(
      ({ vertices: [a, b] }) => Math.abs((a?.z ?? 0) - 450) < 0.1 && Math.abs((b?.z ?? 0) - 450) < 0.1,
    );
    // Stub, four lengths of the manifold, of which one is in two, and the end to the tap.
    expect(level).toHaveLength(6);
    const tanks = circles(drawing, 'tank').map(({ center: { x } }) => x);
    expect([...new Set(tanks.map((x) => Math.round(x)))].toSorted((a, b) => a - b)).toEqual([0, 650, 1300, 1950]);
  });

  test('a part that stands in several places is one block, and a shared line is drawn once', () => {
    const inserts = (drawing.entities as unknown as readonly { type: string; name: string }[]).filter(
      ({ type }) => type === 'INSERT',
    );
    expect(inserts.filter(({ name }) => name === 'PART_TS_075')).toHaveLength(4);
    expect(Object.keys(drawing.blocks).filter((name) => name === 'PART_TS_075')).toHaveLength(1);
    expect(lines(drawing, 'pipe')).toHaveLength(10);
  });

  test('what falls keeps its fall: 1 in 60 over the last piece', () => {
    const falls = lines(read(spaceDxf(plan(crateOverflow()))), 'pipe').map(({ vertices: [a, b] }) => {
      const level = Math.hypot((b?.x ?? 0) - (a?.x ?? 0), (b?.y ?? 0) - (a?.y ?? 0));
      return level < 1 ? 0 : ((a?.z ?? 0) - (b?.z ?? 0)) / level;
    });
    expect(falls.filter((fall) => Math.abs(fall - 1 / 60) < 1e-4)).toHaveLength(3);
  });

  test('an empty job has none', () => expect(spaceDxf(plan(emptyJob('Empty', 'mm-l')))).toBeUndefined());
});
