import type { PartsList } from '../list/parts-list';

/** A caution and the codes by which a list asks for it. */
const BY_CODE: readonly (readonly [starts: readonly string[], text: string])[] = [
  [['SW-', 'JS', 'KD'], 'Hole saws snatch and swarf flies: clamp the work, wear eye protection, catch every shaving.'],
  [
    ['CE-', 'CC-', 'CA-118', 'CT-', 'PR-'],
    'Primer and cement give off vapour that burns and dizzies: fresh air, no flame, never inside a tank.',
  ],
  [
    ['BH-', 'BS-'],
    'Never put head or body into a tank to reach a nut: the air inside can lack oxygen. Work from outside.',
  ],
  [
    ['BE-', 'GV-'],
    'An open trench or pit caves in without warning: shore it or slope it, and find cables and pipes before you dig.',
  ],
  [['DK'], 'Brackets and gutters are work at height: stand on a scaffold or a footed ladder, not on the tank.'],
];

const ALWAYS =
  'A full tank weighs a kilogram a litre: level, rated ground. Roof water is not drinking water. Local codes and licensed trades decide.';

/** The usual cautions for what is on a list, at the step where they matter; local codes and licensed trades decide. */
export const cautionsOf = ({ groups }: Pick<PartsList, 'groups'>): readonly string[] => [
  ...BY_CODE.flatMap(([starts, text]) =>
    groups.some(({ lines }) => lines.some(({ code }) => starts.some((start) => code.startsWith(start)))) ? [text] : [],
  ),
  ALWAYS,
];
