/** What keeps the database from answering, in words for whoever asked. */
const BY_CODE: Readonly<Record<string, string>> = {
  '25006': 'The database only lets read at the moment. Nothing was changed.',
  '53100': 'The disk of the database is full. Nothing was changed; free some space and try again.',
  '53200': 'The database has no memory left. Nothing was changed.',
  '53300': 'The database has too many clients at the moment. Nothing was changed.',
  '55P03': 'Something else holds what this needs. Nothing was changed.',
  '57014': 'The database took too long over it and stopped. Nothing was changed.',
  '40001': 'Others were changing the same at the same time. Nothing was changed.',
  '40P01': 'Others were changing the same at the same time. Nothing was changed.',
};
const AWAY = 'The database does not answer now. Nothing is lost: ask again in a moment.';

/** Classes and codes of a database that is not there, comes up or goes down, and of a connection to it that broke. */
const AWAY_CODE = /^(?:08...|57P0[1-5]|25P0[2-4]|ECONN\w+|EPIPE|ETIMEDOUT|EHOSTUNREACH|ENOTFOUND|EAI_AGAIN)$/;
const AWAY_WORDS =
  /timeout exceeded when trying to connect|^timeout expired$|connection terminated|query read timeout|connection error and is not queryable|client was closed/i;

/** What went wrong, under what wraps it. */
function rootOf(error: unknown): unknown {
  let at = error;
  while (at instanceof Error && at.cause instanceof Error) at = at.cause;
  return at;
}

/** The SQLSTATE or the code of the system; empty where there is none. */
export function codeOf(error: unknown): string {
  const root = rootOf(error);
  if (root instanceof AggregateError) return codeOf(root.errors[0]);
  const code: unknown = root instanceof Error && 'code' in root ? root.code : undefined;
  return typeof code === 'string' ? code : '';
}

/** Why the database did not do what was asked, if it is the database's affair and may go another time; else undefined. */
export function databaseFailure(error: unknown): string | undefined {
  const code = codeOf(error);
  const root = rootOf(error);
  if (Object.hasOwn(BY_CODE, code)) return BY_CODE[code];
  return AWAY_CODE.test(code) || (root instanceof Error && AWAY_WORDS.test(root.message)) ? AWAY : undefined;
}
