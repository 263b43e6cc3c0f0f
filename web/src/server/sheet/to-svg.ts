import { type Item, type Sheet } from './sheet';

const GAP_MM = 10;
const escaped = (text: string): string =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;');
const figure = (value: number): string => `${Math.round(value * 1000) / 1000}`;

/** The sheets below one another as one SVG whose unit is the millimetre. */
export function sheetsToSvg(sheets: readonly Sheet[], title: string): string {
  const widthMm = Math.max(...sheets.map((sheet) => sheet.widthMm), 1);
  const heightMm = sheets.reduce((sum, sheet) => sum + sheet.heightMm + GAP_MM, 0);
  const pages = sheets.map((sheet, index) => {
    const y = sheets.slice(0, index).reduce((sum, before) => sum + before.heightMm + GAP_MM, 0);
    return `<svg x="0" y="${figure(y)}" width="${figure(sheet.widthMm)}" height="${figure(sheet.heightMm)}" viewBox="0 0 ${figure(sheet.widthMm)} ${figure(sheet.heightMm)}"><title>${escaped(sheet.title)}</title>${sheet.items.map(element).join('')}</svg>`;
  });
  return `<?xml version="1.0" encoding="UTF-8"?>\n<svg xmlns="http://www.w3.org/2000/svg" width="${figure(widthMm)}mm" height="${figure(heightMm)}mm" viewBox="0 0 ${figure(widthMm)} ${figure(heightMm)}" fill="none" stroke="black" font-family="Archivo, Arial, sans-serif"><title>${escaped(title)}</title>${pages.join('')}</svg>\n`;
}

function element(item: Item): string {
  if (item.kind === 'text') {
    const turn = item.upright ? ` transform="rotate(-90 ${figure(item.x)} ${figure(item.y)})"` : '';
    return `<text x="${figure(item.x)}" y="${figure(item.y)}" font-size="${item.sizeMm}" font-weight="${item.bold ? 700 : 400}" text-anchor="${item.anchor}" fill="black" stroke="none"${turn}>${escaped(item.text)}</text>`;
  }
  const dash = item.dashMm ? ` stroke-dasharray="${item.dashMm.join(' ')}" stroke-linecap="round"` : '';
  const shared = `class="${item.layer}" stroke-width="${item.weightMm}"${dash}`;
  return item.kind === 'line'
    ? `<line x1="${figure(item.x1)}" y1="${figure(item.y1)}" x2="${figure(item.x2)}" y2="${figure(item.y2)}" ${shared}/>`
    : `<circle cx="${figure(item.x)}" cy="${figure(item.y)}" r="${figure(item.radiusMm)}" ${shared}/>`;
}
