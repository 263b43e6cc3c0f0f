import 'server-only';
import path from 'node:path';
import PDFDocument from 'pdfkit';

export const POINTS_PER_MM = 72 / 25.4;
export type Pdf = InstanceType<typeof PDFDocument>;

/** The server runs in `web/`, where the fonts of the PDFs lie. */
const fontFile = (name: string): string => path.join(process.cwd(), 'assets', 'fonts', `${name}.ttf`);

/**
 * Writes a PDF with the fonts of the application, `regular` and `bold`. What draws it makes its pages itself.
 *
 * @returns its bytes
 */
export async function writePdf(title: string, draw: (pdf: Pdf) => void): Promise<Buffer> {
  const pdf = new PDFDocument({ autoFirstPage: false, info: { Title: title, Creator: 'Herrero' } });
  const chunks: Buffer[] = [];
  const written = new Promise<Buffer>((resolve, reject) => {
    pdf.on('data', (chunk: Buffer) => chunks.push(chunk));
    pdf.on('end', () => resolve(Buffer.concat(chunks)));
    pdf.on('error', reject);
  });
  pdf.registerFont('regular', fontFile('Archivo-Regular'));
  pdf.registerFont('bold', fontFile('Archivo-Bold'));
  draw(pdf);
  pdf.end();
  return written;
}
