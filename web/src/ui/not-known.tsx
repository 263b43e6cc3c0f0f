/** What is not known of a job, and is therefore on no list that goes out: said first, before anybody drives off with it. */
export function NotKnown({ questions }: { readonly questions: readonly string[] }) {
  if (questions.length === 0) return null;
  return (
    <section aria-label="Not known yet" className="border-b-2 border-ink bg-brass-wash px-3 py-2">
      <h2 className="type-head">Not known yet, so not on this list</h2>
      <ul className="list-disc pl-5 type-row">
        {questions.map((question) => (
          <li key={question}>{question}</li>
        ))}
      </ul>
    </section>
  );
}
