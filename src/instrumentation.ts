/** Runs once when the server starts, never on import or build: the door is set, the database brought up to date, lists worked out ahead, the day's copy made. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { refuseUnusedMethods } = await import('./server/frontDoor');
  refuseUnusedMethods();
  const { migrateDatabase } = await import('./data/migrate');
  const { databasePath } = await import('./data/database');
  migrateDatabase(databasePath(), new Date());
  const { keepWarm } = await import('./server/keepWarm');
  void keepWarm();
  const { keepCopies } = await import('./server/household/copies');
  void keepCopies();
}
