import type { PipeEnd, PipePart } from '../end';
import { pipeOf, pipeSeries } from '../standards/pipes';
import { type JointConditions, bare, defineJointFamily, judgements, sourcesOf } from './joint-family';
import { compression } from './pipe-joints/compression';
import { dryHub } from './pipe-joints/dry-hub';
import type { PipeJoint, PipePair } from './pipe-joints/pipe-joint';
import { looseCap } from './pipe-joints/loose-cap';
import { press } from './pipe-joints/press';
import { pushFit } from './pipe-joints/push-fit';
import { crimp, expansion } from './pipe-joints/ring-over-insert';
import { saddle } from './pipe-joints/saddle';
import { sleeve } from './pipe-joints/sleeve';
import { solvent } from './pipe-joints/solvent';

/** How each kind of fitting takes plain pipe. A new kind: its file, and a line here. */
export const JOINTS: Readonly<Record<Exclude<PipePart, 'spigot'>, PipeJoint>> = {
  socket: solvent,
  'push-fit': pushFit,
  compression,
  'dry-hub': dryHub,
  sleeve,
  press,
  crimp,
  expansion,
  saddle,
  'loose-cap': looseCap,
};

const { 'two-pipes': TWO_PIPES, 'two-fittings': TWO_FITTINGS } = judgements({
  'two-pipes': ['will-not-go'],
  'two-fittings': ['will-not-go'],
});

function pairOf(a: PipeEnd, b: PipeEnd, conditions: JointConditions): PipePair | undefined {
  if ((a.part === 'spigot') === (b.part === 'spigot')) return undefined;
  const aIsPipe = a.part === 'spigot';
  const [spigot, fitting] = aIsPipe ? [a, b] : [b, a];
  const [ofPipe, ofFitting] = [pipeSeries(spigot.series), pipeSeries(fitting.series)];
  return {
    spigot,
    fitting,
    pipe: pipeOf(spigot),
    madeFor: pipeOf(fitting),
    pipeSeries: ofPipe,
    fittingSeries: ofFitting,
    pipeMaterial: (aIsPipe ? conditions.a : conditions.b) ?? ofPipe.material,
    fittingMaterial: (aIsPipe ? conditions.b : conditions.a) ?? ofFitting.material,
  };
}

const jointOf = ({ fitting }: PipePair): PipeJoint => JOINTS[fitting.part as keyof typeof JOINTS];

/** A plain pipe and the fitting that takes it: judged by the outside of the pipe, the way the fitting holds, and what both are made of. */
export const pipes = defineJointFamily({
  kinds: ['pipe', 'pipe'],
  judge: (a, b, conditions) => {
    const pair = pairOf(a, b, conditions);
    if (pair) return jointOf(pair).judge(pair, conditions);
    return a.part === 'spigot' ? TWO_PIPES : TWO_FITTINGS;
  },
  explain: (a, b, conditions, judgement) => {
    const sources = sourcesOf(...pipeSeries(a.series).sources, ...pipeSeries(b.series).sources);
    const pair = pairOf(a, b, conditions);
    if (pair) return { ...jointOf(pair).explain(pair, judgement, conditions), sources };
    return a.part === 'spigot'
      ? bare('Both ends are plain pipe.', sources, 'Put a coupling between.')
      : bare('Both ends are fittings.', sources, 'Put a piece of pipe between.');
  },
});
