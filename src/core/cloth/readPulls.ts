import type { Explained } from '../explain/explained';
import type { Ledger } from '../explain/ledger';
import type { Cloth, ClothDirection, Pull, PullPoint } from '../facts/cloth';
import { FEEL_WEIGHT } from './layers';
import { fitCurve, tensionOfWeight, type CurveFit, type TensionPoint } from './pullCurve';
import type { DirectionReading } from './reading';

/** The readings of one branch as extension and tension; readings without a tension are left out. */
export function pointsOf(pull: Pull, branch: PullPoint['branch']): readonly TensionPoint[] {
  return Object.values(pull.points).flatMap((point) => {
    if (point.branch !== branch) return [];
    const tension =
      point.tensionNPerM ??
      (point.massG === undefined ? undefined : tensionOfWeight(point.massG, pull.widthMm));
    return tension === undefined ? [] : [{ extension: point.lengthMm / pull.restMm - 1, tension }];
  });
}

/** The cloth's pulls in one direction, all readings of one branch together. */
export const branchPoints = (
  cloth: Cloth,
  direction: ClothDirection,
  branch: PullPoint['branch'],
): readonly TensionPoint[] =>
  Object.values(cloth.pulls ?? {})
    .filter((pull) => pull.direction === direction)
    .flatMap((pull) => pointsOf(pull, branch));

/** The curve of one branch; loading and unloading are never mixed. `undefined` where nothing was pulled. */
export function branchFit(
  cloth: Cloth,
  direction: ClothDirection,
  branch: PullPoint['branch'],
  comfortable?: number,
): CurveFit | undefined {
  const points = branchPoints(cloth, direction, branch);
  return points.length === 0 ? undefined : fitCurve(points, comfortable);
}

/** How a cloth pulls in one direction: its curve where the readings give one, else its feel. */
export function readPulls(
  book: Ledger,
  prefix: string,
  direction: ClothDirection,
  cloth: Cloth,
  stretch: Explained,
): Pick<DirectionReading, 'parts' | 'curveFault'> {
  const feel = FEEL_WEIGHT[cloth.feel ?? 'medium'];
  const plain = { name: cloth.name, S: stretch, feel };
  const fit = stretch.value > 0 ? branchFit(cloth, direction, 'loading', stretch.value) : undefined;
  if (!fit) return { parts: [plain] };
  if (!fit.ok) return { parts: [plain], curveFault: fit.sentence };
  const { curve } = fit;
  const how =
    curve.kind === 'power'
      ? 'Least squares on log T, log e of the readings taken while pulling.'
      : 'Read between the points of the pull curve (monotone cubic); the exponent is the least-squares one.';
  const tS = book.given(
    `${prefix}.tension`,
    `tension at its comfortable stretch, ${direction}`,
    curve.tS,
    'nPerM',
    'own record',
    how,
  );
  const k = book.given(
    `${prefix}.k`,
    `how steeply it stiffens, ${direction}`,
    curve.k,
    'ratio',
    'own record',
    how,
  );
  return { parts: [{ ...plain, curve: { fit: curve, tS, k } }] };
}
