/** Why an entry was not taken, below it; never red, never cleared. */
export function EntryProblem({ problem }: { readonly problem: string | undefined }) {
  return problem === undefined ? null : (
    <p role="alert" className="mt-1 type-row">
      {problem}
    </p>
  );
}
