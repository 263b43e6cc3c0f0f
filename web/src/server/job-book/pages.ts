import { PAPERS, type Paper } from '../drilling-sheet/lay-out';
import { type Item, type Sheet, line, moved, words } from '../sheet/sheet';

/** Something that stands on a page in one piece: its height, and what is drawn from its own upper left corner [mm]. */
export interface Block {
  readonly heightMm: number;
  readonly items: readonly Item[];
  /** Stays on the page of what follows it: a heading with its first line. */
  readonly withNext?: true;
}

export const EDGE_MM = 14;
const HEAD_MM = 12;
const FOOT_MM = 8;

/** The width that a block has on a paper [mm]. */
export const widthOn = (paper: Paper): number => PAPERS[paper][0] - 2 * EDGE_MM;

/** Lays blocks out on pages, each with the name of the job, the day and its number; no block is parted. */
export function pagesOf(blocks: readonly Block[], title: string, madeOn: string, paper: Paper): readonly Sheet[] {
  const [widthMm, heightMm] = PAPERS[paper];
  const roomMm = heightMm - 2 * EDGE_MM - HEAD_MM - FOOT_MM;
  const pages: Item[][] = [[]];
  let downMm = 0;
  for (const [index, block] of blocks.entries()) {
    let needMm = block.heightMm;
    for (let next = index; blocks[next]?.withNext; next++) needMm += blocks[next + 1]?.heightMm ?? 0;
    if (downMm > 0 && downMm + needMm > roomMm) {
      pages.push([]);
      downMm = 0;
    }
    pages.at(-1)?.push(...moved(block.items, EDGE_MM, EDGE_MM + HEAD_MM + downMm));
    downMm += block.heightMm;
  }
  return pages.map((items, index) => ({
    widthMm,
    heightMm,
    title: `${title}, ${index + 1}`,
    items: [
      words(title, [EDGE_MM, EDGE_MM + 4], { sizeMm: 5, bold: true }),
      words(`${madeOn}, page ${index + 1} of ${pages.length}`, [widthMm - EDGE_MM, EDGE_MM + 4], {
        sizeMm: 3.2,
        anchor: 'end',
      }),
      line('frame', [EDGE_MM, EDGE_MM + 7, widthMm - EDGE_MM, EDGE_MM + 7], 0.5),
      ...items,
    ],
  }));
}
