/** The usual cautions, at the work where they matter; local codes and licensed trades decide. */
export const CAUTIONS = {
  drill: 'Hole saws snatch and swarf flies: clamp the work, wear eye protection, catch every shaving.',
  cement: 'Primer and cement give off vapour that burns and dizzies: fresh air, no flame, never inside a tank.',
  confined: 'Never put head or body into a tank to reach a nut: the air inside can lack oxygen. Work from outside.',
  trench:
    'An open trench or pit caves in without warning: shore it or slope it, and find cables and pipes before you dig.',
  height: 'Brackets and gutters are work at height: stand on a scaffold or a footed ladder, not on the tank.',
  flame:
    'A torch sets light to what is behind the wall: mat and water at hand, and somebody who watches an hour after.',
  melt: 'Molten plastic burns to the bone and its fumes are breathed: gloves, fresh air, nobody inside the tank.',
  electric: 'Water and current: a residual-current or ground-fault outlet, and the plug out before a hand goes in.',
  contents: 'A used container: its label says what was in it. Nobody tells that by taste, and no flame comes near it.',
  float: 'An empty tank floats up in wet ground: fill it with water as the pit is filled, as its maker says.',
  load: 'A tank on a trailer shifts and surges, worst when it is half full: within its rated load, lashed as the law on loads asks.',
  mains: 'Mains and rain water never meet: an open gap of air, as the local code and the water authority ask.',
} as const;
export type CautionId = keyof typeof CAUTIONS;

export const ALWAYS =
  'A full tank weighs a kilogram a litre: level, rated ground. Roof water is not drinking water. Local codes and licensed trades decide.';
