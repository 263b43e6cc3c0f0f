import {
  type BodySection,
  type Feature,
  type JudgedJoint,
  type Material,
  type Strand,
  isByLength,
  ownLengthM,
} from '@herrero/core';

/** A stretch of a part laid out along the axis [mm from the start of the drawing]. */
export interface LaidSection extends Omit<BodySection, 'lengthMm'> {
  readonly fromMm: number;
  readonly toMm: number;
  /** The part of it that stands inside its neighbour and is not seen from outside. */
  readonly hiddenFromMm: number;
  readonly hiddenToMm: number;
}

export interface LaidPart {
  readonly id: string;
  readonly code: string;
  readonly name: string;
  readonly detail: string;
  readonly material: Material;
  readonly fromMm: number;
  readonly toMm: number;
  readonly sections: readonly LaidSection[];
  readonly features: readonly Feature[];
  readonly outsideMm: number;
  readonly boreMm: number;
  /** Between these the part goes on for longer than is drawn. */
  readonly breakMm: { readonly fromMm: number; readonly toMm: number } | undefined;
  readonly lengthM: number | null;
  readonly byLength: boolean;
  /** It stands there already. */
  readonly existing: boolean;
}

export interface LaidSeam {
  readonly jointId: string;
  readonly atMm: number;
  readonly outsideMm: number;
}

/** A strand of a run laid out straight from the tank outward, to one scale. */
export interface StringLayout {
  readonly parts: readonly LaidPart[];
  readonly seams: readonly LaidSeam[];
  /** The tank wall at the start, where the strand starts at one. */
  readonly wall: { readonly fromMm: number; readonly toMm: number; readonly holeMm: number } | undefined;
  readonly lengthMm: number;
  readonly outsideMm: number;
}

const WATER_BEFORE_MM = 26;
const BREAK_MM = 16;
/** A port without a part of its own is drawn as a boss of this size. */
const PORT_MM = 30;

/** What the wall of the tank and each joint are, for a strand to be laid out. */
export interface StringContext {
  readonly wallMm: number | undefined;
  readonly port: boolean;
  readonly jointOf: (jointId: string) => JudgedJoint | undefined;
}

/** Lays a strand out: every part goes as far into the one before as its joint is made up. */
export function layOut(strand: Strand, { wallMm, port, jointOf }: StringContext): StringLayout {
  const parts: LaidPart[] = [];
  const seams: LaidSeam[] = [];
  const first = strand.items[0];
  const startsAtWall = strand.from.of === 'hole' && wallMm !== undefined;
  const wallFrom = startsAtWall ? Math.max(WATER_BEFORE_MM, (first?.part.wallFaceMm ?? 0) + 8) : 0;
  let cursor = startsAtWall ? wallFrom + (port ? wallMm + PORT_MM : 0) : WATER_BEFORE_MM;

  for (const [index, { placed, part, inEnd, outEnd, jointIn }] of strand.items.entries()) {
    const joint = jointIn && jointOf(jointIn.id);
    const engagement = joint?.mating.engagementMm ?? 0;
    const standsInWall = index === 0 && startsAtWall && part.wallFaceMm !== undefined;
    const reversed = inEnd > (outEnd ?? -1) && outEnd !== undefined;
    const body = reversed ? part.body.toReversed() : part.body;
    const fromMm = standsInWall ? wallFrom - (part.wallFaceMm ?? 0) : cursor - engagement;
    const byLength = isByLength(part);
    const lengthM = ownLengthM(part, placed);
    const next =
      strand.items[index + 1]?.jointIn ??
      ('joint' in strand.end && index === strand.items.length - 1 ? strand.end.joint : undefined);
    const outEngagement = (next && jointOf(next.id)?.mating.engagementMm) ?? 0;
    const drawnMm = body.reduce((sum, { lengthMm }) => sum + lengthMm, 0);
    const longer = lengthM === null || (lengthM !== undefined && lengthM * 1000 > drawnMm + BREAK_MM);
    const shrink = byLength && placed.lengthM !== null && !longer ? (placed.lengthM * 1000) / drawnMm : 1;
    let at = fromMm;
    const sections = body.map((section, place): LaidSection => {
      if (longer && place === Math.floor(body.length / 2)) at += BREAK_MM;
      const laid = { ...section, fromMm: at, toMm: at + section.lengthMm * shrink };
      at = laid.toMm;
      return { ...laid, hiddenFromMm: laid.fromMm, hiddenToMm: laid.fromMm };
    });
    const innerIn = joint !== undefined && !standsInWall && isInner(part.ends[inEnd]?.end);
    const innerOut = outEnd !== undefined && isInner(part.ends[outEnd]?.end);
    const toMm = at;
    parts.push({
      id: placed.id,
      code: placed.code,
      name: part.name,
      detail: part.detail,
      material: part.material,
      fromMm,
      toMm,
      sections: sections.map((section) =>
        hide(section, innerIn ? fromMm + engagement : fromMm, innerOut ? toMm - outEngagement : toMm),
      ),
      features: part.features,
      outsideMm: Math.max(...body.map(({ outsideMm }) => outsideMm)),
      boreMm: part.boreMm,
      breakMm: longer ? breakOf(sections) : undefined,
      lengthM: placed.lengthM,
      byLength,
      existing: placed.existing,
    });
    if (jointIn)
      seams.push({
        jointId: jointIn.id,
        atMm: standsInWall ? wallFrom : fromMm + engagement / 2,
        outsideMm: part.body[0]?.outsideMm ?? part.boreMm,
      });
    cursor = toMm;
  }
  if ('joint' in strand.end)
    seams.push({ jointId: strand.end.joint.id, atMm: cursor, outsideMm: parts.at(-1)?.outsideMm ?? PORT_MM });
  const outsideMm = Math.max(PORT_MM, ...parts.map((part) => part.outsideMm));
  const holeMm = first ? (first.part.body[1]?.boreMm ?? first.part.boreMm) : PORT_MM * 0.6;
  return {
    parts,
    seams,
    wall: startsAtWall ? { fromMm: wallFrom, toMm: wallFrom + wallMm, holeMm } : undefined,
    lengthMm: Math.max(cursor, wallFrom + PORT_MM) + 6,
    outsideMm,
  };
}

const INNER: readonly string[] = ['spigot', 'barb', 'crimp', 'expansion'];

/** Ends that go into what they meet. */
const isInner = (end: { readonly kind: string; readonly sex?: string; readonly part?: string } | undefined): boolean =>
  end !== undefined && (end.sex === 'male' || INNER.includes(end.part ?? ''));

const hide = (section: LaidSection, seenFromMm: number, seenToMm: number): LaidSection => {
  const from = Math.min(section.toMm, Math.max(section.fromMm, seenFromMm));
  const to = Math.max(section.fromMm, Math.min(section.toMm, seenToMm));
  return { ...section, hiddenFromMm: from, hiddenToMm: Math.max(from, to) };
};

function breakOf(sections: readonly LaidSection[]): { fromMm: number; toMm: number } {
  const before = sections[Math.floor(sections.length / 2) - 1];
  const after = sections[Math.floor(sections.length / 2)];
  return { fromMm: before?.toMm ?? 0, toMm: after?.fromMm ?? 0 };
}
