import { profileLine } from '@/drawing/geometry/thread-profile';
import { type ReadingFields } from '../bench-store';

const WIDTH = 320;
const HEIGHT = 236;
const AXIS = 104;
const DIAMETER_PX = 104;
const THREAD_FROM = 34;
const THREAD_PX = 92;
const BAR_X = 216;

/** The part as it is measured: jaws over the crests, a rule along them; dotted until the outside is given. */
export function PartOnJaws({ reading }: { readonly reading: ReadingFields }) {
  const { diameterMm, crests, overMm, runs, sex } = reading;
  const known = diameterMm !== null && diameterMm > 0;
  const pxPerMm = DIAMETER_PX / (known ? diameterMm : 26);
  const pitchMm = crests !== null && overMm !== null && overMm > 0 ? overMm / crests : undefined;
  const drawnPitch = Math.min(20, Math.max(5, (pitchMm ?? 1.8) * pxPerMm));
  const top = AXIS - DIAMETER_PX / 2;
  const bottom = AXIS + DIAMETER_PX / 2;
  const line = profileLine(
    {
      pitchMm: drawnPitch,
      flankDeg: 60,
      taper: runs === 'tapering' ? -1 / 16 : 0,
      crestMm: DIAMETER_PX,
      rootMm: DIAMETER_PX - drawnPitch * 1.1,
      rounded: false,
    },
    { lengthMm: THREAD_PX, pxPerMm: 1, zeroMm: 0 },
  );
  const end = THREAD_FROM + THREAD_PX;
  const ticks = Math.min(24, Math.round(crests ?? 0));
  const rulePx = Math.min(THREAD_PX, pitchMm === undefined ? THREAD_PX : ticks * drawnPitch);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="block w-full"
      role="img"
      aria-label={
        known
          ? `A ${sex} end, ${diameterMm} mm ${sex === 'male' ? 'over' : 'across'} its crests`
          : `A ${sex} end, not measured yet`
      }
    >
      <g
        fill={known ? (sex === 'male' ? 'var(--mat-brass)' : 'url(#section-brass)') : 'none'}
        stroke="var(--ink)"
        strokeWidth={known ? 1.6 : 2}
        strokeLinecap="round"
        strokeDasharray={known ? undefined : '0.1 5'}
      >
        {sex === 'male' ? (
          <path
            d={`M8 ${top - 12}L${THREAD_FROM} ${top - 12}V${AXIS}H8L14 ${AXIS - 30}L6 ${AXIS - 52}ZM8 ${bottom + 12}L${THREAD_FROM} ${bottom + 12}V${AXIS}H8L12 ${AXIS + 26}L5 ${AXIS + 50}Z`}
          />
        ) : (
          <path d={`M8 ${top - 26}H${end}V${top}H8ZM8 ${bottom + 26}H${end}V${bottom}H8Z`} />
        )}
        {[1, -1].map((side) => (
          <g key={side} transform={`translate(${THREAD_FROM} ${AXIS}) scale(1 ${side})`}>
            {sex === 'male' ? (
              <path d={`M0 0L${line}L${THREAD_PX} 0Z`} />
            ) : (
              <path
                d={`M0 ${-DIAMETER_PX / 2 - 20}L${line}L${THREAD_PX} ${-DIAMETER_PX / 2 - 20}Z`}
                strokeWidth={known ? 1.2 : 2}
              />
            )}
          </g>
        ))}
      </g>
      <path d={`M4 ${AXIS}H${end + 14}`} stroke="var(--hair-2)" strokeDasharray="14 3 3 3" />
      {known && (
        <g stroke="var(--ink)" fill="var(--sheet)" strokeWidth={1.6}>
          <rect x={BAR_X} y={18} width={22} height={172} />
          {sex === 'male' ? (
            <>
              <path d={`M${BAR_X} ${top - 22}L${end - 28} ${top - 2}H${BAR_X}Z`} />
              <path d={`M${BAR_X} ${bottom + 22}L${end - 28} ${bottom + 2}H${BAR_X}Z`} />
            </>
          ) : (
            <>
              <path d={`M${BAR_X} ${top + 26}L${end - 28} ${top + 2}H${BAR_X}Z`} />
              <path d={`M${BAR_X} ${bottom - 26}L${end - 28} ${bottom - 2}H${BAR_X}Z`} />
            </>
          )}
          {[0, 1, 2, 3, 4, 5, 6, 7, 8].map((tick) => (
            <path key={tick} d={`M${BAR_X} ${32 + tick * 18}h${tick % 2 === 0 ? 11 : 6}`} strokeWidth={1} />
          ))}
        </g>
      )}
      <text x={BAR_X + 30} y={top + 4} fontSize={16} fontWeight={680} fill="var(--ink)">
        {known ? `${Number(diameterMm.toFixed(2))} mm` : ''}
      </text>
      {!known && (
        <text x={154} y={AXIS + 5} fontSize={15} fill="var(--ink)">
          Give the {sex === 'male' ? 'outside' : 'inside'} first
        </text>
      )}
      <g stroke="var(--ink)" strokeWidth={1.4} fill="none">
        {Array.from({ length: ticks }, (_, index) => (
          <path key={index} d={`M${THREAD_FROM + (index + 0.5) * Math.min(drawnPitch, THREAD_PX / ticks)} 188v9`} />
        ))}
        {overMm !== null && (
          <rect x={THREAD_FROM} y={200} width={Math.max(24, rulePx)} height={22} fill="var(--sheet)" />
        )}
        {overMm !== null &&
          Array.from({ length: 8 }, (_, index) => (
            <path
              key={index}
              d={`M${THREAD_FROM + ((index + 1) * Math.max(24, rulePx)) / 9} 200v${index % 2 === 0 ? 6 : 10}`}
              strokeWidth={1}
            />
          ))}
      </g>
      {overMm !== null && (
        <text x={THREAD_FROM + Math.max(24, rulePx) + 8} y={217} fontSize={16} fontWeight={680} fill="var(--ink)">
          {Number(overMm.toFixed(2))} mm
        </text>
      )}
    </svg>
  );
}
