import 'server-only';
import { sheetsToPdf } from './to-pdf';
import { sheetsToSvg } from './to-svg';

/** A format in which sheets of paper are written: its media type, and how. */
export const SHEET_KINDS = {
  pdf: { type: 'application/pdf', write: sheetsToPdf },
  svg: { type: 'image/svg+xml; charset=utf-8', write: sheetsToSvg },
} as const;
export type SheetKind = keyof typeof SHEET_KINDS;

/** What is drawn for paper, or for a machine and a drawing program. */
export type DrawnKind = SheetKind | 'dxf';
export const DXF_TYPE = 'image/vnd.dxf';
