'use client';

import { type MakeUp, WINDING } from '@herrero/core';

const CENTRE = 62;
const FIRST = 10;
/** What the spiral grows to [px]. */
const GROWS = 50;
const LEAST_TURNS_SHOWN = 9;

/** A spiral seen from the end: one loop one turn. Ink is gone on, the tick is where it should stop, the dot is yours. */
export function DryFit({
  tape,
  handTurns,
  onTurns,
}: {
  readonly tape: NonNullable<MakeUp['tape']>;
  readonly handTurns: number | null;
  readonly onTurns: (turns: number | null) => void;
}) {
  const { expectedTurns, toleranceTurns, dryFit, turns, usualTurns } = tape;
  const shown = handTurns ?? expectedTurns;
  const most = Math.max(LEAST_TURNS_SHOWN, Math.ceil(expectedTurns) + 4);
  const place = placeOn(GROWS / most);
  const step = (by: number): void => onTurns(Math.min(most, Math.max(0, Math.round((shown + by) * 4) / 4)));
  const none = dryFit?.says === 'no-tape-holds';
  return (
    <section aria-label="Tape, from the dry fit">
      <h2 className="type-head">Tape, from the dry fit</h2>
      <div className="flex items-start gap-3 pt-1">
        <svg
          viewBox="0 0 124 124"
          className="w-[124px] shrink-0"
          role="img"
          aria-label={`${shown} turns on, ${expectedTurns.toFixed(1)} expected`}
        >
          <path d={spiral(place, most)} fill="none" stroke="var(--hair)" strokeWidth={1.4} />
          <path d={spiral(place, shown)} fill="none" stroke="var(--ink)" strokeWidth={3} />
          <Tick at={place(expectedTurns)} />
          {handTurns !== null && <Dot at={place(handTurns)} />}
          <path d="M106 28A 56 56 0 0 1 118 62" fill="none" stroke="var(--ink)" strokeWidth={1.5} />
          <path d="M113 58L118 68L122.5 58Z" fill="var(--ink)" />
        </svg>
        <dl className="type-row">
          <div>
            <dt className="inline font-[650]">Mark</dt>{' '}
            <dd className="inline">
              {expectedTurns.toFixed(1)} turns expected, {toleranceTurns.toFixed(1)} either way
            </dd>
          </div>
          <div>
            <dt className="inline font-[650]">Dot</dt>{' '}
            <dd className="inline">
              {dryFit ? slackWords(dryFit) : 'screw them together dry, by hand, and enter the turns'}
            </dd>
          </div>
          <div>
            <dt className="inline font-[650]">Arrow</dt> <dd className="inline">wind this way</dd>
          </div>
        </dl>
      </div>
      <div className="flex items-center gap-2 pt-1">
        <Press label="Turns by hand: fewer" sign="−" onPress={() => step(-0.25)} />
        <p className="flex-1 text-center text-[18px] font-[650]" aria-live="polite" data-testid="hand-turns">
          {handTurns === null ? 'not tried' : `${quarters(handTurns)} turns`}
        </p>
        <Press label="Turns by hand: more" sign="+" onPress={() => step(0.25)} />
      </div>
      <p className="pt-1.5 type-row" data-testid="tape-words">
        {none ? (
          <b className="font-[650]">No amount of tape will make this hold.</b>
        ) : dryFit?.says === 'stops-early' ? (
          <b className="font-[650]">It stops early: clean both, look for a burr or another thread, and try again.</b>
        ) : (
          <>
            <b className="font-[650]">
              {turns[0]} to {turns[1]} turns of tape
            </b>
            {dryFit && dryFit.extraTape > 0
              ? `: ${usualTurns[0]} to ${usualTurns[1]} as always, ${dryFit.extraTape} for the slack.`
              : `, ${tape.lengthM.toFixed(2)} m of ${tape.widthIn} in tape.`}
          </>
        )}{' '}
        {!none && tape.paste && 'Paste over it. '}
        {!none && WINDING}
      </p>
    </section>
  );
}

type Reading = NonNullable<NonNullable<MakeUp['tape']>['dryFit']>;

function slackWords({ looseTurns, slackMm }: Reading): string {
  const by = `${quarters(Math.abs(Math.round(looseTurns * 4) / 4))} ${looseTurns >= 0 ? 'over' : 'short'}`;
  return `yours: ${by}, so ${slackMm[0].toFixed(2)} to ${slackMm[1].toFixed(2)} mm loose`;
}

const quarters = (turns: number): string => {
  const whole = Math.floor(turns);
  const part = ['', '1/4', '1/2', '3/4'][Math.round((turns - whole) * 4)] ?? '';
  if (part === '') return `${whole}`;
  return whole === 0 ? part : `${whole}-${part}`;
};

function Press({
  label,
  sign,
  onPress,
}: {
  readonly label: string;
  readonly sign: string;
  readonly onPress: () => void;
}) {
  return (
    <button
      type="button"
      aria-label={label}
      className="stepper-button h-11 w-11 shrink-0 rounded-[2px] border-2 border-ink bg-brass text-[22px] font-bold text-on-brass select-none"
      onClick={onPress}
    >
      {sign}
    </button>
  );
}

type Point = readonly [x: number, y: number];

/** Where so many turns end on a spiral that grows by so much a turn. */
const placeOn =
  (perTurn: number) =>
  (turns: number): Point => {
    const angle = turns * 2 * Math.PI - Math.PI / 2;
    const radius = FIRST + turns * perTurn;
    return [CENTRE + radius * Math.cos(angle), CENTRE + radius * Math.sin(angle)];
  };

function spiral(place: (turns: number) => Point, to: number): string {
  const steps = Math.max(2, Math.ceil(to * 24));
  return Array.from({ length: steps + 1 }, (_, index) => {
    const [x, y] = place((to * index) / steps);
    return `${index === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`;
  }).join('');
}

/** Eight pixels either way along the radius. */
function Tick({ at: [x, y] }: { readonly at: Point }) {
  const away = Math.hypot(x - CENTRE, y - CENTRE);
  const [dx, dy] = [((x - CENTRE) / away) * 8, ((y - CENTRE) / away) * 8];
  return <path d={`M${x - dx} ${y - dy}L${x + dx} ${y + dy}`} stroke="var(--ink)" strokeWidth={2.4} />;
}

function Dot({ at: [x, y] }: { readonly at: Point }) {
  return <circle cx={x} cy={y} r={6} fill="var(--brass)" stroke="var(--ink)" strokeWidth={1.6} />;
}
