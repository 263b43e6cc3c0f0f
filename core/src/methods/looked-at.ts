import { type LookedAt, days, hours } from './method';
import type { WayId } from './ways';

/**
 * What each way waits for, what stops it and what a tick behind it stands for: read where it is made, not where it
 * is listed. Minutes of setting and curing from memory (ASTM D2855 family); all else common practice, no source.
 */
export const LOOKED_AT: Readonly<Record<WayId, LookedAt>> = {
  'saw-hole': {
    before: ['the fitting in hand is measured', 'flat as wide as its flange', 'water below the hole'],
    after: ['round, the fitting slides in with 1 to 2 mm of play', 'no shaving left in the tank'],
  },
  'saw-steel': {
    before: ['the fitting in hand is measured', 'water below the hole'],
    after: ['edge smooth and painted with zinc', 'no filing left on the sheet'],
  },
  'cut-to-template': {
    before: ['the rim covers the cut', 'no rib or bar behind', 'blade shorter than to what lies behind'],
    after: ['even edge', 'the piece is out of the tank'],
  },
  'core-hole': {
    before: ['two diameters from edges and joints', 'what is behind', 'power through a residual-current device'],
    after: ['bore smooth; no steel cut without the word of an engineer', 'slurry gathered'],
  },
  'cut-rigid': {
    before: ['length with what goes into both sockets', 'wrap-round mark for a square cut'],
    after: ['square within 1.5 mm', 'no burr', 'length checked'],
  },
  'cut-clear': {
    before: ['no crack in the stock'],
    after: ['no star crack at the edge under light'],
  },
  'cut-coil': {
    before: ['the coil held on both sides of the cut: it springs', 'laid with slack'],
    after: ['square', 'no scratch deeper than a tenth of the wall'],
  },
  'cut-soft': {
    before: ['laid with slack, no kink'],
    after: ['square, no nick'],
  },
  'cut-downpipe': {
    before: ['who holds the upper part after the cut', 'which end goes into which'],
    after: ['no sharp edge'],
  },
  'solvent-primer': {
    waits: [
      { what: 'set', before: 'moving it', minutes: [2, 720] },
      { what: 'cure', before: 'water', minutes: [15, 11520] },
    ],
    before: [
      'goes in dry by hand a third to two thirds',
      'square, no burr, bevelled, dry; not colder than the can says',
      'direction marked over the joint',
    ],
    after: ['even bead all round', 'depth mark at the edge of the socket', 'not moved before it is set'],
  },
  'solvent-abs': {
    waits: [
      { what: 'set', before: 'moving it', minutes: [2, 30] },
      { what: 'cure', before: 'water', minutes: hours(1, 8) },
    ],
    before: [
      'goes in dry by hand a third to two thirds',
      'square, no burr, bevelled, dry; not colder than the can says',
      'direction marked over the joint',
    ],
    after: ['even bead all round', 'depth mark at the edge of the socket', 'not moved before it is set'],
  },
  'solvent-transition': {
    waits: [{ what: 'cure', before: 'water', minutes: hours(1, 8) }],
    before: [
      'goes in dry by hand a third to two thirds',
      'square, no burr, bevelled, dry; not colder than the can says',
      'direction marked over the joint',
    ],
    after: ['even bead all round', 'depth mark at the edge of the socket', 'not moved before it is set'],
  },
  'solvent-cpvc': {
    waits: [
      { what: 'set', before: 'moving it', minutes: [2, 10] },
      { what: 'cure', before: 'pressure', minutes: hours(1, 24) },
    ],
    before: [
      'goes in dry by hand a third to two thirds',
      'square, no burr, bevelled, dry; not colder than the can says',
      'direction marked over the joint',
    ],
    after: ['even bead all round', 'depth mark at the edge of the socket', 'not moved before it is set'],
  },
  solder: {
    waits: [{ what: 'cool', before: 'moving it', minutes: [3, 10] }],
    before: ['no water in the pipe', 'no plastic within 200 mm', 'solder without lead'],
    after: ['bright ring all round', 'flushed'],
  },
  press: {
    before: ['the jaw is that of the fitting', 'ring there'],
    after: ['mark at the edge', 'every one ticked as pressed'],
  },
  crimp: {
    before: ['the ring is that of tube and tool'],
    after: ['gauge goes, and does not go'],
  },
  expand: {
    before: ['the head is that of the tube', 'not colder than the tube allows'],
    after: ['ring against the shoulder'],
  },
  gutter: {
    before: ['board behind it sound', 'the edge of the roof drips into its middle third', 'profile by name and width'],
    after: ['no pool deeper than a coin', 'no drip at the joints', 'in line by eye'],
  },
  downpipe: {
    before: ['what its brackets are fixed to'],
    after: ['plumb', 'drains to the last drop'],
  },
  'plug-in-masonry': {
    before: ['no cable or pipe in the wall there'],
    after: ['bears the pull of a hand'],
  },
  diverter: {
    before: ['its list holds the profile of the downpipe', 'level with the highest water in the tank'],
    after: ['stops by itself when the tank is full', 'nothing spills at the lid'],
  },
  'first-flush': {
    before: ['volume for its roof', 'room for its height, held for its weight of water'],
    after: ['ball seats', 'empties in a day', 'cap turns by hand'],
  },
  trench: {
    before: ['services located', 'level of the outfall', 'depth by frost and load'],
    after: ['fall at each socket', 'tested before it is covered', 'photo and two distances before cover'],
  },
  strap: {
    before: ['what is behind the wall', 'it bears the pipe full of water'],
    after: ['the pipe slides, a valve does not move in the hand'],
  },
  sleeve: {
    waits: [{ what: 'sealant', before: 'water', minutes: hours(12, 48) }],
    before: ['what is in the wall: gas, power, damp course', 'falls outward'],
    after: ['no daylight, no draught'],
  },
  insulate: {
    before: ['tested, dry', 'a drain point below it'],
    after: ['no gap', 'valves still turn'],
  },
  paint: {
    waits: [
      { what: 'cement', before: 'painting', minutes: hours(12, 48) },
      { what: 'first coat', before: 'painting', minutes: hours(2, 8) },
    ],
    before: ['tested', 'rubbed dull'],
    after: ['covered; not on threads, not on seats of rings'],
  },
  'drip-line': {
    before: ['head at the highest dripper', 'a filter before it'],
    after: ['first and last dripper alike within a tenth'],
  },
  'hose-line': {
    before: ['no hump that holds air, no dip that holds water in frost', 'opaque, against algae'],
    after: ['full flow once the air is out'],
  },
  'pump-in-tank': {
    before: ['passes the opening with its riser', 'its switch has room to swing'],
    after: ['starts and stops at its levels', 'comes out by its rope, none by its cord'],
  },
  'pump-beside': {
    before: ['lift under 5 m at sea level', 'suction rises to it all the way'],
    after: ['holds its prime overnight', 'no bubble in the strainer'],
  },
  vessel: {
    before: ['rated over the shut-off head of the pump', 'charged while it is empty'],
    after: ['runs a minute at least each time it cuts in'],
  },
  filling: {
    waits: [{ what: 'until it runs clear', before: 'use', minutes: [30, 1440] }],
    before: ['washed until the water is clear', 'what carries it bears it wet'],
    after: ['clear water', 'flow by bucket and watch'],
  },
  outfall: {
    before: ['outfall lower than the spill level by its fall'],
    after: ['a full bucket comes through'],
  },
  label: {
    before: ['words and colour of the local code'],
    after: ['seen from where one would drink'],
  },
  'push-fit-ring': {
    before: ['pipe and socket of one series', 'ring whole and the right way round', 'end bevelled'],
    after: ['ring not rolled out, by a feeler all round', 'depth mark 10 mm from the socket'],
  },
  'push-fit-tube': {
    before: ['tube of the diameter of the fitting', 'no scratch on the last 30 mm'],
    after: ['mark at the edge', 'holds a pull'],
  },
  compression: {
    before: ['series by outside diameter', 'pipe round and not scratched', 'nut already on'],
    after: ['depth mark at the nut', 'a pull by hand does not move it'],
  },
  'insert-barb': {
    before: ['bore of the pipe by caliper against the insert'],
    after: ['pipe at the shoulder', 'clamps over the barbs, screws on opposite sides'],
  },
  'hose-barb': {
    before: ['bore of the hose against the tail', 'the clamp closes on the hose over the tail'],
    after: ['all barbs covered', 'no turn by hand'],
  },
  'tail-with-nut': {
    before: ['nut on the tube first'],
    after: ['tube at the shoulder', 'holds a pull'],
  },
  'drip-barb': {
    before: ['a filter before it', 'tube flushed'],
    after: ['no spray at low head'],
  },
  'rubber-coupling': {
    before: ['both outsides in its range', 'ends square and clean'],
    after: ['marks alike on both sides', 'ends in line, pipe held on each side'],
  },
  lapped: {
    before: ['the upper end points down into the lower'],
    after: ['does not fall out'],
  },
  'loose-cap': {
    before: ['rests by itself'],
    after: ['lifts off by hand'],
  },
  cam: {
    before: ['one nominal size', 'gasket in', 'no pressure'],
    after: ['arms flush and pinned', 'no drip'],
  },
  click: {
    before: ['ring there', 'not cracked by frost'],
    after: ['holds a pull'],
  },
  flange: {
    before: ['one drilling: circle, number, hole', 'gasket over the full face on plastic'],
    after: ['even gap all round'],
  },
  saddle: {
    before: ['the range of the saddle holds the outside of the pipe', 'line empty', 'branch up or level'],
    after: ['the disc is found', 'no drip'],
  },
  'pipe-in-gasket': {
    before: ['pipe of the series of the gasket', 'end bevelled and soaped'],
    after: ['gasket not pushed in', 'pipe square, held within 300 mm', 'a day under water, dry'],
  },
  'set-tank': {
    before: ['the way in: gates, wires, corners', 'base ready and cured', 'faces marked'],
    after: ['level both ways', 'base 100 mm wider all round'],
  },
  'lid-open': {
    before: ['what it is held by'],
    after: ['closes, no gap over 1 mm, a child cannot lift it'],
  },
  'drum-bung': {
    before: ['which of the two bungs it is', 'drum empty, its contents known'],
    after: ['seat of the gasket round and clean'],
  },
  'wash-out': {
    before: ['label and former contents proven'],
    after: ['no smell, no foam'],
  },
  blocks: {
    before: ['the ground bears it', 'no higher than its shorter side'],
    after: ['does not rock, level'],
  },
  planks: {
    before: ['span by the load'],
    after: ['no sag after it is filled'],
  },
  'bed-base': {
    before: ['soil, slope, roots', 'a thousand kilograms a square metre for each metre of water'],
    after: ['level both ways', 'wider than the tank by 100 mm all round'],
  },
  pit: {
    before: ['the drawing of its maker', 'ground water', 'the tank tested', 'pit wider by 300 to 500 mm on each side'],
    after: ['level, not oval', 'water inside as high as the fill outside, layer by layer'],
  },
  lash: {
    before: ['rated load of the trailer against the full weight', 'low and between the axles'],
    after: ['every strap again after the first kilometre', 'hoses off, caps on, valve shut and guarded'],
  },
  anchor: {
    waits: [{ what: 'concrete', before: 'load', minutes: days(7, 28) }],
    before: ['highest ground water', 'concrete weighs 1400 kg a cubic metre under water'],
    after: ['straps at its ribs, alike'],
  },
  brace: {
    before: ['its maker allows it'],
    after: ['no dent, every prop out again'],
  },
  riser: {
    before: ['the pump passes its neck', 'not glued where it must lift'],
    after: ['locked', 'water runs away from it'],
  },
  'zinc-edge': {
    waits: [{ what: 'paint', before: 'water', minutes: [30, 240] }],
    before: ['edge smooth and clean'],
    after: ['no bright metal'],
  },
  'day-kit': {
    before: ['the list of the job in hand', 'set out: each mark measured again from the other side'],
    after: ['everything back, blades shut'],
  },
  'test-fill': {
    waits: [
      { what: 'water just over the lowest seals', before: 'water', minutes: hours(12, 24) },
      { what: 'full to the overflow', before: 'covering', minutes: hours(4, 24) },
    ],
    before: ['base looked at', 'every cure done', 'valves shut'],
    after: ['the mark of the level unchanged', 'dry paper stays dry under each joint'],
  },
  'tape-taper': {
    before: ['one standard and one size, by caliper and count', 'screws on dry by about the turns of its standard'],
    after: ['one or two threads still show', 'points where it must, never turned back', 'dry under water'],
  },
  'sealed-taper': {
    before: ['the sealant is whole: no tape over it', 'clean female thread'],
    after: ['dry under water'],
  },
  'jammed-thread': {
    before: ['somebody has settled it by name', 'screws on dry by two turns or more'],
    after: ['an hour full of water, dry; looked at again after a week'],
  },
  'face-washer': {
    before: ['a face to press on both sides', 'thread long enough to reach the washer'],
    after: ['washer not squeezed out to one side', 'dry with water on it'],
  },
  'swivel-washer': {
    before: ['washer there, soft, not grooved', 'hose thread on hose thread, pipe thread on pipe thread'],
    after: ['no drip at full head'],
  },
  'container-thread': {
    before: ['diameter and pitch are those of the fitting', 'end face without nicks, gasket soft and whole'],
    after: ['the valve has not turned in its neck', 'no drip after it is opened slowly'],
  },
  'dry-thread': {
    before: ['somebody has settled it by name: it may weep'],
    after: ['what drips is led away'],
  },
  bulkhead: {
    before: ['the hole is that of the fitting in hand', 'wall inside its grip', 'flat as wide as its flange'],
    after: [
      'gasket on the side that does not turn, even, not squeezed out',
      'does not turn by hand',
      'a day with water over it, dry',
    ],
  },
  'on-a-cord': {
    before: ['head and gasket pass the opening', 'the gasket cannot slip off'],
    after: ['gasket felt even by a mirror', 'a day with water over it, dry'],
  },
  gasket: {
    before: ['wall and curve in its range', 'hole clean and round, edges smooth'],
    after: ['lip even on both faces'],
  },
  'tap-shank': {
    before: ['the hole is that of the shank in hand', 'flat at least as wide as the washer'],
    after: ['points where it must, washer not squeezed', 'a day with water over it, dry'],
  },
  'nipple-and-rubbers': {
    before: ['thread long enough for nuts and wall', 'bore of the rubber tight on the thread'],
    after: ['rubber even on both sides', 'a day with water over it, dry'],
  },
  'bolted-flange': {
    before: ['follows the corrugation or has a filler', 'water below the hole', 'liner slack, cut last'],
    after: ['no wrinkle under the gasket', 'a day with water over it, dry'],
  },
  'cast-sleeve': {
    waits: [
      { what: 'grout', before: 'water', minutes: days(1, 3) },
      { what: 'concrete', before: 'load', minutes: days(7, 28) },
    ],
    before: ['level checked twice', 'ends plugged'],
    after: ['no hollow round it', 'still level'],
  },
  'link-seal': {
    before: ['links of the gap between hole and pipe', 'bore smooth'],
    after: ['rubber bulged evenly', 'a day with water over it, dry'],
  },
  'wall-boot': {
    before: ['its range holds the pipe', 'pipe laid to its line first'],
    after: ['the pipe moves a few degrees and does not weep'],
  },
  'welded-boss': {
    waits: [{ what: 'cool', before: 'water', minutes: [30, 120] }],
    before: ['one grade of plastic', 'scraped bright, dry'],
    after: ['bead without a gap', 'a day with water over it, dry'],
  },
  'drop-grate': {
    before: ['its rim rests all round'],
    after: ['no gap over 1 mm'],
  },
  'lift-out': {
    before: ['its rim rests all round'],
    after: ['lifts out by one hand', 'no gap over 1 mm'],
  },
  'insect-screen': {
    before: ['open area at least that of the pipe, twice for fine mesh'],
    after: ['no gap over 1 mm', 'can be reached to clean'],
  },
  'cable-gland': {
    before: ['its range holds the cord', 'the plug passes, or the gland is split'],
    after: ['the cord does not pull', 'plug above any flood'],
  },
  'blanking-plug': {
    before: ['the hole is that of the plug in hand'],
    after: ['a day with water over it, dry'],
  },
  'screw-cover': {
    before: ['the rim covers the cut all round by 15 mm'],
    after: ['closes, no gap over 1 mm', 'a child cannot lift it'],
  },
  'own-seal': {
    before: ['nobody rates it: what it holds against is known'],
    after: ['a day with water over it, dry'],
  },
  'silicone-bead': {
    waits: [{ what: 'neutral silicone', before: 'water', minutes: hours(12, 24) }],
    before: ['clean and dry; it does not bond polyethylene'],
    after: ['skin all round, no gap'],
  },
};
