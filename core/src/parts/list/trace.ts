/** What in a job a line may be for. */
export const USED_BY = ['part', 'joint', 'hole', 'terminal', 'tank', 'roof', 'extra'] as const;

/** One place in the job that a line of the list is for: a part, a joint, an opening, a tank, a roof or a place where water is used. */
export interface Use {
  /** Label of the opening whose run it is in, or of the tank: 'P4', 'T1'. */
  readonly place: string;
  readonly of: (typeof USED_BY)[number];
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
  uses: own,
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

export const useOfTank = ({ id, label }: { readonly id: string; readonly label: string }): Use => ({
  place: label,
  of: 'tank',
  id,
  penetrationId: undefined,
});

/** A roof, by its name. */
export const useOfRoof = ({ id, name }: { readonly id: string; readonly name: string }): Use => ({
  place: name,
  of: 'roof',
  id,
  penetrationId: undefined,
});

/** A place where a run ends, by the opening that the run starts from. */
export const useOfTerminal = (
  terminalId: string,
  { id, label }: { readonly id: string; readonly label: string },
): Use => ({
  place: label,
  of: 'terminal',
  id: terminalId,
  penetrationId: id,
});

/** A line of one's own: where it goes, if that is said. */
export const useOfExtra = (id: string, place: string): Use => ({ place, of: 'extra', id, penetrationId: undefined });
