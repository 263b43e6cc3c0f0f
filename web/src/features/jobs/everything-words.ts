/** How many of a kind were put in, and which were here already. */
interface PutIn {
  readonly added: number;
  readonly left: readonly string[];
}

/** What the server says of a file of everything that it was given. */
export interface EverythingAnswer extends Readonly<
  Record<'jobs' | 'own' | 'holdings' | 'offCuts' | 'suppliers', PutIn>
> {
  readonly refused: readonly {
    readonly file: string;
    readonly problems: readonly { readonly path: string; readonly message: string }[];
  }[];
}

const KINDS = [
  ['jobs', 'job', 'jobs'],
  ['own', 'own part', 'own parts'],
  ['holdings', 'stock or price of a part', 'stocks or prices of parts'],
  ['offCuts', 'left-over', 'left-overs'],
  ['suppliers', 'price list', 'price lists'],
] as const;

const listed = (words: readonly string[]): string =>
  words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;

/** What was put in, in a sentence. */
export function putInWords(answer: EverythingAnswer): string {
  const some = KINDS.flatMap(([kind, one, more]) => {
    const { added } = answer[kind];
    return added === 0 ? [] : [`${added} ${added === 1 ? one : more}`];
  });
  return some.length === 0 ? 'Nothing of it is new here.' : `Put in: ${listed(some)}.`;
}

/** What was here already and stays as it is; jobs by their names. */
export function leftWords(answer: EverythingAnswer): string | undefined {
  const some = KINDS.flatMap(([kind, one, more]) => {
    const { left } = answer[kind];
    if (left.length === 0) return [];
    const names =
      kind === 'jobs' || kind === 'suppliers' ? ` (${listed(left.slice(0, 5))}${left.length > 5 ? ' …' : ''})` : '';
    return [`${left.length} ${left.length === 1 ? one : more}${names}`];
  });
  return some.length === 0 ? undefined : `Here already, and left as here: ${listed(some)}.`;
}
