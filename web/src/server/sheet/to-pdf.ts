import 'server-only';
import path from 'node:path';
import PDFDocument from 'pdfkit';
import { type Item, type Sheet } from './sheet';

const POINTS_PER_MM = 72 / 25.4;
/** The server runs in `web/`, where the fonts of the PDFs lie. */
const fontFile = (name: string): string => path.join(process.cwd(), 'assets', 'fonts', `${name}.ttf`);

type Doc = InstanceType<typeof PDFDocument>;

/** The sheets as a PDF, one page each, a millimetre a millimetre. */
export async function sheetsToPdf(sheets: readonly Sheet[], title: string): Promise<Buffer> {
  const doc = new PDFDocument({ autoFirstPage: false, info: { Title: title, Creator: 'Herrero' } });
  const chunks: Buffer[] = [];
  const written = new Promise<Buffer>((resolve, reject) => {
    doc.on('data', (chunk: Buffer) => chunks.push(chunk));
    doc.on('end', () => resolve(Buffer.concat(chunks)));
    doc.on('error', reject);
  });
  doc.registerFont('regular', fontFile('Archivo-Regular'));
  doc.registerFont('bold', fontFile('Archivo-Bold'));
  for (const { widthMm, heightMm, items } of sheets) {
    doc.addPage({ size: [widthMm * POINTS_PER_MM, heightMm * POINTS_PER_MM], margin: 0 });
    // From here on every figure is a millimetre on paper.
    doc.scale(POINTS_PER_MM);
    for (const item of items) draw(doc, item);
  }
  doc.end();
  return written;
}

function draw(doc: Doc, item: Item): void {
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

function write(doc: Doc, { text, x, y, sizeMm, bold, anchor, upright }: Extract<Item, { kind: 'text' }>): void {
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
