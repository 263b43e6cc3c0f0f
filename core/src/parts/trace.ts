/** One place in the job that a line of the list is for: a part, a joint, an opening or a place where water is used. */
export interface Use {
  /** Label of the opening whose run it is in: 'P4'. */
  readonly place: string;
  readonly of: 'part' | 'joint' | 'hole' | 'terminal';
  readonly id: string;
  /** The opening itself; undefined where what is used hangs on none. */
  readonly penetrationId: string | undefined;
}

/** What a line says of where it goes: labels, each once, and every single use. */
export interface Traced {
  readonly places: readonly string[];
  readonly uses: readonly Use[];
}

/** Follows a line back to everything it is for. */
export const traced = (own: readonly Use[]): Traced => ({
  places: [...new Set(own.map(({ place }) => place))],
  uses: own.map(({ place, of, id, penetrationId }) => ({ place, of, id, penetrationId })),
});

export const useOfHole = ({ id, label }: { readonly id: string; readonly label: string }): Use => ({
  place: label,
  of: 'hole',
  id,
  penetrationId: id,
});

export const useOfPart = (partId: string, { id, label }: { readonly id: string; readonly label: string }): Use => ({
  place: label,
  of: 'part',
  id: partId,
  penetrationId: id,
});
