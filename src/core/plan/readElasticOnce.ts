import { readElastic, type ElasticReading } from '../elastics/elasticReading';
import type { Ledger } from '../explain/ledger';
import type { Elastic } from '../facts/elastic';

const kept = new WeakMap<Ledger, Map<string, ElasticReading>>();

/** `readElastic`, entered once in each ledger: several edges may take of the same roll. */
export function readElasticOnce(book: Ledger, prefix: string, elastic: Elastic): ElasticReading {
  const here = kept.get(book) ?? new Map<string, ElasticReading>();
  kept.set(book, here);
  const known = here.get(prefix);
  if (known) return known;
  const read = readElastic(book, prefix, elastic);
  here.set(prefix, read);
  return read;
}
