import { type Metadata } from 'next';
import { notFound } from 'next/navigation';
import { NotKnown } from '@/ui/not-known';
import { jobOfSecret } from '@/server/db/merchant-repository';
import { askShelves } from '@/server/ask-shelves';

interface Props {
  readonly params: Promise<{ readonly secret: string }>;
}

export const dynamic = 'force-dynamic';
/** The link is its own key: no search engine keeps it, and no page that is opened from here is told of it. */
export const metadata: Metadata = {
  title: 'Parts list',
  robots: { index: false, follow: false },
  referrer: 'no-referrer',
};

/** What a merchant sees by a link: what is to be bought, and nothing else of the job. */
export default async function MerchantPage({ params }: Props) {
  const jobId = await jobOfSecret((await params).secret);
  const found = jobId === undefined ? undefined : await askShelves(jobId);
  if (!found) notFound();
  return (
    <main className="mx-auto max-w-3xl p-4">
      <h1 className="border-b-2 border-ink pb-1 type-title">Parts list: {found.name}</h1>
      <p className="py-2 type-row">
        What is to be bought, by shelf. Names and codes are generic: an equal part of any maker will do, as long as its
        ends, size and material are these.
      </p>
      <NotKnown questions={found.questions} />
      {found.shelves.length === 0 && <p className="type-row">Nothing is to be bought.</p>}
      {found.shelves.map(({ name, lines }) => (
        <table key={name} className="mb-4 w-full type-row">
          <caption className="border-b border-ink pb-1 text-left type-head">{name}</caption>
          <thead>
            <tr className="text-left type-second">
              <th className="w-28 font-normal">code</th>
              <th className="font-normal">part</th>
              <th className="w-16 text-right font-normal">how many</th>
            </tr>
          </thead>
          <tbody>
            {lines.map(({ article, code, title, detail, buy }) => (
              <tr key={article} className="border-b border-hair align-top">
                <td className="type-code">{code}</td>
                <td className="py-1">
                  {title} {detail}
                </td>
                <td className="text-right font-[650]">{buy}</td>
              </tr>
            ))}
          </tbody>
        </table>
      ))}
    </main>
  );
}
