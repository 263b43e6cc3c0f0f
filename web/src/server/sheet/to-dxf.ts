import { Colors, DxfWriter, TextHorizontalAlignment, Units, point3d } from '@tarikjabiri/dxf';
import { type Item, LAYERS, type Sheet } from './sheet';

const GAP_MM = 20;
/** The sheets beside one another as a DXF in millimetres, a layer for each kind of line; what is cut is on `cut` alone. */
export function sheetsToDxf(sheets: readonly Sheet[]): string {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Millimeters);
  for (const layer of LAYERS) dxf.addLayer(layer, layer === 'cut' ? Colors.Red : Colors.White, 'Continuous');
  let left = 0;
  for (const sheet of sheets) {
    for (const item of sheet.items) draw(dxf, item, left, sheet.heightMm);
    left += sheet.widthMm + GAP_MM;
  }
  return dxf.stringify();
}

const ALIGN = {
  start: TextHorizontalAlignment.Left,
  middle: TextHorizontalAlignment.Center,
  end: TextHorizontalAlignment.Right,
} as const;

/** A caret and two percent signs say something else in a text of DXF: here they stand for themselves. */
const literal = (text: string): string => text.replaceAll('^', '^ ').replaceAll('%%', '%%%%%%');

/** DXF counts upward: the lower edge of the paper, the base of the tank, is nought. */
function draw(dxf: DxfWriter, item: Item, left: number, heightMm: number): void {
  const at = (x: number, y: number) => point3d(left + x, heightMm - y, 0);
  const options = { layerName: item.layer };
  if (item.kind === 'line') dxf.addLine(at(item.x1, item.y1), at(item.x2, item.y2), options);
  else if (item.kind === 'circle') dxf.addCircle(at(item.x, item.y), item.radiusMm, options);
  else
    dxf.addText(at(item.x, item.y), item.sizeMm, literal(item.text), {
      ...options,
      ...(item.anchor === 'start'
        ? {}
        : { horizontalAlignment: ALIGN[item.anchor], secondAlignmentPoint: at(item.x, item.y) }),
      ...(item.upright ? { rotation: 90 } : {}),
    });
}
