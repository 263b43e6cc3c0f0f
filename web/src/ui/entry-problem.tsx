import { type FigureReading } from '@herrero/core';

interface EntryProblemProps {
  readonly problem: string | undefined;
  /** Ways to read what was typed: each one press. */
  readonly readings?: readonly FigureReading[];
  readonly onChoose?: (reading: FigureReading) => void;
}

/** Why an entry was not taken, below it; never red, never cleared. What can be read in two ways is asked. */
export function EntryProblem({ problem, readings = [], onChoose = () => undefined }: EntryProblemProps) {
  return problem === undefined ? null : (
    <div role="alert" className="mt-1 type-row">
      <p>{problem}</p>
      {readings.length > 0 && (
        <p className="flex flex-wrap gap-2 pt-1">
          {readings.map((reading) => (
            <button
              key={reading.text}
              type="button"
              className="other-action"
              // Before the field is left: that would read it again.
              onPointerDown={(event) => event.preventDefault()}
              onClick={() => onChoose(reading)}
            >
              {reading.text}
            </button>
          ))}
        </p>
      )}
    </div>
  );
}
