import Button from '@mui/material/Button';
import { nameOf, type LayoutProblem } from '@/core/layout/problem';
import styles from './Layout.module.css';
import type { ByHandState } from './useByHand';

interface Props {
  readonly hand: ByHandState;
  readonly problem: LayoutProblem;
  /** The names of copies that lie on others, or beside the cloth. */
  readonly crossed: ReadonlySet<string>;
  /** The names of copies that are cut. */
  readonly cut: ReadonlySet<string>;
}

/** What can be done with the piece that is chosen. */
export function ByHand({ hand, problem, crossed, cut }: Props) {
  const { chosen, pinned, swapping } = hand;
  const turns = problem.pieces.find(({ id }) => id === chosen?.piece)?.turns ?? [0];
  const stays = chosen !== undefined && pinned.has(nameOf(chosen));
  const isCut = chosen !== undefined && cut.has(nameOf(chosen));
  const lies = chosen !== undefined && crossed.has(nameOf(chosen));
  return (
    <div className={styles.byHand} role="group" aria-label="By hand">
      {chosen && isCut ? (
        <span className="soft small">
          {hand.called(nameOf(chosen))} is cut: it stays where it was cut from.
        </span>
      ) : chosen ? (
        <>
          <strong>{hand.called(nameOf(chosen))}</strong>
          <Button size="small" variant="outlined" onClick={hand.turn} disabled={turns.length < 2}>
            Turn
          </Button>
          <Button size="small" variant="outlined" onClick={hand.pushClose} disabled={lies}>
            Push close
          </Button>
          <Button size="small" variant="outlined" aria-pressed={swapping} onClick={hand.swap}>
            Exchange
          </Button>
          <Button size="small" variant="outlined" onClick={hand.pin}>
            {stays ? 'Let go' : 'Keep here'}
          </Button>
          <span className="soft small">{hintOf({ swapping, lies, turns: turns.length })}</span>
        </>
      ) : (
        <span className="soft small">
          Drag a piece, or choose it and move it with the arrow keys. What you move stays where you put it.
        </span>
      )}
      {pinned.size > 0 && (
        <span className="small">
          {pinned.size === 1 ? 'One piece stays' : `${pinned.size} pieces stay`} where you put{' '}
          {pinned.size === 1 ? 'it' : 'them'}.{' '}
          <Button size="small" variant="text" onClick={hand.letAllGo}>
            Let all go
          </Button>
        </span>
      )}
    </div>
  );
}

/** What to know about the piece that is chosen. */
function hintOf({
  swapping,
  lies,
  turns,
}: Record<'swapping' | 'lies', boolean> & { readonly turns: number }) {
  if (swapping) return 'Now choose the piece to exchange it with.';
  if (lies) return 'It lies on another piece, or beside the cloth: move it free first.';
  return turns < 2 ? 'It may lie only this way. Arrow keys move it too.' : 'Arrow keys move it too.';
}
