import 'server-only';
import { POINTS_PER_MM, type Pdf, writePdf } from '../pdf';
import { type Item, type Sheet } from './sheet';

/** The sheets as a PDF, one page each, a millimetre a millimetre. */
export const sheetsToPdf = (sheets: readonly Sheet[], title: string): Promise<Buffer> =>
  writePdf(title, (pdf) => {
    for (const { widthMm, heightMm, items } of sheets) {
      pdf.addPage({ size: [widthMm * POINTS_PER_MM, heightMm * POINTS_PER_MM], margin: 0 });
      // From here on every figure is a millimetre on paper.
      pdf.scale(POINTS_PER_MM);
      for (const item of items) draw(pdf, item);
    }
  });

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
