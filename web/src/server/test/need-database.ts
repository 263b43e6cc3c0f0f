/** The database tests need a PostgreSQL of their own; ./test makes one and throws it away. */
export default function setup(): void {
  if (process.env.DATABASE_URL === undefined || process.env.DATABASE_URL === '')
    throw new Error(
      'DATABASE_URL is not set: run ./test, or start a throw-away database with HERRERO_DATA=.data/test scripts/pg.sh start',
    );
}
