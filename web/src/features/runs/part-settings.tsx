'use client';

import {
  bothLengths,
  centreToCentre,
  coursesOf,
  type Edit,
  type Slope,
  formatLength,
  type Heading,
  HEADING_VECTORS,
  HEADINGS,
  isByLength,
  isCoiled,
  falling,
  isLengthFound,
  ownLengthM,
  rising,
  isShutOff,
  type JudgedJoint,
  type Leg,
  type LengthKind,
  looksSomewhere,
  measuredToWords,
  pointingOf,
  setField,
  squareTo,
  type StrandItem,
  TRIM_ALLOWANCE_M,
  TRIM_NAMES,
  TRIM_STEPS,
  type Held,
} from '@herrero/core';
import { useMemo, useState } from 'react';
import { Choice } from '@/ui/choice';
import { FigureField } from '@/ui/figure-field';
import { LengthField } from '@/ui/length-field';
import { TextField } from '@/ui/text-field';
import { YesNo } from '@/ui/yes-no';
import { useJob } from '../../store/job-provider';
import { HEADING_NAMES } from '@/ui/heading-names';
import { PartsAlike } from './parts-alike';

/** What is said of a placed part: how long it is, how much it rises, where it points, what holds it. */
export function PartSettings({ item: planned }: { readonly item: StrandItem }) {
  const measures = useJob((state) => state.job.measures);
  const make = useJob((state) => state.make);
  const said = useJob((state) => state.job.parts.find(({ id }) => id === planned.placed.id));
  // What is said of it is what can be changed; a length may follow from the places of both ends instead.
  const item = said ? { ...planned, placed: said } : planned;
  const { placed, part } = item;
  const found = isLengthFound(part, placed, planned.placed);
  const leg = useLeg(item);
  // A pipe that comes upright and slopes away goes some way round.
  const leavesUpright = placed.slope !== null && leg !== undefined && Math.abs(leg.headingIn.up) > UPRIGHT;
  const set = <Name extends Field>(field: Name, to: Held<'parts', Name>): string | undefined =>
    make([change(item, field, to)])?.message;
  return (
    <div className="grid grid-cols-2 gap-x-4 gap-y-2 pt-2 max-md:grid-cols-1">
      {isByLength(part) && (
        <LengthField
          label={found ? 'Length, from both ends' : placed.lengthM === null ? 'How long is it?' : 'Length'}
          valueM={planned.placed.lengthM}
          measures={measures}
          onChange={(to) => set('lengthM', to)}
        />
      )}
      {isByLength(part) && <Between item={item} onChange={(to) => set('lengthM', to)} />}
      {isByLength(part) && <KindField item={item} onMake={(edits) => make(edits)} />}
      {ownLengthM(part, placed) !== undefined && (
        <RiseField key={JSON.stringify(placed.slope)} item={item} onMake={(edits) => make(edits)?.message} />
      )}
      {(looksSomewhere(part) || leavesUpright) && <PointsField item={item} onChange={(to) => set('points', to)} />}
      {looksSomewhere(part) && placed.points !== null && (
        <FigureField
          kind="angle"
          measures={measures}
          bare
          label="Rolled on by, degrees"
          value={placed.rollDegrees}
          onChange={(to) => set('rollDegrees', to)}
        />
      )}
      {(isByLength(part) || isShutOff(part)) && (
        <YesNo label="Held by straps or a block" value={placed.held} onChange={(to) => set('held', to)} />
      )}
      {!placed.existing && isCoiled(part) && (
        <YesNo
          label="The counter cuts it in one length"
          value={placed.cutAtCounter}
          onChange={(to) => set('cutAtCounter', to)}
        />
      )}
      {!placed.existing && (
        <YesNo label="For now: it comes off again" value={placed.forNow} onChange={(to) => set('forNow', to)} />
      )}
      <TextField label="Why this one" value={placed.because} onChange={(to) => set('because', to)} />
      <PartsAlike placed={placed} />
    </div>
  );
}

type Field =
  | 'lengthM'
  | 'slope'
  | 'rollDegrees'
  | 'points'
  | 'held'
  | 'lengthKind'
  | 'trimAt'
  | 'cutAtCounter'
  | 'forNow'
  | 'because';

const change = <Name extends Field>({ placed }: StrandItem, field: Name, to: Held<'parts', Name>): Edit =>
  setField('parts', placed, field, to);

/** What the piece measures between its neighbours: given so, its cut length follows from what goes into them. */
function Between({
  item: { placed },
  onChange,
}: {
  readonly item: StrandItem;
  readonly onChange: (lengthM: number) => string | undefined;
}) {
  const context = useJob((state) => state.plan.context);
  const measures = useJob((state) => state.job.measures);
  const between = centreToCentre(placed.id, context);
  if (!between) return null;
  const { from, to, madeM, dryM, allowanceM } = between;
  return (
    <div>
      <LengthField
        label={`From ${measuredToWords(from)} to ${measuredToWords(to)}`}
        valueM={madeM}
        measures={measures}
        onChange={(metres) => onChange(metres - allowanceM)}
      />
      {dryM && (
        <span className="block type-second">
          dry {formatLength(dryM[0], measures)} to {formatLength(dryM[1], measures)}
        </span>
      )}
    </div>
  );
}

const KINDS: readonly { readonly value: LengthKind; readonly name: string }[] = [
  { value: 'computed', name: 'from the plan' },
  { value: 'measured', name: 'measured on site' },
  { value: 'left-long', name: 'left long' },
];

/** How its length is known; of a piece that is left long, when it is trimmed. */
function KindField({
  item,
  onMake,
}: {
  readonly item: StrandItem;
  readonly onMake: (edits: readonly Edit[]) => unknown;
}) {
  const { lengthKind, trimAt } = item.placed;
  return (
    <div className="col-span-full">
      <span className="block type-second" aria-hidden="true">
        Its length is
      </span>
      <Choice
        label="Its length is"
        value={lengthKind}
        options={KINDS}
        onChange={(to) =>
          onMake([
            ...(trimAt !== null && to !== 'left-long' ? [change(item, 'trimAt', null)] : []),
            change(item, 'lengthKind', to),
          ])
        }
      />
      {lengthKind === 'left-long' && (
        <label className="block">
          <span className="block type-second">It is cut {bothLengths(TRIM_ALLOWANCE_M)} longer and trimmed</span>
          <select
            className="field w-full"
            value={trimAt ?? ''}
            onChange={(event) =>
              onMake([change(item, 'trimAt', TRIM_STEPS.find((one) => one === event.target.value) ?? null)])
            }
          >
            <option value="">when it fits</option>
            {TRIM_STEPS.map((step) => (
              <option key={step} value={step}>
                {TRIM_NAMES[step]}
              </option>
            ))}
          </select>
        </label>
      )}
    </div>
  );
}

const UPRIGHT = 0.999;
const TENTH = 10;

/** Where this part lies. Between two openings it is said as seen from the first of them. */
function useLeg({ placed }: StrandItem): Leg | undefined {
  const context = useJob((state) => state.plan.context);
  return useMemo(
    () =>
      [...coursesOf(context).values()]
        .flatMap(({ strands }) => strands.flat())
        .find((one) => one.placed.id === placed.id),
    [context, placed.id],
  );
}

const SLOPES = [
  { value: 'level', name: 'level' },
  { value: 'falls', name: 'falls' },
  { value: 'rises', name: 'rises' },
] as const;
type Way = (typeof SLOPES)[number]['value'];

const wayOf = (slope: Slope | null): Way | null => {
  if (slope === null) return null;
  const rises = slope.by === 'rise' ? slope.riseM : -slope.fallShare;
  return rises === 0 ? 'level' : rises < 0 ? 'falls' : 'rises';
};

/** How much higher or lower its far end lies, as it is said: it falls 18 in, or 1 in 60. */
function RiseField({
  item,
  onMake,
}: {
  readonly item: StrandItem;
  readonly onMake: (edits: readonly Edit[]) => string | undefined;
}) {
  const measures = useJob((state) => state.job.measures);
  const { placed } = item;
  const { slope } = placed;
  const byM = slope?.by === 'rise' && slope.riseM !== 0 ? Math.abs(slope.riseM) : null;
  const share = slope?.by === 'fall' && slope.fallShare !== 0 ? Math.abs(slope.fallShare) : null;
  const [way, setWay] = useState(wayOf(slope));
  const sign = way === 'falls' ? -1 : 1;
  const say = (to: Slope): string | undefined => onMake([change(item, 'slope', to)]);
  const choose = (to: Way): void => {
    setWay(to);
    const turned = to === 'falls' ? -1 : 1;
    if (to === 'level') say(rising(0));
    else if (share !== null) say(falling(-turned * share));
    else if (byM !== null) say(rising(turned * byM));
  };
  return (
    <div>
      <span className="block type-second" aria-hidden="true">
        From the tank outward it
      </span>
      <Choice label="From the tank outward it" value={way} options={SLOPES} onChange={choose} />
      {way !== null && way !== 'level' && (
        <div className="grid grid-cols-2 gap-x-3">
          <LengthField
            label={way === 'falls' ? 'It falls by' : 'It rises by'}
            valueM={byM}
            measures={measures}
            onChange={(to) => say(rising(sign * to))}
          />
          {isByLength(item.part) && (
            <FigureField
              kind="number"
              measures={measures}
              bare
              label={way === 'falls' ? 'or falls 1 in' : 'or rises 1 in'}
              value={share === null ? null : Math.round(TENTH / share) / TENTH}
              onChange={(to) => (to >= 1 ? say(falling(-sign / to)) : 'At least 1.')}
            />
          )}
        </div>
      )}
    </div>
  );
}

/** Which way it turns, branches or pours, among the ways that are square to how the line comes in. */
function PointsField({
  item,
  onChange,
}: {
  readonly item: StrandItem;
  readonly onChange: (points: Heading | null) => void;
}) {
  const context = useJob((state) => state.plan.context);
  const { placed, jointIn } = item;
  const leg = useLeg(item);
  const ways = HEADINGS.filter((one) => !leg || squareTo(leg.headingIn, HEADING_VECTORS[one]) !== undefined);
  const judged = context.judgedOf(jointIn?.id);
  return (
    <label className="block">
      <span className="block type-second">
        {item.part.features.includes('branch') ? 'Its branch points' : 'It points'}
      </span>
      <select
        className="field w-full"
        value={placed.points ?? ''}
        onChange={(event) => onChange(HEADINGS.find((one) => one === event.target.value) ?? null)}
      >
        <option value="">not said</option>
        {ways.map((one) => (
          <option key={one} value={one}>
            {HEADING_NAMES[one]}
          </option>
        ))}
      </select>
      {judged && <span className="block type-second">{pointingWords(judged)}</span>}
    </label>
  );
}

const turnsWords = ([least, most]: readonly [number, number]): string =>
  `${Math.round(least * TENTH) / TENTH} to ${Math.round(most * TENTH) / TENTH} turns`;

/** What the joint leaves of a choice. */
function pointingWords(judged: JudgedJoint): string {
  const pointing = pointingOf(judged);
  switch (pointing.ways) {
    case 'any':
      return pointing.how === 'marked'
        ? 'Mark it across the joint before it is glued.'
        : 'It can be turned at its joint.';
    case 'window':
      return `Comes tight over ${turnsWords(pointing.turns)}: stop where it points.`;
    case 'some':
      return `Comes tight over ${turnsWords(pointing.turns)}: try it dry, it may stop short of where it shall point.`;
    case 'where-it-stops':
      return 'Stops where its face bears. To choose, put a union or an end that turns between.';
  }
}
