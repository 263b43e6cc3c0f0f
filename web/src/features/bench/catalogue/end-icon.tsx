import { type EndClass } from '@herrero/core';

const TEETH = 'L30 4L33 7L36 4L39 7L42 4';
const TEETH_BACK = 'L39 13L36 16L33 13L30 16';
const POLY = 'var(--mat-poly)';
const BRASS = 'var(--mat-brass)';

/** The outline of each kind of end, its open side to the right; 44 by 20. */
const SHAPES: Readonly<Record<EndClass, readonly [path: string, fill: string]>> = {
  'pipe thread male': [`M3 4H27${TEETH}V16${TEETH_BACK}L27 16H3Z`, BRASS],
  'pipe thread female': ['M3 2H41V6L37 8L33 6L29 8L25 6H18V14H25L29 12L33 14L37 12L41 14V18H3Z', BRASS],
  'hose thread male': ['M3 5H24V3L28 6L32 3L36 6L40 3V17L36 14L32 17L28 14L24 17V15H3Z', BRASS],
  'hose thread female': ['M3 6H16V1H41V5L36 8L31 5L26 8V12L31 15L36 12L41 15V19H16V14H3Z', BRASS],
  'container thread': ['M3 1H41V5L34 9L27 5H20V15H27L34 11L41 15V19H3Z', POLY],
  'pipe end': ['M3 4H41V16H3Z', POLY],
  socket: ['M3 2H41V6H20V14H41V18H3Z', POLY],
  'push-fit': ['M3 3H30V1H38V3H41V7H20V13H41V17H38V19H30V17H3Z', POLY],
  compression: ['M3 4H18V1H34L41 5V7H22V13H41V15L34 19H18V16H3Z', POLY],
  'press or ring': ['M3 4H24V2C27 -1 33 -1 36 2V4H41V8H20V12H41V16H36V18C33 21 27 21 24 18V16H3Z', BRASS],
  'hub, sleeve or saddle': ['M3 5H20L24 2H41V5H26V15H41V18H24L20 15H3Z', POLY],
  'hose tail': ['M3 6H14L16 4L22 6L24 4L30 6L32 4L38 6H41V14H38L32 16L30 14L24 16L22 14L16 16L14 14H3Z', BRASS],
  hose: ['M3 3H41V7H3ZM3 13H41V17H3Z', 'var(--mat-hose)'],
  'cam grooves': ['M3 4H20L24 8L28 4H41V16H28L24 12L20 16H3Z', BRASS],
  'cam arms': ['M3 5H14V1H41V5H24V15H41V19H14V15H3Z', BRASS],
  'click coupling': ['M3 6H20V3H24V6H30V4H34V6H41V14H34V16H30V14H24V17H20V14H3Z', POLY],
  flange: ['M3 6H32V1H41V19H32V14H3Z', POLY],
  'in a wall': ['M3 1H9V7H41V13H9V19H3ZM16 1H22V7H16ZM16 13H22V19H16Z', POLY],
};

/** A kind of end, drawn: the word beside it says it too. */
export function EndIcon({ end }: { readonly end: EndClass }) {
  const [path, fill] = SHAPES[end];
  return (
    <svg width={40} height={20} viewBox="0 0 44 20" className="shrink-0" aria-hidden="true">
      <path d={path} fill={fill} stroke="var(--ink)" strokeWidth={1.5} strokeLinejoin="round" />
    </svg>
  );
}
