/** A tool as it goes on the list: not counted in the price. */
export interface Tool {
  readonly code: string;
  readonly title: string;
  readonly detail: string;
  /** Said with the sizes it is wanted for. */
  readonly sized?: true;
  /** Absent: out of the van. */
  readonly from?: string;
}

const HIRED = 'hired by the day';

/** Every tool there is. A new one: a row here, and the ways that take it. */
export const TOOLS = {
  tape: { code: 'TM', title: 'Tape measure and marker', detail: 'check lengths twice' },
  level: { code: 'LE', title: 'Spirit level', detail: 'bases level, drains in their fall' },
  gloves: { code: 'GLV', title: 'Work gloves', detail: 'edges, swarf and cement' },
  rags: { code: 'RAG', title: 'Rags', detail: 'wipe before primer and after tape' },
  bucket: { code: 'BUC', title: 'Bucket', detail: 'for the test, and for what runs out' },
  light: { code: 'HL', title: 'Hand light', detail: 'into the tank from outside, and along every seal' },
  fillHose: { code: 'FH', title: 'Hose to fill with', detail: 'water for the test, and to wash out' },
  firstAid: { code: 'FA', title: 'First aid kit', detail: 'with water for the eyes' },

  drill: { code: 'DR', title: 'Drill driver, charged', detail: 'slow speed, side handle' },
  arbor: { code: 'SW-ARB', title: 'Arbor and pilot drill', detail: 'for the hole saws' },
  jigsaw: { code: 'JS', title: 'Jigsaw and fine blade', detail: 'cut to the template, from a starter hole' },
  coreDrill: { code: 'KD', title: 'Core drill, wet diamond bit', detail: 'no hammer', sized: true, from: HIRED },
  detector: { code: 'DT', title: 'Detector for steel and cables', detail: 'before anything is bored' },
  wetVacuum: { code: 'WV', title: 'Wet vacuum', detail: 'gathers water and slurry of the core' },
  deburrer: { code: 'DB', title: 'Deburrer or knife', detail: 'both edges of every hole' },
  eyes: { code: 'EY', title: 'Eye protection', detail: 'spring-back and swarf' },
  boltDrill: { code: 'BD', title: 'Drill bit of the bolts and a punch', detail: 'bolt holes by the flange in hand' },
  masonry: { code: 'MBT', title: 'Masonry bit and dust mask', detail: 'as wide as the plugs of the brackets' },

  wrenches: { code: 'WR', title: 'Two wrenches', detail: 'one holds, one turns', sized: true },
  strap: { code: 'SR', title: 'Strap wrench', detail: 'bulkhead nuts and plastic threads', sized: true },
  pliers: { code: 'GP', title: 'Pump pliers, two', detail: 'wide nuts, and what must not turn with them', sized: true },
  bung: { code: 'BW', title: 'Bung wrench', detail: 'for the bungs of drums and crates' },
  lidKey: { code: 'LK', title: 'Lid key or lever', detail: 'for the ring or the screws of the lid' },
  cord: { code: 'CD', title: 'Cord, weight and hook', detail: 'draws a fitting in where no hand reaches' },
  torque: {
    code: 'TQ',
    title: 'Torque wrench and a second wrench',
    detail: 'flange bolts, crosswise in three rounds',
  },
  hexKeys: { code: 'HX', title: 'Hex keys', detail: 'bolts of saddles and link seals' },
  screwdriver: { code: 'SD', title: 'Screwdriver or nut driver', detail: 'hose clamps and screws' },

  pipeCutter: { code: 'PC', title: 'Pipe cutter', detail: 'square cuts, up to 2 in, 63 mm' },
  fineSaw: { code: 'FS', title: 'Fine saw and mitre box', detail: 'square cuts in large or clear pipe and downpipe' },
  vice: { code: 'VI', title: 'Clamp or vice, soft jaws', detail: 'holds pipe while it is cut and screwed' },
  bevel: { code: 'BV', title: 'Bevel tool or file', detail: 'every cut end' },
  knife: { code: 'KN', title: 'Hose knife', detail: 'square cuts' },
  snips: { code: 'HH', title: 'Hacksaw, tin snips and file', detail: 'gutter and downpipe; no abrasive disc' },
  swab: { code: 'DA', title: 'Brush or swab for cement', detail: 'about half as wide as the pipe', sized: true },
  hotWater: { code: 'HW', title: 'Hot water in a flask', detail: 'softens the end that goes over a tail' },
  mallet: { code: 'MA', title: 'Rubber mallet', detail: 'push-fit sockets and pipe into gaskets, over a board' },
  torch: {
    code: 'TO',
    title: 'Torch, brush, emery cloth and heat mat',
    detail: 'soldered joints; a wet cloth, a fire blanket and somebody who watches an hour after',
  },
  press: {
    code: 'PT',
    title: 'Press tool with jaws',
    detail: 'the jaws of the fitting and of its size',
    sized: true,
    from: HIRED,
  },
  crimp: { code: 'CR', title: 'Crimp tool with gauge', detail: 'for the rings of crimp inserts', sized: true },
  expander: { code: 'EX', title: 'Expansion tool with heads', detail: 'stretches tube and ring', sized: true },
  welder: { code: 'EW', title: 'Plastic welder and scraper', detail: 'by a trained hand', from: HIRED },
  sealantGun: { code: 'SG', title: 'Gun for sealant', detail: 'for tubes of 300 ml' },
  paintBrush: { code: 'PB', title: 'Paint brush', detail: 'two coats' },
  punch: { code: 'DP', title: 'Punch for drip tube', detail: '3 to 4 mm' },

  locator: {
    code: 'LOC',
    title: 'Cable and pipe locator',
    detail: 'have what lies in the ground marked before anybody digs',
  },
  spade: { code: 'SPD', title: 'Spade and tamper', detail: 'base, trench, backfill in layers' },
  barrow: { code: 'BA', title: 'Barrow', detail: 'soil out, sand and gravel in' },
  string: { code: 'STR', title: 'String line', detail: 'a straight gutter, an even fall' },
  ladder: { code: 'LAD', title: 'Ladder', detail: 'footed and held; a scaffold above one storey' },
  brush: { code: 'BRU', title: 'Brush with a long handle', detail: 'washes a used tank out from its opening' },
  woodSaw: { code: 'WS', title: 'Wood saw', detail: 'planks, and what is trimmed to height' },
  rope: { code: 'RP', title: 'Rope or strap to carry by', detail: 'the tank to its place, by two' },
  airPump: { code: 'AP', title: 'Air pump and tyre gauge', detail: 'charges the vessel before it sees water' },
} as const satisfies Readonly<Record<string, Tool>>;
export type ToolId = keyof typeof TOOLS;
