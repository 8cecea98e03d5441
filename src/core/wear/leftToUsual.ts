import { edgePlace } from '../facts/fitting';
import type { Garment } from '../facts/garment';
import { usualAt, usualKey, type Wearer } from '../facts/wearer';
import { isRight } from '../learn/scales';

/**
 * The choices of a garment that one made like it leaves to its wearer’s usual: where a try-on said otherwise than right
 * and a usual has been taken since. Paths of its facts.
 */
export function leftToUsual(
  { kind, style, fit, edges = {}, fittings }: Pick<Garment, 'kind' | 'style' | 'fit' | 'edges' | 'fittings'>,
  wearer: Pick<Wearer, 'usual' | 'usualLengths'> | undefined,
): readonly string[] {
  const off = (place: string) =>
    Object.values(fittings).some(({ outcomes }) => {
      const outcome = outcomes[place];
      return outcome !== undefined && !isRight(outcome);
    });
  const zones = Object.keys(fit).filter((zone) => off(zone) && usualAt(wearer, { kind, style }, zone));
  const strips = Object.keys(edges).filter(
    (edge) => off(edgePlace(edge)) && wearer?.usualLengths?.[usualKey(kind, edge)],
  );
  return [...zones.map((zone) => `fit.${zone}`), ...strips.map((edge) => `edges.${edge}.school`)];
}
