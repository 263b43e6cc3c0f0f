const LENGTHS: readonly number[] = [8, 12, 13, 14];

/**
 * A number of the world's trade as fourteen digits, so that one printed short and one printed long are one (GS1 General
 * Specifications, 7.9: the last digit makes the sum weighted 3, 1, 3, … from the right divisible by ten). Undefined: it is none.
 */
export function gtinOf(text: string): string | undefined {
  const digits = text.replaceAll(/[\s-]/g, '');
  if (!/^\d+$/.test(digits) || !LENGTHS.includes(digits.length) || /^0+$/.test(digits)) return undefined;
  const sum = [...digits].reduceRight((total, digit, at) => {
    const fromRight = digits.length - 1 - at;
    return total + Number(digit) * (fromRight % 2 === 1 ? 3 : 1);
  }, 0);
  return sum % 10 === 0 ? digits.padStart(14, '0') : undefined;
}

const MOST_CHARS = 160;

/** How a name is remembered: capitals and spaces do not tell two apart, a number of the trade is its digits. */
export const nameOf = (text: string): string =>
  (gtinOf(text) ?? text.trim().toLowerCase().replaceAll(/\s+/g, ' ')).slice(0, MOST_CHARS);
