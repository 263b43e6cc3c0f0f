/** A figure that is worked out, under its name. */
export const Fact = ({ name, children }: { readonly name: string; readonly children: React.ReactNode }) => (
  <p className="border-b border-hair py-1.5">
    <span className="block type-second">{name}</span>
    <span className="type-row">{children}</span>
  </p>
);
