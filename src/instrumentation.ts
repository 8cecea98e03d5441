/** Runs once when the server starts, never on import or build: the database is brought up to date here. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { migrateDatabase } = await import('./data/migrate');
  const { databasePath } = await import('./data/database');
  migrateDatabase(databasePath(), new Date());
}
