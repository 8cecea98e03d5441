import 'server-only';

/** The household's database, for pages and route handlers, which do not reach into `data` themselves. */
export { getDatabase } from '@/data/database';
