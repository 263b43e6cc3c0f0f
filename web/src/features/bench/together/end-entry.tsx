'use client';

import {
  type End,
  type EndProblem,
  MATERIALS,
  MATERIAL_NAMES,
  type Material,
  type Result,
  describeEnd,
  inchFigure,
  threadForm,
  threadStandard,
} from '@herrero/core';
import { EndProblemLine } from '@/ui/end-problem-line';

interface EndEntryProps {
  readonly label: string;
  readonly text: string;
  readonly parsed: Result<End, EndProblem>;
  readonly material: Material | null;
  readonly onText: (text: string) => void;
  readonly onMaterial: (material: Material | null) => void;
}

/** An end typed as it is said; what was understood stands beside it, and a word it does not know is named with the nearest. */
export function EndEntry({ label, text, parsed, material, onText, onMaterial }: EndEntryProps) {
  const problem = parsed.ok ? undefined : parsed.error;
  return (
    <div className="min-w-0 flex-1">
      <div className="flex gap-3 max-md:flex-col max-md:gap-1">
        <label className="block w-[178px] shrink-0 max-lg:w-[178px] max-md:w-full">
          <span className="block type-second">{label}</span>
          <input
            className="field w-full text-[16.5px] font-[650]"
            list="ends-known"
            autoComplete="off"
            spellCheck={false}
            value={text}
            aria-invalid={problem !== undefined}
            onChange={(event) => onText(event.target.value)}
          />
        </label>
        <div className="min-w-0 pt-[18px] max-md:pt-0">
          {parsed.ok ? (
            <>
              <p className="text-[16px] leading-5 font-[650]">{describeEnd(parsed.value)}</p>
              <p className="type-second">{formWords(parsed.value)}</p>
            </>
          ) : (
            <p className="type-second">The joint keeps its last good pair.</p>
          )}
          <label className="mt-0.5 flex items-baseline gap-1.5 type-second">
            of
            <select
              className="min-h-6 border-b-2 border-hair-2 bg-transparent pr-1 text-ink"
              aria-label={`${label}: material`}
              value={material ?? ''}
              onChange={(event) => onMaterial(event.target.value === '' ? null : (event.target.value as Material))}
            >
              <option value="">material not said</option>
              {MATERIALS.map((one) => (
                <option key={one} value={one}>
                  {MATERIAL_NAMES[one]}
                </option>
              ))}
            </select>
          </label>
        </div>
      </div>
      {problem && <EndProblemLine text={text} problem={problem} onText={onText} />}
    </div>
  );
}

/** Pitch, flanks and taper of a thread, in one line. */
export function formWords(end: End): string {
  if (end.kind !== 'thread') return '';
  const { taper, flankDeg } = threadForm(end);
  const perInch = Math.round(threadStandard(end.standard).threadsPerInch(end.size) * 10) / 10;
  return `${taper > 0 ? 'tapering' : 'straight'}, ${flankDeg} degrees, ${inchFigure(perInch)} to the inch`;
}
