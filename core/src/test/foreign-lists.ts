/** An invented parts list in the style of a counter, as its file stands, and what each row means, written down by hand. */
export interface ForeignSample {
  readonly style: string;
  readonly region: 'US' | 'UK' | 'EU' | 'ANZ';
  readonly separator: string;
  readonly text: string;
  /** Code, and how many or how long [m], of each row that is a part. */
  readonly meant: readonly (readonly [code: string, count: number | `${number} m`])[];
}

/** Five lists of fifteen parts each: numbered rows, headings between, units of all kinds. Names and styles are invented. */
export const FOREIGN_SAMPLES: readonly ForeignSample[] = [
  {
    style: 'a US counter',
    region: 'US',
    separator: '|',
    text: `
      LN|QTY|UOM|DESCRIPTION
      1|2|EA|BALL VALVE BRS LEVER 3/4 FIP
      2|2|EA|BLKHD FTG 3/4 FPT PP
      3|4|EA|NIPPLE BRS 3/4 X CLOSE
      4|1|EA|HEX NIP BRASS 3/4 MIP
      5|6|EA|90 ELL PVC S40 1-1/2 SXS
      6|2|EA|PVC 45 ELL SCH 40 3" SLIP
      7|1|EA|TEE PVC S40 1-1/2 SXSXS
      8|1|EA|CHECK VLV SWING BRS 3/4 FPT
      9|40|FT|PIPE PVC SCH40 1-1/2 X 20FT
      10|1|EA|CPLG GALV 3/4 FPT
      11|1|EA|90 ELL GALV 3/4 FIP
      12|1|EA|WYE DWV PVC 3 IN
      13|2|EA|MALE ADPT PVC S40 1-1/2 MIPT X SLIP
      14|1|EA|VENT CAP SCREENED PVC S40 3" SLIP
      15|1|EA|UNION BRS 3/4 FPT`,
    meant: [
      ['LV-075', 2],
      ['BH-075', 2],
      ['NC-075', 4],
      ['NH-075', 1],
      ['ES-150', 6],
      ['FS-300', 2],
      ['TS-150', 1],
      ['CKW-075', 1],
      ['PI-150', '12.192 m'],
      ['CG-075', 1],
      ['EG-075', 1],
      ['YD-300', 1],
      ['AM-150', 2],
      ['SV-300', 1],
      ['U-075', 1],
    ],
  },
  {
    style: 'a UK counter',
    region: 'UK',
    separator: ',',
    text: `
      Quotation for rainwater job,,
      Item,Description,Quantity
      Tank,,
      1,Lever ball valve 3/4 BSP brass F x F,2 nr
      2,Tank connector 22mm compression brass,1 nr
      3,Hex nipple 3/4 BSPT male brass,3 nr
      4,90 deg elbow 22mm compression,4 nr
      5,Coupling 22mm compression,2 nr
      6,Female adaptor 22mm compression x 3/4 BSP,1 nr
      Drain,,
      7,Soil pipe elbow 110mm push fit,2 nr
      8,110mm soil coupling push-fit,1 nr
      9,Push-through gasket 110mm soil,1 nr
      Garden,,
      10,MDPE elbow 25mm compression,3 nr
      11,MDPE male adaptor 25mm x 3/4 male,2 nr
      12,Swing check valve 3/4 brass,1 nr
      13,Foot valve with strainer 3/4 BSP brass,1 nr
      14,Galvanised elbow 3/4 BSP female,1 nr
      15,Stainless tee 3/4 BSP female,1 nr`,
    meant: [
      ['LVBB-075', 2],
      ['WTC-075', 1],
      ['NHBB-075', 3],
      ['ECU-22M', 4],
      ['CCU-22M', 2],
      ['AFCU-22M', 1],
      ['ESP-110M', 2],
      ['CSP-110M', 1],
      ['PG-110M', 1],
      ['EPE-25M', 3],
      ['AMPE-25M', 2],
      ['CKWBB-075', 1],
      ['CKFBB-075', 1],
      ['EBG-075', 1],
      ['TBN-075', 1],
    ],
  },
  {
    style: 'an Australian counter',
    region: 'ANZ',
    separator: ',',
    text: `
      SKU,Description,Qty
      70011,ELBOW RURAL POLY COMP 1,4
      70012,TEE PVC PRESSURE DN25,1
      70013,VALVE BALL LEVER BRASS 3/4 BSP F/F,2
      70014,NIPPLE HEX GALV 3/4 BSP,2
      70015,DIRECTOR MALE RURAL 3/4,2
      70016,JOINER RURAL COMPRESSION 1,1
      70017,DOWNPIPE DIVERTER 90MM PVC,1
      70018,LEAF HEAD 90MM PVC,2
      70019,CAMLOCK TYPE E 3/4 POLY,1
      70020,COUPLING PVC PRESSURE 25MM,3
      70021,CAP DUST CAM 3/4 ALU,1
      70022,HOSE TAIL ELBOW 25MM,1
      70023,FOOT VALVE 3/4 POLY,1
      70024,ELBOW BSP NYLON 1 F,2
      70025,BRACKET DOWNPIPE 90MM,8`,
    meant: [
      ['ERC-100', 4],
      ['TZ-25M', 1],
      ['LVBB-075', 2],
      ['NHBG-075', 2],
      ['AMRC-075', 2],
      ['CRC-100', 1],
      ['DVP-90M', 1],
      ['DHP-90M', 2],
      ['CMEP-075', 1],
      ['CZ-25M', 3],
      ['CMDCA-075', 1],
      ['EHM-25M', 1],
      ['CKFBP-075', 1],
      ['EBY-100', 2],
      ['DKP-90M', 8],
    ],
  },
  {
    style: 'a German counter',
    region: 'EU',
    separator: ';',
    text: `
      Angebot;;;
      Pos.;Menge;Einheit;Bezeichnung
      1;2;Stk;Kugelhahn Messing 3/4 IG Hebel
      2;2;Stk;Doppelnippel Messing 3/4 AG
      3;1;Stk;Klemmverbinder PE 32
      4;3;Stk;Klemmwinkel PE 32
      5;4;Stk;PVC Klebewinkel 32
      6;1;Stk;PVC Klebemuffe 32 mm
      7;2;Stk;HT Bogen DN 110 87°
      8;1;Stk;KG Abzweig DN110
      9;1;Stk;Rückschlagventil Messing 3/4 IG
      10;1;Stk;Fußventil mit Sieb 3/4 Messing
      11;1;Stk;Winkel verzinkt 3/4 IG
      12;1;Stk;T-Stück Edelstahl 3/4 IG
      13;1;Stk;Muffe Messing 3/4 IG
      14;1;Stk;Tankdurchführung Messing 3/4
      15;3,5;m;PVC Druckrohr 32
      ;;;Summe`,
    meant: [
      ['LVBB-075', 2],
      ['NHBB-075', 2],
      ['CPE-32M', 1],
      ['EPE-32M', 3],
      ['EJ-32M', 4],
      ['CJ-32M', 1],
      ['EEP-110M', 2],
      ['YEP-110M', 1],
      ['CKWBB-075', 1],
      ['CKFBB-075', 1],
      ['EBG-075', 1],
      ['TBN-075', 1],
      ['CBB-075', 1],
      ['WBR-075', 1],
      ['PIJ-32M', '3.5 m'],
    ],
  },
  {
    style: 'a spreadsheet',
    region: 'US',
    separator: '\t',
    text: `
      what\thow many
      3/4 brass lever valve\t2
      close nipple 3/4 brass\t2 pcs
      bulkhead 3/4 npt\t2
      elbow 3/4 npt brass\t1
      tee 3/4 npt brass\t1
      pipe 1-1/2 sch40\t20 FT
      coupling slip 1-1/2 pvc sch 40\t2
      elbow 45 dwv 3 pvc\t2
      swing check valve 1-1/2 pvc slip\t1
      union 3/4 brass\t1
      hose swivel 3/4\t1
      insect screen 3\t1
      strainer foot valve 1-1/2 brass\tx1
      street elbow 3/4 brass\t1
      cap 3/4 npt brass\t1`,
    meant: [
      ['LV-075', 2],
      ['NC-075', 2],
      ['BH-075', 2],
      ['E-075', 1],
      ['T-075', 1],
      ['PI-150', '6.096 m'],
      ['CS-150', 2],
      ['FD-300', 2],
      ['CKWS-150', 1],
      ['U-075', 1],
      ['HS-075075', 1],
      ['WIS-300', 1],
      ['CKF-150', 1],
      ['EM-075', 1],
      ['K-075', 1],
    ],
  },
];
