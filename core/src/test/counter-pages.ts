import type { JointConditions } from '../connections/families/joint-family';
import { mate } from '../connections/mate';
import { SERVICE_WORDS, verdictWords } from '../connections/mating';
import { MATERIAL_NAMES } from '../connections/material';
import { parseEnd } from '../connections/parse';
import { FLANGE_DRILLINGS } from '../connections/standards/flanges';
import { HOSE_SYSTEMS } from '../connections/standards/hose';
import { PIPE_SERIES } from '../connections/standards/pipes';
import { THREAD_STANDARDS } from '../connections/standards/threads';
import { WALL_SEAL_STYLES } from '../connections/standards/wall-seals';
import { PROVENANCE_WORDS, type Source, sourceWords } from '../provenance';

/** What is most argued about at a counter: two ends, and what is known of them. */
export const PAIRINGS: readonly (readonly [a: string, b: string, conditions?: JointConditions])[] = [
  ['3/4 NPT M', '3/4 NH F swivel'],
  ['3/4 NH M', '3/4 NPT F'],
  ['1/2 NPT M', '1/2 Rc F'],
  ['3/4 NPT M', '3/4 G F'],
  ['1 NPT M', '1 Rp F'],
  ['3/4 R M', '3/4 G F', { service: 'head' }],
  ['3/4 R M', '3/4 G F', { service: 'pressure' }],
  ['3/4 G M', '3/4 Rp F'],
  ['3/4 G M', '3/4 G F swivel'],
  ['3/4 R M', '3/4 G F swivel'],
  ['3/4 NPT M', '3/4 NPT F swivel'],
  ['1 NPT M', '1 NPSM F swivel'],
  ['3/4 NPT M', '3/4 NPT F', { a: 'brass', b: 'pvc' }],
  ['2 NPT M', '2 NPS F'],
  ['S60x6 M', '2 NPT F'],
  ['2 IPS spigot', '2 DWV socket', { service: 'drain' }],
  ['2 IPS spigot', '2 DWV socket', { service: 'pressure' }],
  ['4 D3034 spigot', '4 IPS socket'],
  ['2 IPS spigot', '2 IPS socket', { a: 'pvc', b: 'abs', service: 'drain' }],
  ['3/4 CTS spigot', '3/4 CTS socket'],
  ['3/4 CTS spigot', '3/4 CTS socket', { a: 'copper', b: 'copper' }],
  ['22 CU spigot', '3/4 CTS compression', { a: 'copper' }],
  ['25 PE spigot', '25 PE compression', { b: 'brass' }],
  ['3/4 CTS spigot', '22 CU press', { a: 'copper' }],
  ['100 ANZ-DWV spigot', '100 ANZ-STORM socket'],
  ['90 downpipe spigot', '90 ANZ-STORM socket', { a: 'pvc' }],
  ['100 ANZ-DWV spigot', '110 SOIL push-fit'],
  ['40 WASTE-PP spigot', '40 WASTE socket'],
  ['1 rural bore', '1 RURAL-PE compression'],
  ['3/4 barb', '5/8 hose bore'],
  ['1 IPS spigot', '1 IPS socket', { a: 'pvc', b: 'polyethylene' }],
  ['4 IPS gasket', '110 SOIL spigot'],
];

const endOf = (text: string) => {
  const parsed = parseEnd(text);
  if (!parsed.ok) throw new RangeError(`counter-pages: ${text}`);
  return parsed.value;
};

const cell = (text: string): string => text.replaceAll('|', '/');
const row = (...cells: readonly string[]): string => `| ${cells.map(cell).join(' | ')} |`;
const table = (heads: readonly string[], rows: readonly string[]): string =>
  [row(...heads), row(...heads.map(() => '---')), ...rows].join('\n');

function knownOf({ a, b, service }: JointConditions): string {
  const said = [
    ...(a ? [`first of ${MATERIAL_NAMES[a]}`] : []),
    ...(b ? [`second of ${MATERIAL_NAMES[b]}`] : []),
    ...(service ? [SERVICE_WORDS[service]] : []),
  ];
  return said.join(', ') || 'nothing more';
}

/** The thirty and more, as the program judges them. */
export const pairingsPage = (): string =>
  [
    '# What is argued about at a counter',
    '',
    'Made from the program by `core/src/test/counter-pages.ts`; a test holds the two together.',
    '',
    table(
      ['ends', 'known besides', 'verdict', 'why', 'what stands behind it'],
      PAIRINGS.map(([a, b, conditions = {}]) => {
        const mating = mate(endOf(a), endOf(b), conditions);
        return row(
          `${a} with ${b}`,
          knownOf(conditions),
          verdictWords(mating),
          [mating.why, mating.practice].filter((one) => one !== undefined).join(' '),
          mating.sources.map(sourceWords).join('; '),
        );
      }),
    ),
    '',
  ].join('\n');

const sizesOf = (sizes: readonly string[]): string => `${sizes[0] ?? ''} to ${sizes.at(-1) ?? ''}`;
const documents = (sources: readonly Source[]): string => sources.map(({ document }) => document).join('; ');
const known = (sources: readonly Source[]): string =>
  [...new Set(sources.map(({ provenance }) => PROVENANCE_WORDS[provenance]))].join('; ');

/** Every system of connection, and what stands behind its dimensions. */
export const systemsPage = (): string =>
  [
    '# What stands behind each system',
    '',
    'Made from the program by `core/src/test/counter-pages.ts`; a test holds the two together.',
    '',
    table(
      ['system', 'as written', 'sizes', 'sold in', 'document', 'how its values are known'],
      [
        ...THREAD_STANDARDS.map(({ name, token, sizes, regions, source }) =>
          row(name, token, sizesOf(sizes), regions.join(', '), source.document, PROVENANCE_WORDS[source.provenance]),
        ),
        ...PIPE_SERIES.map(({ name, token, sizes, parts, regions, sources }) =>
          row(
            `${name}: ${parts.join(', ')}`,
            token,
            sizesOf(sizes.map(({ size }) => size)),
            regions.join(', '),
            documents(sources),
            known(sources),
          ),
        ),
        ...HOSE_SYSTEMS.map(({ name, boreWord, sizes, regions, sources }) =>
          row(
            name,
            boreWord,
            sizesOf(sizes.map(({ size }) => size)),
            regions.join(', '),
            documents(sources),
            known(sources),
          ),
        ),
        ...FLANGE_DRILLINGS.map(({ name, token, sizes, regions, sources }) =>
          row(
            name,
            token,
            sizesOf(sizes.map(({ size }) => size)),
            regions.join(', '),
            documents(sources),
            known(sources),
          ),
        ),
        ...WALL_SEAL_STYLES.map(({ called, words, sizes, source }) =>
          row(
            `in a wall: ${called}`,
            words.join(' '),
            sizesOf(sizes.map(({ size }) => size)),
            'everywhere',
            source.document,
            PROVENANCE_WORDS[source.provenance],
          ),
        ),
      ],
    ),
    '',
  ].join('\n');
