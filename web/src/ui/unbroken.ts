const WORD_JOINER = '\u2060';

/** Keeps figures such as 11-1/2 on one line: a hyphen between digits is no place to break. */
export const unbroken = (text: string): string => text.replaceAll(/(\d)-(?=\d)/g, `$1-${WORD_JOINER}`);
