import 'server-only';
import { POINTS_PER_MM, type Pdf, writePdf } from '../pdf';
import { type Item, type Sheet } from './sheet';

/** The sheets as a PDF, one page each, a millimetre a millimetre, with a bookmark where another sheet begins. */
export const sheetsToPdf = (sheets: readonly Sheet[], title: string): Promise<Buffer> =>
  writePdf(title, (pdf) => {
    printTrue(pdf);
    for (const [index, { widthMm, heightMm, title: of, items }] of sheets.entries()) {
      pdf.addPage({ size: [widthMm * POINTS_PER_MM, heightMm * POINTS_PER_MM], margin: 0 });
      if (partOf(of) !== partOf(sheets[index - 1]?.title)) pdf.outline.addItem(partOf(of));
      // From here on every figure is a millimetre on paper.
      pdf.scale(POINTS_PER_MM);
      for (const item of items) draw(pdf, item);
    }
  });

/** What a page is a part of: its title without its number, without its tile. */
const partOf = (title = ''): string => title.replace(/(, \d+| tile \d+| in words)$/, '');

/** What is drawn at true scale is printed so: no program fits it to the paper unasked (ISO 32000-1, 12.2). */
function printTrue(pdf: Pdf): void {
  const { _root: root } = pdf as unknown as { _root: { data: Record<string, unknown> } };
  root.data['ViewerPreferences'] = pdf.ref({ PrintScaling: 'None' });
}

function draw(doc: Pdf, item: Item): void {
  if (item.kind === 'text') return write(doc, item);
  if (item.dashMm) doc.lineCap('round').dash(item.dashMm[0], { space: item.dashMm[1] });
  else doc.lineCap('butt').undash();
  doc.lineWidth(item.weightMm).strokeColor('black');
  if (item.kind === 'line') doc.moveTo(item.x1, item.y1).lineTo(item.x2, item.y2).stroke();
  else doc.circle(item.x, item.y, item.radiusMm).stroke();
  doc.undash();
}

/** The baseline stands at y, as in the other formats; Archivo rises to about 0.88 of its size. */
const ASCENT = 0.88;

function write(doc: Pdf, { text, x, y, sizeMm, bold, anchor, upright }: Extract<Item, { kind: 'text' }>): void {
  doc
    .font(bold ? 'bold' : 'regular')
    .fontSize(sizeMm)
    .fillColor('black');
  const width = doc.widthOfString(text);
  const left = anchor === 'end' ? x - width : anchor === 'middle' ? x - width / 2 : x;
  doc.save();
  if (upright) doc.rotate(-90, { origin: [x, y] });
  doc.text(text, left, y - sizeMm * ASCENT, { lineBreak: false });
  doc.restore();
}
