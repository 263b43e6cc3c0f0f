import { type Material, type ThreadEnd, type ThreadForm, describeEnd, judgePair, threadForm } from '@herrero/core';
import { type Profile, gapBetween, profileLine } from '../geometry/thread-profile';
import { sectionFill } from './hatches';

interface ThreadJointProps {
  readonly male: ThreadEnd;
  readonly female: ThreadEnd;
  readonly materials?: { readonly male?: Material | undefined; readonly female?: Material | undefined };
  readonly widthPx: number;
  /** The scale where the whole engagement fits; a longer one is drawn smaller, never shortened. */
  readonly mostPxPerMm: number;
  /** The seal is made, so that no water stands between. */
  readonly tight: boolean;
  /** One crown of it drawn much larger beside it, with what touches and what stays open. */
  readonly crown?: boolean;
  readonly labels?: boolean;
}

/** Of the walls outside and inside the threads, so much is shown [px], whatever the scale: names stand there. */
const OUTSIDE_PX = 84;
const INSIDE_PX = 74;
/** Thread of the female beyond the tip of the male. */
const BEYOND_MM = 2;
const CROWN_SCALE = 2.76;
const CROWN_WIDTH = 288;

/** The female as it stands around the male: its crests inward, and narrower where a taper goes in. */
const around = (female: ThreadForm, mouthAtMm: number): Profile => ({
  ...female,
  crestMm: female.rootMm - female.taper * mouthAtMm,
  rootMm: female.crestMm - female.taper * mouthAtMm,
});

/**
 * Male below, female above, on one axis at one scale, hand tight: tip of the male to the right. What is between them is
 * water unless the joint is tight.
 */
export function ThreadJoint({
  male,
  female,
  materials = {},
  widthPx: width,
  mostPxPerMm,
  tight,
  crown = false,
  labels = false,
}: ThreadJointProps) {
  const judged = judgePair(male, female)?.judged;
  if (!judged) return null;
  const [maleForm, femaleForm] = [threadForm(male), threadForm(female)];
  const turns = Math.min(judged.turnsToTight, judged.turnsThereAre);
  const shownIn = turns * femaleForm.pitchMm;
  const pxPerMm = Math.min(mostPxPerMm, width / (BEYOND_MM + shownIn + maleForm.pitchMm));
  const lengthMm = width / pxPerMm;
  // Along the axis from the right: beyond the tip, the tip, then the thread to the mouth of the female and out of it.
  const mouthMm = BEYOND_MM + shownIn;
  const low = Math.min(maleForm.rootMm, femaleForm.crestMm) / 2;
  const high = Math.max(maleForm.crestMm, femaleForm.rootMm) / 2;
  const zeroMm = low - Math.min(INSIDE_PX, width / 6) / pxPerMm;
  const height = (high - zeroMm) * pxPerMm + Math.min(OUTSIDE_PX, width / 6);
  // Moved so that basic sizes stand where they meet: the male at its tip, the female at its mouth.
  const maleProfile: Profile = {
    ...maleForm,
    crestMm: maleForm.crestMm - maleForm.taper * BEYOND_MM,
    rootMm: maleForm.rootMm - maleForm.taper * BEYOND_MM,
  };
  const femaleProfile = around(femaleForm, mouthMm);
  const view = { pxPerMm, zeroMm, startMm: 0 };
  const maleLine = profileLine(maleProfile, { ...view, lengthMm });
  const femaleLine = profileLine(femaleProfile, { ...view, lengthMm: mouthMm });
  // A taper bites in a straight thread at its mouth; other pairs are alike all along.
  const bitesAtMouth = maleForm.taper > 0 && femaleForm.taper === 0;
  const crownAtMm = bitesAtMouth ? mouthMm - 1.5 * maleForm.pitchMm : BEYOND_MM + shownIn / 2;
  const tipPx = BEYOND_MM * pxPerMm;
  const mouthPx = mouthMm * pxPerMm;
  const fill = (material: Material | undefined): string => sectionFill(material ?? 'brass');
  const id = `joint-${width}-${male.size}-${female.size}`.replaceAll(/[^\w-]/g, '_');
  const shapes = (
    <g transform={`translate(${width} ${height}) scale(-1 1)`}>
      <rect
        x={0}
        y={-height}
        width={mouthPx}
        height={height}
        fill={tight ? 'var(--sheet)' : 'var(--water-fill)'}
        data-water={!tight}
      />
      <clipPath id={`${id}-male`}>
        <rect x={tipPx} y={-height} width={width - tipPx} height={height} />
      </clipPath>
      <path
        d={`M0 0L${maleLine}L${width} 0Z`}
        fill={fill(materials.male)}
        stroke="var(--ink)"
        strokeWidth={1.5}
        clipPath={`url(#${id}-male)`}
      />
      <path
        d={`M0 ${-height}L${femaleLine}L${mouthPx} ${-height}Z`}
        fill={fill(materials.female ?? 'pvc')}
        stroke="var(--ink)"
        strokeWidth={1.5}
      />
      <path d={`M${tipPx} 0V${-(maleForm.rootMm / 2 - zeroMm) * pxPerMm}`} stroke="var(--ink)" strokeWidth={1.5} />
    </g>
  );
  return (
    <svg
      viewBox={`0 0 ${width + (crown ? CROWN_WIDTH : 0)} ${height}`}
      className="sheet w-full"
      role="img"
      aria-label={`${describeEnd(female)} over ${describeEnd(male)}, in section, ${turns.toFixed(1)} turns on`}
    >
      <clipPath id={`${id}-all`}>
        <rect width={width} height={height} />
      </clipPath>
      <g clipPath={`url(#${id}-all)`}>{shapes}</g>
      {labels && (
        <g className="type-row" fontSize={15}>
          <text x={width - mouthPx + 16} y={26} className="halo" fill="var(--ink)" fontWeight={640}>
            {describeEnd(female)}
          </text>
          <text
            x={Math.max(16, width - mouthPx + 16)}
            y={height - 18}
            className="halo"
            fill="var(--ink)"
            fontWeight={640}
          >
            {describeEnd(male)}
          </text>
          <TurnsLine fromPx={width - mouthPx} toPx={width - tipPx} y={48} words={turnsWords(judged.reason, turns)} />
        </g>
      )}
      {crown && (
        <Crown
          male={maleProfile}
          female={femaleProfile}
          fromMm={Math.floor(crownAtMm / maleForm.pitchMm) * maleForm.pitchMm}
          pxPerMm={pxPerMm * CROWN_SCALE}
          xPx={width}
          height={height}
          fills={[fill(materials.male), fill(materials.female ?? 'pvc')]}
          tight={tight}
          id={id}
        />
      )}
    </svg>
  );
}

const turnsWords = (reason: string, turns: number): string => {
  const by = `${turns.toFixed(1)} turns by hand`;
  if (reason === 'pitch-binds' || reason === 'cross-threads') return `${by}, then it binds`;
  return reason === 'washer-face' ? 'runs loose to its washer' : by;
};

function TurnsLine({
  fromPx,
  toPx,
  y,
  words,
}: {
  readonly fromPx: number;
  readonly toPx: number;
  readonly y: number;
  readonly words: string;
}) {
  if (toPx - fromPx < 60) return null;
  return (
    <>
      <path
        d={`M${fromPx} ${y}H${toPx}M${fromPx + 8} ${y - 4}L${fromPx} ${y}L${fromPx + 8} ${y + 4}M${toPx - 8} ${y - 4}L${toPx} ${y}L${toPx - 8} ${y + 4}`}
        stroke="var(--ink)"
        strokeWidth={1.2}
        fill="none"
      />
      <text x={(fromPx + toPx) / 2} y={y + 5} textAnchor="middle" className="halo" fill="var(--ink)" fontWeight={600}>
        {words}
      </text>
    </>
  );
}

/** One crown, much larger: black dots where metal touches, the widest opening with its figure. */
function Crown({
  male,
  female,
  fromMm,
  pxPerMm,
  xPx,
  height,
  fills,
  tight,
  id,
}: {
  readonly male: Profile;
  readonly female: Profile;
  readonly fromMm: number;
  readonly pxPerMm: number;
  readonly xPx: number;
  readonly height: number;
  readonly fills: readonly [string, string];
  readonly tight: boolean;
  readonly id: string;
}) {
  const spanMm = CROWN_WIDTH / pxPerMm;
  const startMm = fromMm + male.pitchMm / 2 - spanMm / 2;
  const middleMm = (male.crestMm + male.rootMm) / 4 + (male.taper * fromMm) / 2;
  const radiusPx = (radius: number): number => height / 2 - (radius - middleMm) * pxPerMm;
  const view = { pxPerMm, zeroMm: middleMm, lengthMm: startMm + spanMm };
  const x = (alongMm: number): number => xPx + CROWN_WIDTH - (alongMm - startMm) * pxPerMm;
  const { touches, widest } = gapBetween(male, female, fromMm);
  const widestY = radiusPx(widest.radiusMm + widest.gapMm / 2);
  return (
    <g>
      <clipPath id={`${id}-crown`}>
        <rect x={xPx} width={CROWN_WIDTH} height={height} />
      </clipPath>
      <g clipPath={`url(#${id}-crown)`}>
        <rect x={xPx} width={CROWN_WIDTH} height={height} fill={tight ? 'var(--sheet)' : 'var(--water-fill)'} />
        <g transform={`translate(${xPx + CROWN_WIDTH + startMm * pxPerMm} ${height / 2}) scale(-1 1)`}>
          <path
            d={`M0 ${height}L${profileLine(male, view)}L${view.lengthMm * pxPerMm} ${height}Z`}
            fill={fills[0]}
            stroke="var(--ink)"
            strokeWidth={1.6}
          />
          <path
            d={`M0 ${-height}L${profileLine(female, view)}L${view.lengthMm * pxPerMm} ${-height}Z`}
            fill={fills[1]}
            stroke="var(--ink)"
            strokeWidth={1.6}
          />
        </g>
      </g>
      <path d={`M${xPx} 0V${height}`} stroke="var(--hair-2)" />
      {touches.map(({ alongMm, radiusMm }) => (
        <circle key={alongMm} cx={x(alongMm)} cy={radiusPx(radiusMm)} r={4.5} fill="var(--ink)" data-touch />
      ))}
      {widest.gapMm > 0.01 && (
        <>
          <path
            d={`M${x(widest.alongMm)} ${widestY}L${xPx + CROWN_WIDTH - 96} 52`}
            stroke="var(--ink)"
            strokeWidth={0.9}
            fill="none"
          />
          <circle cx={x(widest.alongMm)} cy={widestY} r={2.5} fill="var(--ink)" />
          <text
            x={xPx + CROWN_WIDTH - 12}
            y={46}
            textAnchor="end"
            fontSize={15}
            fontWeight={640}
            className="halo"
            fill="var(--ink)"
          >
            {widest.gapMm.toFixed(2)} mm open
          </text>
        </>
      )}
      {(
        [
          [female, 22],
          [male, height - 14],
        ] as const
      ).map(([{ flankDeg, rounded }, y]) => (
        <text
          key={y}
          x={xPx + CROWN_WIDTH / 2}
          y={y}
          textAnchor="middle"
          fontSize={15}
          fontWeight={640}
          className="halo"
          fill="var(--ink)"
        >
          {flankDeg} degrees, {rounded ? 'round' : 'flat'}
        </text>
      ))}
    </g>
  );
}
