import type { Job } from '../job/job';
import type { NominalSize } from '../quantity/size';
import type { Role } from '../walls/roles';
import { tankWith } from './sample-jobs';

export type Line = readonly [system: string, region: string, role: Role, size: NominalSize, parts: readonly string[]];

/** A line in one system alone, from its tank: codes, `-` before what is turned round, with metres for what is cut; what it is and where it is sold. */
export const LINES: readonly Line[] = [
  [
    'rural polyethylene, compression',
    'ANZ',
    'draw-off',
    '1',
    ['WBR-100', 'AMRC-100', 'PER-100 4', 'TRC-100', 'PER-100 6', 'ERC-100', 'PER-100 2', '-AFRC-100', 'HT-100R'],
  ],
  [
    'rural polyethylene, nut and tail',
    'ANZ',
    'draw-off',
    '1',
    ['WBR-100', 'AMRU-100', 'PER-100 4', '-AFRU-100', 'HT-100R'],
  ],
  ['push-fit drain 110', 'EU', 'overflow', '110', ['PG-110M', 'PIEP-110M 1', 'EEP-110M', 'PIEP-110M 3', 'BWEP-110M']],
  [
    'push-fit drain 75',
    'EU',
    'overflow',
    '75',
    [
      'PG-75M',
      'PIEP-75M 0.5',
      'EEP-75M',
      'PIEP-75M 2',
      '-CREP-110M75M',
      'PIEP-110M 2',
      '-CREP-125M110M',
      'PIEP-125M 3',
    ],
  ],
  [
    'copper soldered',
    'UK',
    'draw-off',
    '3/4',
    ['WBR-075', 'AMCUS-22M', 'PICU-22M 1', 'ECUS-22M', 'PICU-22M 2', '-AFCUS-22M', 'HT-075R'],
  ],
  [
    'copper pressed',
    'EU',
    'draw-off',
    '3/4',
    ['WBR-075', 'AMCUP-22M', 'PICU-22M 1', 'ECUP-22M', 'PICU-22M 2', '-AFCUP-22M', 'HT-075R'],
  ],
  [
    'tank connector and compression',
    'UK',
    'draw-off',
    '3/4',
    ['WTC-075', 'PICU-22M 1', 'ECU-22M', 'PICU-22M 2', '-AFCU-22M', 'HT-075R'],
  ],
  ['overflow pipe', 'UK', 'overflow', '3/4', ['WTO-075', 'PIQO-21.5M 2']],
  [
    'copper soldered',
    'US',
    'draw-off',
    '3/4',
    ['BH-075', 'AMCTS-075', 'PIK-075 1', 'ECTS-075', 'PIK-075 2', '-AFCTS-075', 'HT-075M'],
  ],
  [
    'copper pressed',
    'US',
    'draw-off',
    '3/4',
    ['BH-075', 'AMCTP-075', 'PIK-075 1', 'ECTP-075', 'PIK-075 2', '-AFCTP-075', 'HT-075M'],
  ],
  [
    'PEX crimped',
    'US',
    'draw-off',
    '3/4',
    ['BH-075', 'AMXC-075', 'PIX-075 3', 'VXC-075', 'PIX-075 3', '-AFXC-075', 'HT-075M'],
  ],
  [
    'PEX expanded',
    'US',
    'draw-off',
    '3/4',
    ['BH-075', 'AMXE-075', 'PIX-075 3', 'EXE-075', 'PIX-075 3', '-AFXE-075', 'HT-075M'],
  ],
  [
    'polyethylene, iron pipe size',
    'US',
    'draw-off',
    '1',
    ['BH-100', 'AMEI-100', 'PEP-100 10', 'EEI-100', 'PEP-100 5', '-AFEI-100', '-AS-100M'],
  ],
  [
    'polyethylene, copper tube size',
    'US',
    'draw-off',
    '1',
    ['BH-100', 'AMEC-100', 'PEC-100 10', 'EEC-100', 'PEC-100 5', '-AFEC-100', '-AS-100M'],
  ],
  ['Schedule 40 to a slip tap', 'US', 'draw-off', '3/4', ['BS-075', 'PI-075 1', 'HTS-075']],
  [
    'bore-controlled polyethylene from a socket',
    'US',
    'draw-off',
    '1',
    ['BS-100', 'PI-100 0.3', 'AI-100', 'PEI-100 5'],
  ],
  [
    'flanged, class 150',
    'US',
    'draw-off',
    '2',
    ['BH-200', 'AM-200', 'PI-200 0.3', '-FNS-200', 'FNS-200', 'PI-200 2', '-FNS-200', 'FXC-200'],
  ],
  [
    'flanged, PN 16',
    'EU',
    'draw-off',
    '2',
    ['WBR-200', 'AMJ-63M', 'PIJ-63M 0.3', '-FNJ-63M', 'FNJ-63M', 'PIJ-63M 2', '-FNJ-63M', 'FXP-50M'],
  ],
  [
    'flanged, Table E',
    'ANZ',
    'draw-off',
    '2',
    ['WBR-200', 'AMZ-50M', 'PIZ-50M 0.3', '-FNZ-50M', 'FNZ-50M', 'PIZ-50M 2', '-FNZ-50M', 'FXE-50M'],
  ],
  [
    'first flush with chamber',
    'US',
    'inlet',
    '3',
    ['BS-300', '-DA-300-IPS-40-300', '-FRG-300', '-DPG-300 2', 'DGG-300'],
  ],
  ['sight tube with a vented cap', 'US', 'sight-tube', '1/2', ['BH-050', 'HB-050', 'HO-050 1.2', 'SLHY-050']],
  ['hose with ends', 'US', 'draw-off', '3/4', ['BH-075', 'HT-075M', 'RH-06350FT']],
  ['hose with click ends', 'UK', 'draw-off', '3/4', ['WBR-075', 'HT-075R', '-QT-075', 'RC-13M20M']],
  ['inlet hose', 'EU', 'draw-off', '3/4', ['WBR-075', 'HT-075R', 'RI-13M15M']],
  [
    'drip tube',
    'US',
    'draw-off',
    '3/4',
    ['BH-075', 'HT-075M', 'HJ-075', 'HSD-075050', 'HOD-050 5', 'TDT-050', 'HOD-050 20', 'PLDT-050'],
  ],
  [
    'drip tube',
    'ANZ',
    'draw-off',
    '3/4',
    ['WBR-075', 'HT-075R', 'HJG-075', 'HSD-07513M', 'HOD-13M 5', 'EDT-13M', 'HOD-13M 20', 'PLDT-13M'],
  ],
];

/** An upright tank with one line. */
export const jobOfLine = ([, , role, size, parts]: Line): Job =>
  tankWith({
    type: 'vertical-round',
    holes: [
      {
        id: 'h',
        roles: [role],
        size,
        heightM: role === 'draw-off' || role === 'sight-tube' ? 0.3 : 1.1,
        parts: parts.map((text) => {
          const [said = '', lengthM] = text.split(' ');
          const code = said.replace(/^-/, '');
          return {
            code,
            ...(code === said ? {} : { inEnd: 1 }),
            ...(lengthM === undefined ? {} : { lengthM: Number(lengthM) }),
          };
        }),
      },
    ],
  });
