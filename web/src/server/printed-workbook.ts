import 'server-only';
import { type PaperSize } from '@herrero/core';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import writeExcelFile, { type Sheet } from 'write-excel-file/node';

/** By the numbers of ECMA-376, part 1, 18.3.1.63 (`paperSize`). */
const PAPER_NUMBER: Readonly<Record<PaperSize, number>> = { letter: 1, a4: 9 };

/** A total that a workbook works out, and what it comes to: who only looks at the file sees the figure too. */
export interface Total {
  readonly formula: string;
  readonly value: number;
}

const quoted = (sheet: string): string => `'${sheet.replaceAll("'", "''")}'`;

/**
 * A workbook as it is printed: landscape on the paper of the region, as wide as one sheet of it, the first row on each.
 *
 * @param totals formulas of it, as they are written in their cells, with their values
 */
export async function printedWorkbook(
  sheets: readonly (Sheet<Buffer> & { readonly sheet: string })[],
  paper: PaperSize,
  totals: readonly Total[] = [],
): Promise<Buffer> {
  const files = unzipSync(new Uint8Array(await writeExcelFile([...sheets]).toBuffer()));
  const change = (name: string, to: (xml: string) => string): void => {
    const file = files[name];
    if (file) files[name] = strToU8(to(strFromU8(file)));
  };
  change('xl/workbook.xml', (xml) =>
    xml.replace(
      '<definedNames/>',
      `<definedNames>${sheets
        .map(
          ({ sheet }, at) =>
            `<definedName name="_xlnm.Print_Titles" localSheetId="${at}">${quoted(sheet)}!$1:$1</definedName>`,
        )
        .join('')}</definedNames>`,
    ),
  );
  for (const at of sheets.keys())
    change(`xl/worksheets/sheet${at + 1}.xml`, (xml) =>
      totals.reduce(
        (all, { formula, value }) => all.replace(`<f>${formula}</f>`, `<f>${formula}</f><v>${value}</v>`),
        xml
          .replace(/(<worksheet[^>]*>)/, '$1<sheetPr><pageSetUpPr fitToPage="1"/></sheetPr>')
          .replace(
            /<pageSetup [^>]*\/>/,
            `<pageSetup paperSize="${PAPER_NUMBER[paper]}" orientation="landscape" fitToWidth="1" fitToHeight="0"/>`,
          ),
      ),
    );
  return Buffer.from(zipSync(files));
}
