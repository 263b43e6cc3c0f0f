import 'server-only';
import {
  type ThreadEnd,
  type ThreadForm,
  formatEnd,
  inchFigure,
  standardWords,
  threadForm,
  threadName,
  threadStandard,
} from '@herrero/core';
import { profileLine } from '@/drawing/geometry/thread-profile';
import { POINTS_PER_MM, type Pdf, writePdf } from './pdf';

export const PAPERS = { letter: 'LETTER', a4: 'A4' } as const;
export type Paper = keyof typeof PAPERS;
export const MOST_THREADS = 12;

const MARGIN_MM = 12;
const COMB_MM = 46;
const ROW_MM = 17.5;
const COLUMN_GAP_MM = 10;
/** The comb stands this much proud of the roots, so that it can be cut out and held. */
const BACK_MM = 5;
/**
 * A sheet of thread combs at true scale, one a thread, with a check ruler of 100 mm and 4 in. Each comb is the counterpart of
 * the thread: what is left when it is cut along its line goes into the roots.
 *
 * @param ends   at most `MOST_THREADS` threads
 * @returns the PDF
 */
export const threadCard = (ends: readonly ThreadEnd[], paper: Paper): Promise<Buffer> =>
  writePdf('Herrero thread card', (doc) => {
    doc.addPage({ size: PAPERS[paper], margin: MARGIN_MM * POINTS_PER_MM });
    const [widthMm, heightMm] = [doc.page.width / POINTS_PER_MM, doc.page.height / POINTS_PER_MM];
    // From here on every figure is a millimetre on paper.
    doc.scale(POINTS_PER_MM);
    heading(doc, widthMm);
    const columnMm = (widthMm - 2 * MARGIN_MM - COLUMN_GAP_MM) / 2;
    for (const [index, end] of ends.entries())
      comb(doc, end, MARGIN_MM + (index % 2) * (columnMm + COLUMN_GAP_MM), 54 + Math.floor(index / 2) * ROW_MM * 1.9);
    checkRuler(doc, heightMm);
  });

function heading(doc: Pdf, widthMm: number): void {
  doc.font('bold').fontSize(8).fillColor('black').text('Thread card', MARGIN_MM, 12, { lineBreak: false });
  doc
    .font('regular')
    .fontSize(3.6)
    .text(
      'Print at 100 %, never "fit to page". Lay a rule on the check ruler below: 100 mm must be 100 mm. Then cut along a comb and lay it into the thread against the light: the right one leaves no light along five crests.',
      MARGIN_MM,
      23,
      { width: widthMm - 2 * MARGIN_MM, lineGap: 0.6 },
    );
}

/** The comb of a thread: its profile as a cutting line, with a back to hold it by, name and figures beneath. */
function comb(doc: Pdf, end: ThreadEnd, x: number, y: number): void {
  const form = threadForm(end);
  const standard = threadStandard(end.standard);

  const perInch = Math.round(standard.threadsPerInch(end.size) * 100) / 100;
  const pitchWords = standard.sizeless ? `${form.pitchMm} mm apart` : `${inchFigure(perInch)} to the inch`;
  const line = profileLine(counterpart(form), { lengthMm: COMB_MM, pxPerMm: 1, zeroMm: form.rootMm / 2 });
  const heightMm = Math.abs(form.crestMm - form.rootMm) / 2;
  doc.save();
  doc.translate(x, y + heightMm + 1);
  doc
    .path(`M0 ${BACK_MM}L${line}L${COMB_MM} ${BACK_MM}Z`)
    .lineWidth(0.18)
    .lineJoin('miter')
    .fillAndStroke('#e4e4e4', 'black');
  doc.restore();
  const below = y + heightMm + BACK_MM + 2.4;
  doc.font('bold').fontSize(4.6).fillColor('black').text(threadName(end), x, below, { lineBreak: false });
  doc
    .font('regular')
    .fontSize(3.4)
    .text(
      `${standardWords(end)}, ${form.flankDeg} degrees, ${form.taper > 0 ? 'tapering' : 'straight'}`,
      x,
      below + 5.4,
      { lineBreak: false },
    )
    .text(
      `${pitchWords}, ${end.sex === 'male' ? 'over' : 'across'} the crests ${form.acrossMm[0].toFixed(2)} to ${form.acrossMm[1].toFixed(2)} mm`,
      x,
      below + 9.8,
      { lineBreak: false },
    );
}

/** What goes into the thread: crest where it has a root. Straight, since five crests of a taper differ by less than a line. */
const counterpart = (form: ThreadForm): ThreadForm => ({ ...form, taper: 0 });

/** 100 mm above, 4 in below one line. */
function checkRuler(doc: Pdf, heightMm: number): void {
  const y = heightMm - MARGIN_MM - 14;
  doc.lineWidth(0.25).strokeColor('black');
  doc
    .moveTo(MARGIN_MM, y)
    .lineTo(MARGIN_MM + 101.6, y)
    .stroke();
  for (let mm = 0; mm <= 100; mm++)
    doc
      .moveTo(MARGIN_MM + mm, y)
      .lineTo(MARGIN_MM + mm, y - (mm % 10 === 0 ? 5 : mm % 5 === 0 ? 3.6 : 2.2))
      .lineWidth(mm % 10 === 0 ? 0.25 : 0.12)
      .stroke();
  for (let sixteenth = 0; sixteenth <= 64; sixteenth++)
    doc
      .moveTo(MARGIN_MM + (sixteenth * 25.4) / 16, y)
      .lineTo(MARGIN_MM + (sixteenth * 25.4) / 16, y + (sixteenth % 16 === 0 ? 5 : sixteenth % 4 === 0 ? 3.6 : 2.2))
      .lineWidth(sixteenth % 16 === 0 ? 0.25 : 0.12)
      .stroke();
  doc.font('regular').fontSize(3.4).fillColor('black');
  doc.text('check ruler: 100 mm', MARGIN_MM + 104, y - 4.4, { lineBreak: false });
  doc.text('4 in', MARGIN_MM + 104, y + 1, { lineBreak: false });
  doc.text(
    'Figures from the named standards as recalled, not compared with the printed books. Try the part on a known one before you rely on it.',
    MARGIN_MM,
    y + 8.4,
    { lineBreak: false },
  );
}

/** The name a card is downloaded under. */
export const cardName = (ends: readonly ThreadEnd[]): string =>
  ends.length === 1 && ends[0]
    ? `thread-card-${formatEnd(ends[0])
        .replaceAll(/[^\w]+/g, '-')
        .toLowerCase()}.pdf`
    : 'thread-card.pdf';
