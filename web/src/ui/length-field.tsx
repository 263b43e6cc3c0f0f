'use client';

import { type Measures } from '@herrero/core';
import { FigureField } from './figure-field';

interface LengthFieldProps {
  readonly label: string;
  readonly valueM: number | null;
  readonly measures: Measures;
  /** Between these it usually lies [m]. */
  readonly usual?: readonly [number, number] | undefined;
  readonly onChange: (valueM: number) => string | undefined;
  readonly hideLabel?: boolean;
}

/** A length that is typed; dotted while nobody knows it. */
export const LengthField = ({ valueM, ...props }: LengthFieldProps) => (
  <FigureField kind="length" value={valueM} unsaid="not known yet" {...props} />
);
