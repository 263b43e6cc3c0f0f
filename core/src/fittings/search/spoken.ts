import { INCH_SIZES, METRIC_SIZES, type NominalSize, isNominalSize } from '../../quantity/size';

/** What a word asks for: one of these must be among the words of a part. */
export interface Meaning {
  /** As it is read back. */
  readonly name: string;
  readonly anyOf: readonly string[];
}

const one = (name: string, ...anyOf: readonly string[]): Meaning => ({
  name,
  anyOf: anyOf.length === 0 ? [name] : anyOf,
});

/** Words of the counter for what the catalogue calls by one name; the first of a row is how it is read back. */
const SAID: readonly (readonly [Meaning, ...string[]])[] = [
  [one('bushing'), 'bush', 'bushes', 'bushings', 'bushg'],
  [one('reducing'), 'reducer', 'reduce', 'red'],
  [one('elbow'), 'ell', 'el', 'elbows', 'bend', 'knee'],
  [one('tee'), 't', 'tees'],
  [one('wye'), 'y', 'wyes'],
  [one('cross'), 'crosses'],
  [one('coupling'), 'coupler', 'cplg', 'cpl', 'couplings', 'connector', 'joiner', 'sleeve'],
  [one('slip', 'slip', 'socket'), 'slip'],
  [one('repair', 'slip'), 'repair', 'slide'],
  [one('union'), 'unions', 'un'],
  [one('nipple'), 'nipples', 'barrel', 'nip'],
  [one('close'), 'running'],
  [one('hex'), 'hexagon'],
  [one('valve'), 'valves', 'vlv', 'shutoff', 'shut-off', 'isolator', 'stopcock'],
  // A lever valve is a ball valve with a lever.
  [one('ball', 'ball', 'lever')],
  [one('lever')],
  [one('gate')],
  [one('check'), 'nonreturn', 'non-return', 'backflow', 'nrv'],
  [one('foot')],
  [one('backwater')],
  [one('float')],
  [one('float valve', 'float-valve'), 'ballcock'],
  [one('flap')],
  [one('tap'), 'taps', 'faucet', 'bib', 'bibb', 'hosebib', 'sillcock', 'sill-cock', 'bibcock'],
  [one('timer'), 'timers', 'controller', 'irrigation-timer'],
  [one('filter'), 'filters'],
  [one('strainer'), 'strainers', 'rose', 'roses'],
  [one('screen', 'screened', 'mesh', 'screen'), 'insect', 'mozzie', 'mosquito'],
  [one('vent', 'vent', 'breather'), 'cowl', 'vents'],
  [one('vent cap', 'vent-cowl', 'breather'), 'vent-cap'],
  [one('breather'), 'breathers'],
  [one('cap'), 'caps', 'end-cap', 'stop-end'],
  [one('plug'), 'plugs'],
  [one('bung'), 'bungs'],
  [one('bulkhead'), 'bulkheads', 'blkhd', 'tank-fitting', 'skin-fitting'],
  [one('tank connector', 'tank-connector', 'bulkhead'), 'tank-connector', 'tank-outlet'],
  [one('locknut'), 'locknuts', 'backnut', 'back-nut', 'lock-nut'],
  [one('washer'), 'washers'],
  [one('cable tie', 'cable-tie'), 'cable-tie', 'zip-tie', 'ziptie', 'tie', 'ties'],
  [one('cable gland', 'cable-gland'), 'cable-gland', 'gland', 'glands'],
  [one('float switch', 'float-switch'), 'float-switch', 'floatswitch'],
  [one('way in', 'access-riser', 'screw-down', 'riser-lid'), 'manhole', 'hatch', 'access-cover', 'inspection'],
  [one('riser', 'access-riser', 'riser'), 'riser', 'risers'],
  [one('grate', 'grate', 'drop-in'), 'grates', 'grating', 'atrium', 'atrium-grate'],
  [one('roof washer', 'filter-box', 'first-flush'), 'roof-washer'],
  [one('leaf filter', 'leaf-head', 'leaf'), 'leaf-filter', 'leaf', 'leaves', 'rainhead', 'rain-head'],
  [one('rodent screen', 'rodent-screen'), 'rodent-screen', 'rodent', 'vermin', 'mouse'],
  [one('blanking plug', 'blanking-plug'), 'blanking-plug', 'hole-plug', 'hole-cover'],
  [one('garden hose', 'hose'), 'garden-hose'],
  [one('flange', 'flange'), 'flanges', 'flanged'],
  [one('blind flange', 'blind'), 'blind-flange', 'blind', 'blank-flange'],
  [one('vented cap', 'vented'), 'vented-cap', 'vented'],
  [one('drip tube', 'drip-tube'), 'dripline'],
  [one('drip', 'drip'), 'drip', 'dripper'],
  [one('gutter guard', 'guard'), 'gutter-guard', 'guard', 'guards'],
  [one('gutter bracket', 'gutter-bracket'), 'gutter-bracket'],
  [one('brace', 'brace'), 'brace', 'braces'],
  [one('press'), 'pressed', 'pressfit', 'press-fit'],
  [one('crimp'), 'crimped'],
  [one('expansion'), 'expanded'],
  [one('gasket'), 'gaskets', 'grommet'],
  [one('saddle'), 'saddles'],
  [one('manifold'), 'manifolds', 'splitter'],
  [one('adapter'), 'adaptor', 'adapters', 'adaptors', 'adap', 'adpt', 'adptr', 'director', 'directors'],
  [one('swivel'), 'swivels'],
  [one('tail', 'tail', 'barb'), 'tails', 'barb', 'barbed', 'barbs', 'spur'],
  [one('hose'), 'hoses', 'hosepipe'],
  [one('pipe'), 'pipes', 'tube', 'tubing'],
  [one('downpipe'), 'downspout', 'leader'],
  [one('gutter'), 'gutters', 'eaves'],
  [one('diverter'), 'diverters'],
  [one('first-flush'), 'firstflush', 'flush'],
  [one('bracket', 'bracket', 'clip', 'strap'), 'brackets', 'clip', 'clips', 'strap', 'straps', 'hanger'],
  [one('pump'), 'pumps'],
  [one('vessel'), 'accumulator', 'pressure-tank', 'expansion-tank'],
  [one('container', 'container', 'container thread'), 'crate', 'ibc', 'tote'],
  [one('drum'), 'keg'],
  [one('cam'), 'camlever', 'camlock', 'cam-and-groove'],
  [one('click'), 'snap-on', 'quick'],
  [one('street'), 'm&f'],
  [one('sweep'), 'long-sweep', 'easy'],
  [one('45'), '45deg', 'eighth'],
  [one('22-1/2'), '22.5'],
  [one('male'), 'm', 'mip', 'mpt', 'mi', 'mipt', 'mnpt'],
  [one('female'), 'f', 'fem', 'fip', 'fpt', 'fi', 'fipt', 'fnpt'],
  [one('socket'), 'soc', 'solvent', 'glue', 'glued', 'cemented', 's'],
  [one('spigot'), 'spig', 'spg', 'plain-end'],
  [one('push-fit'), 'pushfit', 'push'],
  [one('compression'), 'comp'],
  [one('threaded', 'thread'), 'thread', 'screwed'],
  [one('NPT', 'npt'), 'npt', 'iron'],
  [one('ISO pipe thread', 'r', 'rp', 'rc', 'g'), 'bsp', 'iso', 'gas'],
  [one('R or Rp', 'r', 'rp', 'rc'), 'bspt', 'r', 'rp'],
  [one('G', 'g'), 'bspp', 'g'],
  [one('NH hose thread', 'nh'), 'nh', 'ght', 'garden'],
  [
    one('polyethylene pipe', 'polyethylene', 'pe', 'pe-id', 'rural', 'polypropylene'),
    'poly',
    'pe',
    'mdpe',
    'ldpe',
    'polypipe',
  ],
  [one('Schedule 80', 'ips80', 'sch80'), 'sch80', 's80', 'schedule80'],
  [one('Schedule 40', 'ips'), 'sch40', 's40', 'schedule40', 'ips'],
  [one('drain', 'dwv', 'anz-dwv', 'soil', 'd3034', 'd2729', 'waste'), 'drain', 'sewer', 'drainage'],
  [one('DWV', 'dwv', 'anz-dwv'), 'dwv'],
  [one('European drain', 'eu-drain'), 'ht', 'kg'],
  [one('waste', 'waste', 'waste-pp'), 'waste'],
  [one('soil'), 'soil'],
  [one('brass'), 'brass', 'brs', 'bras'],
  [one('stainless'), 'stainless', 'ss', 'inox'],
  [one('galvanised'), 'galv', 'galvanized', 'gal'],
  [one('PVC', 'pvc'), 'pvc', 'upvc'],
  [one('CPVC', 'cpvc'), 'cpvc'],
  [one('ABS', 'abs'), 'abs'],
  [one('polypropylene'), 'pp', 'polyprop', 'plastic'],
  [one('nylon'), 'nylon'],
  [one('aluminium'), 'alu', 'ali', 'aluminum'],
  [one('copper'), 'copper', 'cu'],
  [one('pressure', 'pressure'), 'pressure', 'druck'],
  [one('rubber'), 'rubber'],
  [one('clear'), 'clear', 'sight'],
  [one('frost-proof', 'frost-proof'), 'frost', 'frostfree', 'frost-free', 'hydrant'],
  [one('vacuum'), 'vacuum', 'breaker'],
  [one('flexible'), 'flexible'],
];

/** What the list counts by itself from the joints and holes: no part to look for. */
export const COUNTED: Readonly<Record<string, string>> = {
  primer: 'primer',
  cement: 'solvent cement',
  glue: 'solvent cement',
  tape: 'thread tape',
  ptfe: 'thread tape',
  teflon: 'thread tape',
  paste: 'thread paste',
  dope: 'thread paste',
  silicone: 'silicone',
  flux: 'flux',
  jubilee: 'hose clamps',
  clamp: 'hose clamps',
  clamps: 'hose clamps',
  bolt: 'flange bolts',
  bolts: 'flange bolts',
};

/** Two words that are one thing at the counter. */
export const PHRASES: readonly (readonly [RegExp, string])[] = (
  [
    's[ .]?x[ .]?s(?:[ .]?x[ .]?s)?=slip',
    'f[ .]?x[ .]?f(?:[ .]?x[ .]?f)?=female',
    'm[ .]?x[ .]?m=male',
    '[mf][ .]?x[ .]?[fm]=male female',
    'push fit=push-fit',
    'hose bibb?=hosebib',
    'ball cock=ballcock',
    'tank connector=tank-connector',
    'tank outlet=tank-outlet',
    'tank fitting=tank-fitting',
    'skin fitting=skin-fitting',
    'back nut=backnut',
    'lock nut=locknut',
    'vent cap=vent-cap',
    'zip tie=zip-tie',
    'cable tie=cable-tie',
    'cable gland=cable-gland',
    'pressure tank=pressure-tank',
    'irrigation timer=irrigation-timer',
    'float switch=float-switch',
    'atrium grate=atrium-grate',
    'roof washer=roof-washer',
    'leaf filter=leaf-filter',
    'rain head=rain-head',
    'rodent screen=rodent-screen',
    'blanking plug=blanking-plug',
    'hole cover=hole-cover',
    'hole plug=hole-plug',
    'garden hose=garden-hose',
    'sill cock=sillcock',
    'loose cap=vented-cap',
    'vented cap=vented-cap',
    'drip line=dripline',
    'drip tube=dripline',
    'drip tubing=dripline',
    'blind flange=blind-flange',
    'gutter guard=gutter-guard',
    'leaf guard=gutter-guard',
    'gutter bracket=gutter-bracket',
    'gutter hanger=gutter-bracket',
    'flange bolt=bolt',
    'access cover=access-cover',
    'first flush=first-flush',
  ] as const
).map((pair): readonly [RegExp, string] => {
  const [said = '', read = ''] = pair.split('=');
  return [new RegExp(`\\b${said.replace(' ', '\\s+')}s?\\b`, 'g'), read];
});

/** Every word that is understood, with what it asks for. */
export const VOCABULARY: ReadonlyMap<string, Meaning> = new Map(
  SAID.flatMap(([meaning, ...words]): readonly (readonly [string, Meaning])[] => [
    ...words.map((word) => [word, meaning] as const),
    ...(meaning.name.includes(' ') ? [] : [[meaning.name.toLowerCase(), meaning] as const]),
  ]),
);

/** Words that say nothing about a part. */
export const EMPTY_WORDS: ReadonlySet<string> = new Set([
  'a',
  'an',
  'the',
  'for',
  'to',
  'of',
  'in',
  'with',
  'x',
  'by',
  'and',
  'type',
  'fitting',
  'inch',
  'mm',
  'dia',
  'ftg',
  'ftgs',
  'assy',
  'std',
  'standard',
  'lead-free',
  'leadfree',
  'lf',
]);

const DECIMALS: Readonly<Record<string, string>> = {
  '': '',
  '.125': '1/8',
  '.25': '1/4',
  '.375': '3/8',
  '.5': '1/2',
  '.625': '5/8',
  '.75': '3/4',
};

/** A size as it is typed: `3/4`, `3/4"`, `1.5`, `1-1/2`, `2in`, `32`, `32mm`. Undefined: this is no size of the trade. */
export function readSize(text: string): NominalSize | undefined {
  const [, number = '', unit = ''] = /^([\d./-]+?)(in|inch|"|''|mm)?$/.exec(text) ?? [];
  if (number === '') return undefined;
  const [, whole = '', decimals = ''] = /^(\d*)(\.\d+)?$/.exec(number) ?? [];
  const fraction = decimals === '' ? '' : (DECIMALS[decimals.replace(/0+$/, '')] ?? '?');
  const spoken =
    decimals === '' ? number : [whole === '0' ? '' : whole, fraction].filter((part) => part !== '').join('-');
  const wanted = unit === 'mm' ? METRIC_SIZES : unit === '' ? undefined : INCH_SIZES;
  if (wanted !== undefined)
    return (wanted as readonly string[]).includes(spoken === '' ? number : spoken)
      ? (spoken as NominalSize)
      : undefined;
  return isNominalSize(spoken) ? spoken : isNominalSize(number) ? number : undefined;
}
