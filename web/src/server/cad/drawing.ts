import 'server-only';
import { Colors, DxfWriter, Units, point3d } from '@tarikjabiri/dxf';

/** A point in real millimetres. */
export interface CadPoint {
  readonly x: number;
  readonly y: number;
  readonly z: number;
}

/** What is drawn how: a layer for each kind of thing, its colour and its line. */
export interface CadLayer {
  readonly name: string;
  readonly colour?: 'red' | 'blue' | 'green' | 'grey';
  readonly line?: 'solid' | 'dashed' | 'dotted' | 'centre';
}

const COLOURS = { red: Colors.Red, blue: Colors.Blue, green: Colors.Green, grey: 8 } as const;
/** Dashes and gaps of each line [mm]; a dot is 0, a gap negative. */
const LINES = {
  solid: undefined,
  dashed: { name: 'DASHED', says: '__ __ __', elements: [30, -15] },
  dotted: { name: 'DOT', says: '. . . .', elements: [0, -15] },
  centre: { name: 'CENTER', says: '____ _ ____', elements: [60, -15, 15, -15] },
} as const;

/** A caret and two percent signs say something else in a text of DXF: here they stand for themselves. */
export const literal = (text: string): string => text.replaceAll('^', '^ ').replaceAll('%%', '%%%%%%');

/** A drawing in real millimetres, at one scale: model space and nothing else, with how far it reaches. */
export interface CadDrawing {
  readonly line: (layer: string, from: CadPoint, to: CadPoint) => void;
  readonly circle: (layer: string, middle: CadPoint, radiusMm: number) => void;
  readonly outline: (layer: string, points: readonly CadPoint[]) => void;
  readonly text: (layer: string, at: CadPoint, sizeMm: number, words: string) => void;
  /** Something that is drawn once and stands in many places, turned about its upright. */
  readonly symbol: (layer: string, name: string, at: CadPoint, sizeMm: number) => void;
  readonly written: () => string;
}

export function cadDrawing(layers: readonly CadLayer[]): CadDrawing {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Millimeters);
  for (const kind of Object.values(LINES)) if (kind) dxf.tables.addLType(kind.name, kind.says, [...kind.elements]);
  for (const { name, colour, line = 'solid' } of layers)
    dxf.addLayer(name, colour ? COLOURS[colour] : Colors.White, LINES[line]?.name ?? 'Continuous');
  const reach = { low: [Infinity, Infinity, Infinity], high: [-Infinity, -Infinity, -Infinity] };
  const seen = ({ x, y, z }: CadPoint, round = 0): void => {
    for (const [axis, value] of [x, y, z].entries()) {
      const wide = axis < 2 ? round : 0;
      reach.low[axis] = Math.min(reach.low[axis] ?? 0, value - wide);
      reach.high[axis] = Math.max(reach.high[axis] ?? 0, value + wide);
    }
  };
  const at = (point: CadPoint, round = 0) => {
    seen(point, round);
    return point3d(point.x, point.y, point.z);
  };
  const blocks = new Set<string>();
  /** A ball seen from above: a circle of one millimetre, to be drawn as large as what it stands for. */
  const blockOf = (name: string): string => {
    const own = `PART_${name.replaceAll(/[^A-Z0-9]/gi, '_')}`;
    if (!blocks.has(own)) dxf.addBlock(own).addCircle(point3d(0, 0, 0), 0.5, {});
    blocks.add(own);
    return own;
  };
  return {
    line: (layerName, from, to) => void dxf.addLine(at(from), at(to), { layerName }),
    circle: (layerName, middle, radiusMm) => void dxf.addCircle(at(middle, radiusMm), radiusMm, { layerName }),
    outline: (layerName, points) =>
      points.forEach((from, place) => {
        const to = points[(place + 1) % points.length];
        if (to) dxf.addLine(at(from), at(to), { layerName });
      }),
    text: (layerName, place, sizeMm, words) => void dxf.addText(at(place), sizeMm, literal(words), { layerName }),
    symbol: (layerName, name, place, sizeMm) =>
      void dxf.addInsert(blockOf(name), at(place, sizeMm / 2), {
        layerName,
        scaleFactor: { x: sizeMm, y: sizeMm, z: sizeMm },
      }),
    written: () => {
      const corner = (values: readonly number[]) => ({ 10: values[0] ?? 0, 20: values[1] ?? 0, 30: values[2] ?? 0 });
      if (Number.isFinite(reach.low[0])) {
        dxf.setVariable('$EXTMIN', corner(reach.low));
        dxf.setVariable('$EXTMAX', corner(reach.high));
      }
      return dxf.stringify();
    },
  };
}
