import { sizeCode } from '../../quantity/size';
import { endWords } from '../end-words';
import { fitting } from '../fitting';
import { type Made, overMade } from '../line';
import * as socketed from '../lines/socketed';
import * as tailed from '../lines/tailed';
import * as threaded from '../lines/threaded';
import { type FamilyPart, defineFamily } from '../part-family';

/** Vents and overflows are screened in the drain sizes of every line (ranges of the trade, from memory). */
const VENTS: readonly Made[] = [
  { line: socketed.SCHEDULE_40, from: '1-1/2', to: '4' },
  { line: socketed.DRAIN_US, from: '1-1/2', to: '4' },
  { line: socketed.SEWER_US },
  { line: socketed.THIN_DRAIN_US },
  { line: socketed.METRIC_PRESSURE, from: '40', to: '110' },
  { line: socketed.ANZ_DRAIN, from: '40', to: '100' },
  { line: socketed.ANZ_STORM },
  { line: socketed.WASTE_SOLVENT },
  { line: socketed.SOIL_PUSH_FIT },
  { line: socketed.EU_DRAIN },
];
/** Over a sight tube: a hole with mesh keeps insects out and lets its air go. */
const SIGHT_TUBES: readonly Made[] = [
  { line: socketed.SCHEDULE_40, from: '1/2', to: '1' },
  { line: socketed.METRIC_PRESSURE, from: '20', to: '32' },
  { line: socketed.ANZ_PRESSURE, from: '15', to: '25' },
  { line: tailed.HOSE_NYLON, from: '1/2', to: '1' },
  { line: tailed.METRIC_HOSE_NYLON, from: '13', to: '25' },
];
/** Small breathers on a thread. */
const BREATHERS: readonly Made[] = [
  { line: threaded.NPT_POLYPROPYLENE, from: '1/2', to: '2' },
  { line: threaded.ISO_POLYPROPYLENE, from: '1/2', to: '2' },
];
/** Automatic air release where a line has a hump. */
const AIR_RELEASE: readonly Made[] = [
  { line: threaded.NPT_POLYPROPYLENE, from: '1/2', to: '2' },
  { line: threaded.ISO_POLYPROPYLENE, from: '1/2', to: '2' },
];

const MESH_MM = 34;
/** An air release of plastic bears this [kPa] (common practice: PN 10). */
const AIR_RELEASE_KPA = 1000;

/** The same part with its far end of stainless mesh. */
const meshed = (part: FamilyPart, lengthMm: number, girth: number): FamilyPart => {
  const [socket] = part.body;
  return socket
    ? {
        ...part,
        body: [
          socket,
          {
            lengthMm,
            outsideMm: socket.outsideMm * girth,
            boreMm: part.boreMm,
            surface: 'mesh',
            material: 'stainless',
          },
        ],
      }
    : part;
};

const ending = (
  mark: string,
  name: string,
  made: readonly Made[],
  lengthMm: number,
  girth: number,
  usd: number,
  male = false,
  ratedKpa: number | null = null,
) =>
  overMade(made, (line, size) => {
    const end = male ? line.enters(size) : line.takes(size);
    return meshed(
      fitting({
        code: `${mark}${line === socketed.SCHEDULE_40 ? '' : line.mark}-${sizeCode(size)}`,
        name,
        detail: `${endWords(end)}, screened`,
        size,
        material: line.material,
        ends: [end],
        betweenMm: lengthMm,
        features: ['screen'],
        loss: 'mesh',
        ratedKpa,
        priceUsdAtOneInch: usd,
      }),
      lengthMm,
      girth,
    );
  });

/** Insect-tight ends for vents and overflows, with a stainless mesh of about 1 mm; breathers and air releases on a thread; caps over sight tubes. */
export const screens = defineFamily({
  id: 'screen',
  name: 'Vent and screen',
  source: { document: 'mesh about 1 mm against insects', provenance: 'common-practice' },
  parts: () => [
    ...ending('SV', 'Vent cowl', VENTS, MESH_MM, 1.25, 5.2),
    ...ending('SO', 'Overflow screen', VENTS, MESH_MM / 2, 1, 4.6),
    ...ending('SB', 'Breather', BREATHERS, MESH_MM / 2, 1.3, 4, true),
    ...ending('SL', 'Vented cap', SIGHT_TUBES, 10, 1, 2.4),
    ...ending('SA', 'Air release valve', AIR_RELEASE, MESH_MM * 2, 1.6, 16, true, AIR_RELEASE_KPA),
    ...ending('SR', 'Rodent screen', VENTS, MESH_MM / 3, 1, 5),
  ],
});
