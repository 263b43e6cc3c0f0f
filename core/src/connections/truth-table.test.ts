import { describe, expect, test } from 'vitest';
import type { JointConditions } from './families/joint-family';
import type { End } from './end';
import { mate } from './mate';
import { verdictWords } from './mating';
import { parseEnd } from './parse';

const end = (text: string): End => {
  const parsed = parseEnd(text);
  if (!parsed.ok) throw new Error(`${text}: ${parsed.error.code} ${parsed.error.word}`);
  return parsed.value;
};

const TAPE = 'Holds with tape';
const WASHER = 'Holds with washer';
const CEMENT = 'Holds with cement';
const CLAMP = 'Holds with clamp';
const LUBRICANT = 'Holds with lubricant';
const INSERT = 'Holds with insert';
const HOLDS = 'Holds';
const FITS = 'Fits, not rated';
const LEAKS = 'Starts, then leaks';
const NO = 'Will not go';
const UNKNOWN = 'Not known yet';

type Row = readonly [a: string, b: string, expected: string, conditions?: JointConditions];

/** Expectations from the standards named and from what installers know; none from this code. */
const check = (rows: readonly Row[]): void => {
  test.each([...rows] as [string, string, string, JointConditions?][])(
    '%s with %s: %s',
    (a, b, expected, conditions) => {
      const { a: ofA, b: ofB, ...made } = conditions ?? {};
      expect(verdictWords(mate(end(a), end(b), conditions))).toBe(expected);
      expect(verdictWords(mate(end(b), end(a), { ...made, a: ofB, b: ofA }))).toBe(expected);
    },
  );
};

describe('American pipe threads (ASME B1.20.1)', () =>
  check([
    ['1/8 NPT M', '1/8 NPT F', TAPE],
    ['1/4 NPT M', '1/4 NPT F', TAPE],
    ['3/8 NPT M', '3/8 NPT F', TAPE],
    ['1/2 NPT M', '1/2 NPT F', TAPE],
    ['3/4 NPT M', '3/4 NPT F', TAPE],
    ['1 NPT M', '1 NPT F', TAPE],
    ['1-1/4 NPT M', '1-1/4 NPT F', TAPE],
    ['1-1/2 NPT M', '1-1/2 NPT F', TAPE],
    ['2 NPT M', '2 NPT F', TAPE],
    ['2-1/2 NPT M', '2-1/2 NPT F', TAPE],
    ['3 NPT M', '3 NPT F', TAPE],
    ['4 NPT M', '4 NPT F', TAPE],
    ['1/2 NPT M', '3/4 NPT F', NO],
    ['1 NPT M', '3/4 NPT F', NO],
    ['1-1/4 NPT M', '1-1/2 NPT F', NO],
    ['3/4 NPT M', '3/4 NPT M', NO],
    ['1 NPT F', '1 NPT F', NO],
    // Straight swivel nuts with a washer are made to go on taper nipples.
    ['1/2 NPT M', '1/2 NPSM F swivel', WASHER],
    ['3/4 NPT M', '3/4 NPSM F swivel', WASHER],
    ['1 NPT M', '1 NPSM F swivel', WASHER],
    ['1/2 NPSM M', '1/2 NPSM F', WASHER],
    ['3/4 NPSM M', '3/4 NPT F', LEAKS],
    ['1 NPSM M', '1 NPT F', LEAKS],
    ['1-1/2 NPT M', '1-1/2 NPSH F', WASHER],
    ['3/4 NPT M', '3/4 NPSH F', WASHER],
    ['1 NPSH M', '1 NPSH F', WASHER],
  ]));

describe('ISO pipe threads (ISO 7-1, ISO 228-1)', () =>
  check([
    ['1/2 R M', '1/2 Rc F', TAPE],
    ['3/4 R M', '3/4 Rc F', TAPE],
    ['1 R M', '1 Rc F', TAPE],
    ['2 R M', '2 Rc F', TAPE],
    ['1/2 R M', '1/2 Rp F', TAPE],
    ['3/4 R M', '3/4 Rp F', TAPE],
    ['1 R M', '1 Rp F', TAPE],
    ['2 R M', '2 Rp F', TAPE],
    ['4 R M', '4 Rp F', TAPE],
    ['1/2 G M', '1/2 G F', WASHER],
    ['3/4 G M', '3/4 G F swivel', WASHER],
    ['1 G M', '1 G F', WASHER],
    ['2 G M', '2 G F', WASHER],
    // ISO 228-1 makes no joint on the thread: not in Rp, not in Rc.
    ['1/2 G M', '1/2 Rc F', LEAKS],
    ['3/4 G M', '3/4 Rc F', LEAKS],
    ['1 G M', '1 Rp F', LEAKS],
    // ISO 7-1 does not design R in a G socket, and every tank fitting is joined so with tape: never under a pump or the mains.
    ['1/2 R M', '1/2 G F', TAPE],
    ['3/4 R M', '3/4 G F', TAPE],
    ['3/4 R M', '3/4 G F', TAPE, { service: 'head' }],
    ['3/4 R M', '3/4 G F', FITS, { service: 'pressure' }],
    ['2 R M', '2 G F', TAPE],
    ['4 R M', '4 G F', TAPE],
    ['3/4 R M', '3/4 G F', LEAKS, { madeWith: [] }],
    ['3/4 R M', '3/4 G F swivel', WASHER],
    // A nut that turns on its tail is straight and has a washer: one called taper is first looked at.
    ['3/4 NPT M', '3/4 NPT F swivel', UNKNOWN],
    ['3/4 R M', '3/4 Rp F swivel', UNKNOWN],
    ['1/2 NPT M', '3/4 NPT F swivel', NO],
    ['1/2 G M', '3/4 G F', NO],
    ['1 R M', '3/4 Rp F', NO],
  ]));

describe('American against ISO: pitch and flank decide', () =>
  check([
    // 1/2 and 3/4 share 14 to the inch; 60 against 55 degrees.
    ['1/2 NPT M', '1/2 Rc F', FITS],
    ['1/2 R M', '1/2 NPT F', FITS],
    ['3/4 NPT M', '3/4 Rc F', FITS],
    ['3/4 R M', '3/4 NPT F', FITS],
    ['1/2 NPT M', '1/2 G F', FITS],
    ['3/4 NPT M', '3/4 G F', FITS],
    ['1/2 G M', '1/2 NPT F', LEAKS],
    ['3/4 G M', '3/4 NPT F', LEAKS],
    // 27 against 28, 18 against 19, 11-1/2 against 11.
    ['1/8 NPT M', '1/8 Rc F', LEAKS],
    ['1/4 NPT M', '1/4 Rc F', LEAKS],
    ['3/8 R M', '3/8 NPT F', LEAKS],
    ['1 NPT M', '1 Rc F', LEAKS],
    ['1 R M', '1 NPT F', LEAKS],
    ['1-1/4 NPT M', '1-1/4 Rc F', LEAKS],
    ['1-1/2 R M', '1-1/2 NPT F', LEAKS],
    ['2 NPT M', '2 Rc F', LEAKS],
    ['1 NPT M', '1 G F', LEAKS],
    ['1 G M', '1 NPT F', LEAKS],
    ['2 G M', '2 NPT F', LEAKS],
    // 8 against 11 to the inch.
    ['2-1/2 NPT M', '2-1/2 Rc F', NO],
    ['3 NPT M', '3 Rc F', NO],
    ['3 R M', '3 NPT F', NO],
    ['4 NPT M', '4 Rc F', NO],
  ]));

describe('hose threads (ASME B1.20.7, NFPA 1963)', () =>
  check([
    ['3/4 NH M', '3/4 NH F swivel', WASHER],
    ['3/4 NH M', '3/4 NH F', WASHER],
    ['3/4 NPT M', '3/4 NH F swivel', LEAKS],
    ['3/4 NH M', '3/4 NPT F', LEAKS],
    ['1/2 NPT M', '3/4 NH F swivel', NO],
    ['3/4 NH M', '1 NPT F', NO],
    ['1 NPT M', '3/4 NH F', NO],
    ['3/4 NH M', '1/2 NPT F', NO],
    ['3/4 G M', '3/4 NH F', LEAKS],
    ['3/4 NH M', '3/4 G F', LEAKS],
    ['1/2 G M', '3/4 NH F', NO],
    ['1 G M', '3/4 NH F', NO],
    ['3/4 NPSH M', '3/4 NH F', LEAKS],
    ['1 NPSH M', '3/4 NH F', NO],
    ['1-1/2 NPT M', '1-1/2 NH F', NO],
    ['1-1/2 NH M', '1-1/2 NH F', WASHER],
    ['2-1/2 NH M', '2-1/2 NH F swivel', WASHER],
    // A swivel without its washer, and tape instead of it: useless both.
    ['3/4 NH M', '3/4 NH F swivel', LEAKS, { madeWith: [] }],
    ['3/4 NH M', '3/4 NH F swivel', LEAKS, { madeWith: ['tape'] }],
    ['3/4 G M', '3/4 G F swivel', LEAKS, { madeWith: ['tape'] }],
    ['3/4 NH M', '3/4 NH F swivel', WASHER, { madeWith: ['washer', 'tape'] }],
    ['3/4 NPT M', '3/4 NPT F', LEAKS, { madeWith: [] }],
  ]));

describe('containers and drums (the trade, from memory)', () =>
  check([
    ['S60x6 M', 'S60x6 F', WASHER],
    ['S75x6 M', 'S75x6 F', WASHER],
    ['S100x8 M', 'S100x8 F', WASHER],
    ['S60x6 M', '2 G F', NO],
    ['S60x6 M', '2 NPT F', NO],
    ['2 NPT M', 'S60x6 F', NO],
    ['2 G M', 'S60x6 F', NO],
    ['S60x6 M', 'S75x6 F', NO],
    ['S60x6 M', 'S100x8 F', NO],
    ['2 NPS M', '2 NPS F', WASHER],
    // A taper adapter in the fine bung of a drum, with tape: ordinary practice.
    ['2 NPT M', '2 NPS F', TAPE],
    ['2 NPT M', '2 NPS F', FITS, { service: 'pressure' }],
    ['2 NPT M', '2 buttress F', NO],
    ['2 NPS M', '2 buttress F', NO],
    ['2 buttress M', '2 NPS F', NO],
    ['3/4 NPT M', '3/4 G F', FITS],
    ['3/4 NPS M', '3/4 NPS F', WASHER],
    ['container neck', '2 NPT F', UNKNOWN],
    ['container neck', 'S60x6 F', UNKNOWN],
    ['home-made end', '1 IPS spigot', UNKNOWN],
    ['unknown thread', '3/4 NPT F', UNKNOWN],
    ['bulkhead outer thread', '2 NPT F', NO],
    ['bulkhead outer thread', 'bulkhead nut', UNKNOWN],
    ['union nut', 'union tail', UNKNOWN],
    ['union nut', '1 G M', NO],
  ]));

describe('couplings (A-A-59326; garden couplings from memory)', () =>
  check([
    ['1/2 cam adapter', '1/2 cam coupler', WASHER],
    ['3/4 cam adapter', '3/4 cam coupler', WASHER],
    ['2 cam adapter', '2 cam coupler', WASHER],
    ['2 cam F', '2 cam C', WASHER],
    ['2 cam DP', '2 cam B', WASHER],
    ['3 cam E', '3 cam DC', WASHER],
    ['1/2 cam adapter', '3/4 cam coupler', NO],
    ['1-1/2 cam adapter', '2 cam coupler', NO],
    ['2 cam adapter', '2 cam adapter', NO],
    ['2 cam A', '2 NPT F', NO],
    ['2 cam adapter', '2 cam coupler', LEAKS, { madeWith: [] }],
    ['12.5 click plug', '12.5 click socket', HOLDS],
    ['19 click plug', '12.5 click socket', NO],
    ['12.5 click plug', '12.5 click plug', NO],
  ]));

// Outside diameters: ASTM D1785, D2665, D3034, D2729, D2846; EN ISO 1452-2; AS/NZS 1477, 1260; UK waste from memory.
describe('solvent-welded and drain pipe', () =>
  check([
    ['1-1/2 IPS spigot', '1-1/2 IPS socket', CEMENT],
    ['4 IPS spigot', '4 IPS socket', CEMENT],
    ['1 IPS80 spigot', '1 IPS socket', CEMENT],
    ['1 IPS spigot', '1-1/4 IPS socket', NO],
    ['1-1/4 IPS spigot', '1 IPS socket', NO],
    ['1 IPS spigot', '1 IPS spigot', NO],
    // One outside diameter: fine on what only lets water fall, not under pressure.
    ['2 DWV spigot', '2 IPS socket', FITS],
    ['2 DWV spigot', '2 IPS socket', CEMENT, { service: 'drain' }],
    ['2 DWV spigot', '2 IPS socket', FITS, { service: 'head' }],
    ['2 DWV spigot', '2 IPS socket', LEAKS, { service: 'pressure' }],
    ['2 IPS spigot', '2 DWV socket', FITS],
    ['2 IPS spigot', '2 DWV socket', CEMENT, { service: 'drain' }],
    ['2 IPS spigot', '2 DWV socket', LEAKS, { service: 'pressure' }],
    ['2 DWV spigot', '2 DWV socket', CEMENT],
    ['2 DWV spigot', '2 DWV socket', LEAKS, { service: 'pressure' }],
    ['4 IPS spigot', '4 D3034 socket', NO],
    ['4 D3034 spigot', '4 IPS socket', NO],
    ['4 D2729 spigot', '4 D3034 socket', CEMENT],
    ['4 D2729 spigot', '4 D2729 dry-hub', FITS],
    ['3 IPS spigot', '3 D2729 socket', NO],
    ['3 D2729 spigot', '3 IPS socket', NO],
    ['4 D3034 spigot', '4 D3034 push-fit', LUBRICANT],
    ['4 D3034 spigot', '4 corrugated dry-hub', NO],
    // 3/4 CTS is 22.2 mm and sits beside 1/2 IPS, 21.3 mm.
    ['3/4 CTS spigot', '1/2 IPS socket', NO],
    ['3/4 CTS spigot', '3/4 IPS socket', NO],
    ['1/2 IPS spigot', '3/4 CTS socket', LEAKS],
    // CPVC or copper: nobody knows before both are named.
    ['3/4 CTS spigot', '3/4 CTS socket', UNKNOWN],
    ['3/4 CTS spigot', '3/4 CTS socket', UNKNOWN, { a: 'cpvc' }],
    ['3/4 CTS spigot', '3/4 CTS socket', CEMENT, { a: 'cpvc', b: 'cpvc' }],
    ['3/4 CTS spigot', '3/4 CTS socket', LEAKS, { a: 'pex', b: 'cpvc' }],
    ['1/2 CTS spigot', '1/2 CTS socket', FITS, { a: 'cpvc', b: 'cpvc', cement: 'pvc' }],
    ['1 IPS spigot', '1 IPS socket', LEAKS, { a: 'pvc', b: 'polyethylene' }],
    ['1 IPS spigot', '1 IPS socket', LEAKS, { a: 'pvc', b: 'polypropylene' }],
    // ASTM D3138: transition cement is for non-pressure drains.
    ['2 IPS spigot', '2 IPS socket', FITS, { a: 'pvc', b: 'abs' }],
    ['2 IPS spigot', '2 IPS socket', CEMENT, { a: 'pvc', b: 'abs', service: 'drain' }],
    ['2 IPS spigot', '2 IPS socket', LEAKS, { a: 'pvc', b: 'abs', service: 'pressure' }],
    ['2 IPS spigot', '2 IPS socket', FITS, { a: 'pvc', b: 'abs', cement: 'pvc' }],
    ['2 IPS spigot', '2 IPS socket', CEMENT, { a: 'pvc', b: 'abs', cement: 'transition', service: 'drain' }],
    ['32 EN spigot', '32 EN socket', CEMENT],
    ['32 PE spigot', '1 IPS socket', NO],
    ['21.5 OVERFLOW spigot', '1/2 IPS socket', FITS],
    ['1/2 IPS spigot', '21.5 OVERFLOW socket', FITS],
    ['21.5 OVERFLOW spigot', '21.5 OVERFLOW push-fit', LUBRICANT],
    ['40 WASTE spigot', '1-1/2 IPS socket', NO],
    ['40 WASTE-PP spigot', '40 WASTE socket', NO],
    ['40 WASTE spigot', '40 WASTE-PP push-fit', NO],
    ['40 WASTE-PP spigot', '40 WASTE-PP push-fit', LUBRICANT],
    ['110 SOIL spigot', '4 IPS socket', NO],
    ['110 SOIL spigot', '110 SOIL push-fit', LUBRICANT],
    // 110 mm outside by whatever name; 90 mm downpipe of PVC is 90 mm stormwater pipe.
    ['100 ANZ-DWV spigot', '110 SOIL push-fit', LUBRICANT],
    ['100 ANZ-DWV spigot', '100 ANZ-STORM socket', CEMENT],
    ['100 ANZ-STORM spigot', '100 ANZ-DWV socket', CEMENT],
    ['90 downpipe spigot', '90 ANZ-STORM socket', CEMENT, { a: 'pvc' }],
    ['90 downpipe spigot', '90 ANZ-STORM socket', UNKNOWN],
    ['90 downpipe spigot', '90 ANZ-STORM socket', LEAKS, { a: 'galvanised' }],
    ['90 ANZ-STORM spigot', '90 downpipe dry-hub', HOLDS, { service: 'drain' }],
    ['90 ANZ-STORM spigot', '90 downpipe dry-hub', LEAKS, { service: 'head' }],
    ['110 SOIL spigot', '110 SOIL push-fit', LEAKS, { service: 'pressure' }],
    ['25 ANZ spigot', '1 IPS socket', FITS],
    ['90 ANZ-STORM spigot', '3 IPS socket', NO],
    ['4 IPS spigot', '4 IPS sleeve', CLAMP],
    ['4 IPS spigot', '4 IPS sleeve', LEAKS, { service: 'pressure' }],
    ['4 D3034 spigot', '4 IPS sleeve', LEAKS],
    ['4 IPS spigot', '4 D3034 sleeve', NO],
  ]));

describe('flanges (ASME B16.5, EN 1092-1, AS 2129; bolt circles from memory)', () =>
  check([
    ['2 CL150 flange', '2 CL150 flange', 'Holds with bolts and washer'],
    ['100 TABLE-E flange', '100 TABLE-E flange', 'Holds with bolts and washer'],
    ['2 CL150 flange', '2 CL150 flange', LEAKS, { madeWith: ['bolts'] }],
    // 125 and 114 mm.
    ['50 PN16 flange', '50 TABLE-E flange', NO],
    // 180 and 178 mm, eight bolts each: M16 passes 18 mm holes.
    ['100 PN16 flange', '100 TABLE-E flange', FITS],
    // 190.5 and 180 mm.
    ['4 CL150 flange', '100 PN16 flange', NO],
    // Four and eight bolts.
    ['3 CL150 flange', '80 PN16 flange', NO],
    ['2 CL150 flange', '2 IPS spigot', NO],
  ]));

describe('drip tube (0.600 by 0.700 in, 13.8 by 16 mm; from memory)', () =>
  check([
    ['1/2 drip barb', '1/2 drip bore', HOLDS],
    ['16 drip barb', '16 drip bore', HOLDS],
    // 16.2 over its edge in 13.8: 17 %.
    ['1/2 drip barb', '16 drip bore', FITS],
    ['16 drip barb', '1/2 drip bore', LEAKS],
    // Large enough for 5/8 in hose, and too short for its clamp.
    ['1/2 drip barb', '5/8 hose bore', FITS],
  ]));

describe('tube and polyethylene (ASTM B88, EN 1057, ISO 4427-2, ASTM D2239; rural pipe from memory)', () =>
  check([
    ['25 PE spigot', '25 PE compression', HOLDS],
    ['63 PE spigot', '63 PE compression', HOLDS],
    ['25 PE spigot', '32 PE compression', NO],
    ['3/4 rural bore', '25 PE compression', LEAKS],
    ['1 rural bore', '32 PE compression', LEAKS],
    ['1 PE-ID bore', '32 PE compression', LEAKS],
    ['1 rural bore', '1 rural barb', HOLDS],
    ['32 PE spigot', '1 rural barb', NO],
    ['1 PE-ID bore', '1 PE-ID barb', CLAMP],
    ['3/4 PE-ID barb', '3/4 hose bore', FITS],
    ['3/4 barb', '3/4 PE-ID bore', LEAKS],
    ['22 CU spigot', '3/4 CTS compression', FITS],
    ['1/2 CTS spigot', '15 CU compression', NO],
    ['15 CU spigot', '1/2 CTS compression', LEAKS],
    ['3/4 CTS spigot', '3/4 IPS compression', NO],
    ['3/4 CTS spigot', '3/4 CTS compression', UNKNOWN, { b: 'brass' }],
    ['3/4 CTS spigot', '3/4 CTS push-fit', UNKNOWN],
    ['25 PE spigot', '25 PE compression', INSERT, { b: 'brass' }],
    ['25 PE spigot', '25 PE compression', HOLDS, { b: 'polypropylene' }],
    ['3/4 CTS spigot', '3/4 CTS compression', HOLDS, { a: 'copper', b: 'brass' }],
    ['3/4 CTS spigot', '3/4 CTS compression', INSERT, { a: 'pex', b: 'brass' }],
    ['3/4 CTS spigot', '3/4 CTS compression', FITS, { a: 'pex', b: 'brass', madeWith: [] }],
    ['3/4 CTS spigot', '3/4 CTS push-fit', HOLDS, { a: 'copper' }],
    ['3/4 IPS spigot', '3/4 CTS push-fit', NO],
    ['20 CU-ANZ spigot', '22 CU compression', NO],
  ]));

describe('hose, gaskets, downpipes (common practice)', () =>
  check([
    ['3/8 barb', '3/8 hose bore', CLAMP],
    ['5/8 barb', '5/8 hose bore', CLAMP],
    ['2 barb', '2 hose bore', CLAMP],
    ['13 barb', '1/2 hose bore', CLAMP],
    ['19 barb', '3/4 hose bore', CLAMP],
    ['25 barb', '1 hose bore', CLAMP],
    ['15 barb', '5/8 hose bore', FITS],
    // 28 and 34 % over the bore; 3/4 in a tail for bore-controlled pipe is 15 %.
    ['3/4 barb', '5/8 hose bore', LEAKS],
    ['5/8 barb', '1/2 hose bore', LEAKS],
    ['1/2 barb', '5/8 hose bore', LEAKS],
    ['3/4 barb', '1 hose bore', LEAKS],
    ['1 barb', '3/4 hose bore', NO],
    ['1/2 barb', '1/2 barb', NO],
    ['5/8 barb', '5/8 hose bore', LEAKS, { madeWith: [] }],
    ['1/2 IPS spigot', '3/4 hose bore', FITS],
    ['3 IPS gasket', '3 IPS spigot', LUBRICANT],
    ['4 IPS gasket', '100 ANZ spigot', LUBRICANT],
    ['4 IPS gasket', '4 D3034 spigot', LEAKS],
    ['3 IPS gasket', '3 D2729 spigot', LEAKS],
    ['4 IPS gasket', '110 SOIL spigot', LEAKS],
    ['1 IPS gasket', '32 PE spigot', LEAKS],
    ['2x3 downpipe gasket', '75 downpipe spigot', NO],
    ['65 downpipe gasket', '68 downpipe spigot', NO],
    ['1-1/2 IPS gasket', '50 EN spigot', FITS],
    ['2 IPS gasket', '63 EN spigot', NO],
    ['4 IPS gasket', '4 corrugated spigot', LEAKS],
    ['1 IPS gasket', '1 IPS socket', NO],
    ['68 downpipe spigot', '68 downpipe dry-hub', HOLDS],
    ['65 downpipe spigot', '68 downpipe dry-hub', NO],
    ['2x3 downpipe spigot', '2x3 downpipe dry-hub', HOLDS],
    ['3x4 downpipe spigot', '4 corrugated dry-hub', NO],
    ['68 downpipe spigot', '110 SOIL socket', NO],
    ['80 downpipe spigot', '75 downpipe dry-hub', NO],
    // Nothing joins a hose to a pipe thread, or a socket to a thread.
    ['3/4 hose bore', '3/4 NPT M', NO],
    ['1 IPS socket', '1 NPT M', NO],
  ]));

// Holes (value from memory): 3/4 bulkhead 1-3/8 to 1-3/4 in hole, grip to 3/4 in.
describe('seals in a wall', () =>
  check([
    ['41.3 hole 6.4 wall 584 radius', '3/4 bulkhead shank', WASHER],
    ['30 hole 6.4 wall', '3/4 bulkhead shank', NO],
    ['50 hole 6.4 wall', '3/4 bulkhead shank', LEAKS],
    ['41.3 hole 100 wall', '3/4 bulkhead shank', NO],
    ['41.3 hole 1 wall', '3/4 bulkhead shank', LEAKS],
    ['41.3 hole 6.4 wall 150 radius', '3/4 bulkhead shank', LEAKS],
    ['101.6 hole 6.4 wall 584 radius', '3 gasket rim', HOLDS],
    ['101.6 hole 100 wall', '3 gasket rim', NO],
  ]));

// Metals: common practice, no source. A metal male in a plastic female holds and is warned of.
describe('materials', () =>
  check([
    ['3/4 NPT M', '3/4 NPT F', TAPE, { a: 'brass', b: 'galvanised' }],
    ['3/4 NPT M', '3/4 NPT F', FITS, { a: 'copper', b: 'aluminium' }],
    ['3/4 NPT M', '3/4 NPT F', FITS, { a: 'galvanised', b: 'copper' }],
    ['3/4 NH M', '3/4 NH F swivel', WASHER, { a: 'brass', b: 'aluminium' }],
    ['3/4 NPT M', '3/4 NPT F', TAPE, { a: 'stainless', b: 'pvc' }],
  ]));
