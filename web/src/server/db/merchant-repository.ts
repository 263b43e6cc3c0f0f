import 'server-only';
import { createHash, randomBytes, randomUUID } from 'node:crypto';
import { and, desc, eq, gt, isNull, sql } from 'drizzle-orm';
import { database, writing } from './database';
import { merchantLinks } from './schema';

/** A link as its maker sees it: when it was made, and whether it is still open. Its secret is shown once, when it is made. */
export interface MerchantLink {
  readonly id: string;
  readonly createdAt: string;
  readonly revokedAt: string | null;
  /** When it ends by itself. */
  readonly expiresAt: string;
  /** How often the list was looked at through it. */
  readonly opened: number;
}

/** 256 bits: nobody guesses it. */
const SECRET_BYTES = 32;
const hashOf = (secret: string): string => createHash('sha256').update(secret).digest('hex');

/** Makes a link to the parts list of a job. Only here is its secret known: what is stored is the hash of it. */
export async function makeMerchantLink(jobId: string): Promise<{ readonly id: string; readonly secret: string }> {
  const secret = randomBytes(SECRET_BYTES).toString('base64url');
  const id = randomUUID();
  await writing()
    .insert(merchantLinks)
    .values({ id, jobId, secretHash: hashOf(secret) });
  return { id, secret };
}

export const merchantLinksOf = async (jobId: string): Promise<MerchantLink[]> =>
  (
    await database()
      .select({
        id: merchantLinks.id,
        createdAt: merchantLinks.createdAt,
        revokedAt: merchantLinks.revokedAt,
        expiresAt: merchantLinks.expiresAt,
        opened: merchantLinks.opened,
      })
      .from(merchantLinks)
      .where(eq(merchantLinks.jobId, jobId))
      .orderBy(desc(merchantLinks.createdAt))
  ).map(({ id, createdAt, revokedAt, expiresAt, opened }) => ({
    id,
    createdAt: createdAt.toISOString(),
    revokedAt: revokedAt?.toISOString() ?? null,
    expiresAt: expiresAt.toISOString(),
    opened,
  }));

/** Closes a link for good. Answers whether there was an open one. */
export const revokeMerchantLink = async (jobId: string, id: string): Promise<boolean> =>
  (
    await writing()
      .update(merchantLinks)
      .set({ revokedAt: new Date() })
      .where(and(eq(merchantLinks.id, id), eq(merchantLinks.jobId, jobId), isNull(merchantLinks.revokedAt)))
      .returning({ id: merchantLinks.id })
  ).length > 0;

/** The job that an open link leads to, counted; undefined for a secret that is wrong, closed or has ended. */
export async function jobOfSecret(secret: string): Promise<string | undefined> {
  const [found] = await writing()
    .update(merchantLinks)
    .set({ opened: sql`${merchantLinks.opened} + 1` })
    .where(
      and(
        eq(merchantLinks.secretHash, hashOf(secret)),
        isNull(merchantLinks.revokedAt),
        gt(merchantLinks.expiresAt, sql`now()`),
      ),
    )
    .returning({ jobId: merchantLinks.jobId });
  return found?.jobId;
}
