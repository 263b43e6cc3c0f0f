import { buildJob } from '../edits/build-job';
import { shippedCatalogue } from '../fittings/catalogue';
import type { EndRef, Job, Penetration } from '../job/job';
import { newPart } from '../job/new-part';
import { newTank } from '../job/new-tank';
import { newTerminal } from '../job/places';
import { faceOf } from '../walls/forms';
import { FACES } from '../walls/tank';

/**
 * The kinds of system that must be plannable, each built as a job from the shipped catalogue: no open end, no joint that
 * fails, and every noun of its line is a part, an opening or a place. Sizes are the planner's; shapes from the notes on
 * the job. Places and dimensions are invented.
 */
interface Line {
  readonly hole: Partial<Penetration> & Pick<Penetration, 'id' | 'name' | 'roles' | 'size'>;
  /** `CODE`, `CODE 3` (metres), `-CODE` (turned round). */
  readonly parts: readonly string[];
  /** A place by its name (`bed`, `bay|3/4 NH F swivel` where it offers an end), a hole by its id (`=h2`), an end of a part that is there (`=h2-1/1`). */
  readonly to?: string;
  /** From the further end of the part of this number, counted from 1. */
  readonly branches?: readonly {
    readonly from: number;
    readonly end: number;
    readonly parts: readonly string[];
    readonly to?: string;
  }[];
}
export interface System {
  readonly tanks: readonly string[];
  readonly lines: readonly Line[];
  readonly nouns: readonly RegExp[];
}

const wall = (
  id: string,
  name: string,
  role: Penetration['roles'][number],
  size: Penetration['size'],
  more: Partial<Penetration> = {},
) => ({
  id,
  name,
  roles: [role],
  size,
  ...more,
});

export const SYSTEMS: Readonly<Record<string, System>> = {
  'a. a caged crate: from its valve to a hose by three ways, and from the bare neck': {
    tanks: ['crate-eu', 'crate-eu', 'crate-eu', 'crate-eu'],
    lines: [
      {
        hole: wall('h1', 'Valve, coarse thread', 'draw-off', '2', { tankId: 't1', port: 'S60x6 M' }),
        parts: ['XC-BARB25M', 'HO-25M 5'],
        to: 'bed',
      },
      {
        hole: wall('h2', 'Valve, cam grooves', 'draw-off', '2', { tankId: 't2', port: '2 cam adapter' }),
        parts: ['CMCP-200', 'HO-200 5'],
        to: 'bed',
      },
      {
        hole: wall('h3', 'Valve, pipe thread', 'draw-off', '2', { tankId: 't3', port: '2 G M' }),
        parts: ['TAL-200', 'RBB-200100', 'HR-10025M', 'HO-25M 5'],
        to: 'bed',
      },
      {
        hole: wall('h4', 'Bare neck', 'draw-off', '2', { tankId: 't4', port: 'S75x6 M' }),
        parts: ['XN-S60', 'XV-G', 'TAL-200', 'RBB-200100', 'HR-10025M', 'HO-25M 5'],
        to: 'bed',
      },
    ],
    nouns: [/Container adapter/, /Cam coupler/, /Container neck adapter/, /Container ball valve/, /Hose/],
  },
  'b. closed drums on their heads, drawn through their bungs into one line, each with its own air': {
    tanks: ['drum-upside-down', 'drum-upside-down'],
    lines: [
      {
        hole: wall('h1', 'Bung', 'draw-off', '2', { tankId: 't1', port: '2 NPS F', face: 'bottom' }),
        parts: [
          'BR-NPS',
          'NC-075',
          'LV-075',
          'AM-075',
          'PI-075 0.3',
          'TS-075',
          'PI-075 1',
          '-AM-075',
          'LV-075',
          'NC-075',
          '-BR-NPS',
        ],
        to: '=h2',
        branches: [{ from: 6, end: 2, parts: ['PI-075 2', '-AF-075', 'HT-075M'] }],
      },
      { hole: wall('h2', 'Bung', 'draw-off', '2', { tankId: 't2', port: '2 NPS F', face: 'bottom' }), parts: [] },
      { hole: wall('v1', 'Air', 'vent', '1/2', { tankId: 't1' }), parts: ['WIS-050'] },
      { hole: wall('v2', 'Air', 'vent', '1/2', { tankId: 't2' }), parts: ['WIS-050'] },
    ],
    nouns: [/Reducing drum bung/, /Lever valve/, /Tee/, /insect screen/i, /Air/],
  },
  'c. a sunken moulded tank: drain in, overflow out, supply and vent through gaskets; rigid to polyethylene': {
    tanks: ['buried'],
    lines: [
      {
        hole: wall('i', 'Drain in', 'inlet', '110'),
        parts: ['PG-110M', 'PISL-110M 1', 'CSP-110M', 'PISL-110M 3', 'YSP-110M', 'PISL-110M 2'],
        to: 'downpipe',
        branches: [{ from: 5, end: 2, parts: ['PLSP-110M'] }],
      },
      {
        hole: wall('o', 'Overflow out', 'overflow', '110'),
        parts: ['PG-110M', 'PISL-110M 2', 'BWSP-110M', 'PISL-110M 4', 'OFSP-110M'],
      },
      { hole: wall('s', 'Supply', 'draw-off', '40'), parts: ['PG-40M', 'PIQ-40M 0.5', 'SVQ-40M'] },
      {
        hole: wall('p', 'Supply, screwed', 'pump-line', '1'),
        parts: ['WBG-100', '-TAH-100', 'AFPE-32M', 'PE-32M 12', 'VPE-32M', 'PE-32M 2', 'KPE-32M'],
      },
      { hole: wall('v', 'Vent', 'vent', '50', { face: 'top' }), parts: ['PG-50M', 'PIQ-50M 0.8', 'SVQ-50M'] },
      { hole: wall('r', 'Riser over the pump', 'access', '4', { face: 'top' }), parts: ['WDG-400'] },
    ],
    nouns: [
      /Push-through gasket/,
      /Backwater valve/,
      /Outfall flap/,
      /Polyethylene pipe/,
      /Vent cowl/,
      /Riser over the pump/,
    ],
  },
  'd. a slim tank on a wall filled by a float valve from a higher store through a long hose': {
    tanks: ['vertical-round', 'slimline'],
    lines: [
      { hole: wall('h2', 'Float valve', 'float-fill', '3/4', { tankId: 't2' }), parts: ['WFV-075'] },
      {
        hole: wall('h1', 'Outlet of the store', 'draw-off', '3/4', { tankId: 't1' }),
        parts: ['BH-075', 'NC-075', 'LV-075', 'HB-075', 'HO-075 18', '-HF-075', 'TAB-075', 'TAH-075', 'HUG-075'],
        to: '=h2-1/1',
      },
    ],
    nouns: [/Float valve on a shank/, /Lever valve/, /Hose/],
  },
  'e. a row of open-head drums on one manifold with tees, shut-offs, vents, an overflow, a stub to extend': {
    tanks: ['open-drum', 'open-drum', 'open-drum'],
    lines: [
      {
        hole: wall('h1', 'First drum', 'link', '1', { tankId: 't1' }),
        parts: [
          'BH-100',
          'NC-100',
          'LV-100',
          'AM-100',
          'PI-100 0.2',
          'ES-100',
          'PI-100 0.6',
          'TS-100',
          'PI-100 0.6',
          'TS-100',
          'PI-100 0.6',
          'CS-100',
          'PI-100 0.3',
          'KS-100',
        ],
        branches: [
          { from: 8, end: 2, parts: ['PI-100 0.2', '-AM-100', 'LV-100', 'NC-100', '-BH-100'], to: '=h2' },
          { from: 10, end: 2, parts: ['PI-100 0.2', '-AM-100', 'LV-100', 'NC-100', '-BH-100'], to: '=h3' },
        ],
      },
      { hole: wall('h2', 'Second drum', 'link', '1', { tankId: 't2' }), parts: [] },
      { hole: wall('h3', 'Third drum', 'link', '1', { tankId: 't3' }), parts: [] },
      ...['t1', 't2', 't3'].map((tankId): Line => ({
        hole: wall(`v-${tankId}`, 'Vent', 'vent', '1', { tankId }),
        parts: ['WIS-100'],
      })),
      {
        hole: wall('o', 'Overflow', 'overflow', '3', { tankId: 't1', supported: true }),
        parts: ['PG-300', 'PI-300 0.5', 'ES-300', 'PI-300 0.8', 'SO-300'],
      },
    ],
    nouns: [/Tee/, /Lever valve/, /Vent/, /Overflow/, /Coupling 1 socket/, /Cap/],
  },
  'f. concrete tanks joined underground by polyethylene, a reduced branch to a pump coupling, a riser with tap': {
    tanks: ['concrete', 'concrete'],
    lines: [
      {
        hole: wall('h1', 'Link', 'link', '2', { tankId: 't1' }),
        parts: [
          'WFG-200',
          '-TAH-200',
          'AFPE-63M',
          'PE-63M 2',
          'TPE-BP-63M200',
          'PE-63M 1',
          'TPE-BP-63M200',
          'PE-63M 3',
          '-AFPE-63M',
          'TAH-200',
          '-WFG-200',
        ],
        to: '=h2',
        branches: [
          {
            from: 5,
            end: 2,
            parts: ['RBP-200150', 'NHBP-150', 'VBP-150', 'TAH-150', '-CMAPG-150'],
            to: 'pump coupling|1-1/2 cam coupler',
          },
          { from: 7, end: 2, parts: ['RBP-200100', 'NHBP-100', 'CBP-100', 'NHBP-100', 'CRBP-100075', 'HT-075R'] },
        ],
      },
      { hole: wall('h2', 'Link', 'link', '2', { tankId: 't2' }), parts: [] },
    ],
    nouns: [/Polyethylene pipe/, /Tee with threaded branch/, /Hex bushing/, /pump coupling/, /Hose tap/],
  },
  'g. a submersible pump in a drum, riser through the top, valve, reduction to a drip line; cord entry': {
    tanks: ['open-drum'],
    lines: [
      {
        hole: wall('h1', 'Riser', 'pump-line', '1', { face: 'top' }),
        parts: [
          'BH-100',
          'NC-100',
          'LV-100',
          'NR-100075',
          'C-075',
          'AD-075M',
          'HI-075',
          'HJ-075',
          'HS-075050',
          'HO-050 15',
        ],
        to: 'drip line|1/2 barb',
        branches: [{ from: 1, end: 2, parts: ['AM-100', 'PI-100 0.6', '-AM-100', 'PS1N-100'] }],
      },
      { hole: wall('c', 'Cord entry', 'cord-entry', '3/4', { face: 'top' }), parts: ['WIS-075'] },
    ],
    nouns: [/Submersible pump/, /Lever valve/, /Pressure reducer/, /drip line/, /Cord entry/],
  },
  'h. a bin with a single tank fitting on its flat, catching from above through a screen': {
    tanks: ['bin'],
    lines: [
      { hole: wall('h1', 'Tap', 'draw-off', '3/4'), parts: ['WTB-075'] },
      { hole: wall('i', 'Screened top', 'inlet', '4', { face: 'top' }), parts: ['WDG-400'] },
    ],
    nouns: [/Barrel tap on a shank/, /Drop-in grate/],
  },
  'i. a crate above the point of use, filled through a diverter, a manifold of hose lines': {
    tanks: ['crate-us'],
    lines: [
      { hole: wall('i', 'Fill', 'inlet', '1'), parts: ['BH-100', 'HB-100', 'HO-100 3'], to: 'diverter|1 barb' },
      {
        hole: wall('h1', 'Outlet valve', 'draw-off', '2', { port: 'S60x6 M' }),
        parts: ['XC-NH', 'HY-0753'],
        branches: [
          { from: 2, end: 2, parts: ['HS-075063', 'HO-063 15'], to: 'bed one' },
          { from: 2, end: 3, parts: ['TD-075', 'HS-075063', 'HO-063 15'], to: 'bed two' },
        ],
      },
    ],
    nouns: [/Fill/, /diverter/, /Manifold, 3 hoses/, /Diaphragm timer/, /bed two/],
  },
  'j. a precast cistern: two downpipes to a filter box, supply with its cable, overflow to daylight with flap and screen':
    {
      tanks: ['concrete'],
      lines: [
        {
          hole: wall('i', 'Inlet', 'inlet', '4'),
          parts: ['WCS-400', 'PI-400 2', 'YS-400', 'PI-400 1', 'CF-IPS-40-400-IPS-40-400', 'PI-400 3'],
          to: 'first downpipe',
          branches: [{ from: 3, end: 2, parts: ['PI-400 4', 'FS-400', 'PI-400 2'], to: 'second downpipe' }],
        },
        {
          hole: wall('s', 'Supply below frost', 'pump-line', '1'),
          parts: ['WLS-100', 'PI-100 6', '-AM-100', 'PJ1N-100', 'NC-100', 'LV-100', 'AM-100', 'PI-100 2'],
          to: 'house',
        },
        { hole: wall('c', 'Cable through the wall', 'cord-entry', '2'), parts: ['WCS-200', 'PI-200 4'], to: 'switch' },
        { hole: wall('o', 'Overflow', 'overflow', '4'), parts: ['WCS-400', 'PI-400 6', 'OFS-400'] },
      ],
      nouns: [
        /Cast-in sleeve/,
        /Mechanical link seal/,
        /Wye/,
        /Flexible coupling/,
        /Self-priming pump/,
        /Outfall flap/,
        /second downpipe/,
      ],
    },
  'k. a drum with a push-through gasket, glued draw-off, hose tap, grated top': {
    tanks: ['open-drum'],
    lines: [
      {
        hole: wall('h1', 'Draw-off', 'draw-off', '3/4', { supported: true }),
        parts: ['PG-075', 'PI-075 0.4', 'ES-075', 'PI-075 0.3', '-AF-075', 'HT-075M'],
      },
      { hole: wall('i', 'Grated top', 'inlet', '6', { face: 'top' }), parts: ['WDG-600'] },
    ],
    nouns: [/Push-through gasket/, /Elbow/, /Hose tap/, /grate/],
  },
  'l. a sight tube with its own small tap cut into a line that stands; union, clear pipe, loose cap': {
    tanks: ['vertical-round'],
    lines: [
      {
        hole: wall('h1', 'Outlet', 'draw-off', '1-1/2'),
        parts: ['BH-150', 'NC-150', 'U-150', 'NC-150', 'TR-150075', 'NC-150', 'LV-150', 'AM-150', 'PI-150 4'],
        to: 'garden',
        branches: [
          { from: 5, end: 2, parts: ['NR-075050', 'T-050', 'AM-050', 'CP-050 1.5', 'KS-050'] },
          { from: 11, end: 2, parts: ['HT-050M'] },
        ],
      },
    ],
    nouns: [/Union/, /Reducing tee/, /Clear pipe/, /Cap/, /Hose tap/],
  },
  'm. a cam coupling on a crate, thread to socket, bushing, tap': {
    tanks: ['crate-us'],
    lines: [
      {
        hole: wall('h1', 'Outlet valve', 'draw-off', '2', { port: '2 cam adapter' }),
        parts: ['CMDP-200', 'AM-200', 'RSF-200075', 'HT-075M'],
      },
    ],
    nouns: [/Cam coupler/, /Male adapter/, /Reducing bushing/, /Hose tap/],
  },
  'n. a moulded tank with first flush and its drain, a filter, a pump whose connections come apart': {
    tanks: ['vertical-round'],
    lines: [
      {
        hole: wall('i', 'Inlet', 'inlet', '3', { face: 'top' }),
        parts: ['PG-300', 'PI-300 1', 'TS-300', 'PI-300 1'],
        to: 'roof',
        branches: [
          {
            from: 3,
            end: 2,
            parts: ['PI-300 1.5', 'CRS-300150', 'PI-150 0.2', '-AF-150', 'NC-150', 'LV-150'],
            to: 'flush drain',
          },
        ],
      },
      {
        hole: wall('p', 'Pump line', 'pump-line', '1'),
        parts: [
          'BH-100',
          'NC-100',
          'FIPP-100',
          'NC-100',
          'U-100',
          'NC-100',
          'PJ1N-100',
          'NC-100',
          'U-100',
          'NC-100',
          'LV-100',
          'AM-100',
          'PI-100 5',
        ],
        to: 'house',
      },
    ],
    nouns: [/Screen filter/, /Union/, /Self-priming pump/, /flush drain/],
  },
  'o. a tank drawn by a surface pump: suction line, foot valve, pressure vessel, low-water cut-out': {
    tanks: ['vertical-round'],
    lines: [
      {
        hole: wall('s', 'Suction line', 'pump-line', '1', { face: 'top' }),
        parts: [
          'BH-100',
          'HB-100',
          'HOS-100 3',
          '-HB-100',
          'U-100',
          'NC-100',
          'PJ1N-100',
          'NC-100',
          'T-100',
          'PCN-100',
          'LV-100',
          'AM-100',
          'PI-100 8',
        ],
        to: 'house',
        branches: [
          { from: 1, end: 2, parts: ['AM-100', 'PI-100 1.6', '-AM-100', 'CKF-100'] },
          { from: 9, end: 2, parts: ['PVN-24'] },
        ],
      },
    ],
    nouns: [/Suction hose/, /Foot valve/, /Pressure vessel/, /dry-run protected/, /Union/],
  },
  'p. bore top-up through an air gap into a rain tank': {
    tanks: ['corrugated'],
    lines: [
      { hole: wall('i', 'Tundish, open to the air', 'inlet', '4', { face: 'top' }), parts: ['WDG-400'] },
      { hole: wall('o', 'Overflow', 'overflow', '4'), parts: ['WFT-400', 'AM-400', 'PI-400 1', 'SO-400'] },
      {
        hole: wall('h1', 'Outlet', 'draw-off', '1-1/2'),
        parts: ['WFG-150', '-TAH-150', 'VUBP-150', 'NHBP-150', 'AFZ-40M', 'PIZ-40M 20'],
        to: 'house',
      },
    ],
    nouns: [/open to the air/, /grate/, /Ball valve with unions/, /Overflow/],
  },
  'q. a trailer tank, everything on quick couplings': {
    tanks: ['trailer'],
    lines: [
      {
        hole: wall('h1', 'Outlet', 'draw-off', '2', { port: '2 NPT F' }),
        parts: ['NC-200', 'LV-200', '-CMFA-200', 'CMCA-200', 'HO-200 6', '-CMCA-200'],
        to: 'saw|2 cam adapter',
      },
      {
        hole: wall('f', 'Standpipe fill', 'tanker-fill', '2', { face: 'top' }),
        parts: ['BH-200', '-CMFA-200', 'CMDCA-200'],
      },
    ],
    nouns: [/Cam adapter/, /Cam coupler/, /Cam dust cap/, /Hose/],
  },
  'r. a corrugated steel tank with liner: flanged outlets, overflow, fire reserve and coupling': {
    tanks: ['corrugated'],
    lines: [
      {
        hole: wall('h1', 'House outlet', 'draw-off', '2'),
        parts: ['WFG-200', '-TAH-200', 'LVBB-200', 'NHBB-200', 'AFZ-50M', 'PIZ-50M 12'],
        to: 'house',
      },
      {
        hole: wall('f', 'Fire reserve', 'pump-line', '4'),
        parts: ['WFT-400', 'NCN-400', 'CRN-400200', 'NHN-200', 'LVN-200', '-CMFA-200'],
        to: 'portable pump|2 cam coupler',
      },
      { hole: wall('o', 'Overflow', 'overflow', '4'), parts: ['WFT-400', 'AM-400', 'PI-400 2', 'SO-400'] },
      { hole: wall('d', 'Drain', 'drain', '2'), parts: ['WFG-200', '-TAH-200', 'LVBB-200', 'PLBB-200'] },
    ],
    nouns: [/Bolted tank flange/, /Fire reserve/, /portable pump/, /Lever valve/, /Plug/],
  },
};

const written = (text: string) => {
  const [, turned, code = '', length] = /^(-?)([^ ]+)(?: ([\d.]+))?$/.exec(text) ?? [];
  return {
    code,
    lengthM: length === undefined ? null : Number(length),
    ...(turned === '-' ? { inEnd: 1, outEnd: 0 } : {}),
  };
};

/** The wall of a round tank, the front of a box. */
function sideOf({ tanks }: Job, tankId: string): Penetration['face'] {
  const tank = tanks.find(({ id }) => id === tankId);
  return FACES.find((face) => face !== 'top' && face !== 'bottom' && tank && faceOf(tank, face)) ?? 'wall';
}

/** The job of a system, built as its planner would build it. */
export function buildSystem({ tanks, lines }: System): Job {
  const builder = buildJob('System', 'in-gal');
  for (const [index, type] of tanks.entries()) builder.edit({ type: 'add-tank', tank: newTank(`t${index + 1}`, type) });
  const places = new Map<string, EndRef>();
  const placeOf = (to: string): EndRef => {
    if (to.startsWith('=')) {
      const [id = '', end] = to.slice(1).split('/');
      return end === undefined ? { of: 'hole', id } : { of: 'part', id, end: Number(end) };
    }
    const [name = to, offers] = to.split('|');
    const known = places.get(name);
    if (known) return known;
    const id = `place-${places.size + 1}`;
    builder.edit({
      type: 'add-terminal',
      terminal: newTerminal({ id, name, offers: offers ?? null }),
    });
    places.set(name, { of: 'terminal', id });
    return { of: 'terminal', id };
  };
  for (const { hole } of lines)
    builder.hole({
      tankId: 't1',
      face: sideOf(builder.job(), hole.tankId ?? 't1'),
      // What goes in from above is as high as its tank.
      heightM:
        hole.face === 'top' ? (builder.job().tanks.find(({ id }) => id === (hole.tankId ?? 't1'))?.heightM ?? 0) : 0.2,
      aroundM: 0.3,
      ...hole,
      portUse: hole.port ? 'use' : null,
    });
  for (const { hole, parts, to, branches = [] } of lines) {
    let made = 0;
    const grow = (start: EndRef, some: readonly string[], end?: string): void => {
      let at = start;
      for (const text of some) {
        const { code, lengthM, inEnd = 0, outEnd = 1 } = written(text);
        const id = `${hole.id}-${++made}`;
        const partEnd = shippedCatalogue.byCode.get(code)?.ends.length === 1 ? 0 : inEnd;
        builder.edit({ type: 'add-part', part: newPart(id, code, { lengthM }), at, partEnd, jointId: `${id}-j` });
        at = { of: 'part', id, end: outEnd };
      }
      if (end !== undefined)
        builder.edit({ type: 'join-ends', jointId: `${hole.id}-end-${made}`, a: at, b: placeOf(end) });
    };
    grow({ of: 'hole', id: hole.id }, parts, to);
    for (const branch of branches)
      grow({ of: 'part', id: `${hole.id}-${branch.from}`, end: branch.end }, branch.parts, branch.to);
  }
  return builder.job();
}
