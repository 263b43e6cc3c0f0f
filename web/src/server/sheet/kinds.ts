import 'server-only';
import { sheetsToDxf } from './to-dxf';
import { sheetsToPdf } from './to-pdf';
import { sheetsToSvg } from './to-svg';

/** A format in which sheets are written: its media type, and how. */
export const SHEET_KINDS = {
  pdf: { type: 'application/pdf', write: sheetsToPdf },
  svg: { type: 'image/svg+xml; charset=utf-8', write: sheetsToSvg },
  dxf: { type: 'image/vnd.dxf', write: sheetsToDxf },
} as const;
export type SheetKind = keyof typeof SHEET_KINDS;
