import Button from '@mui/material/Button';
import { nameOf, type LayoutProblem } from '@/core/layout/problem';
import styles from './Layout.module.css';
import type { ByHandState } from './useByHand';

interface Props {
  readonly hand: ByHandState;
  readonly problem: LayoutProblem;
}

/** What can be done with the piece that is chosen. */
export function ByHand({ hand, problem }: Props) {
  const { chosen, pinned, swapping } = hand;
  const turns = problem.pieces.find(({ id }) => id === chosen?.piece)?.turns ?? [0];
  const stays = chosen !== undefined && pinned.has(nameOf(chosen));
  return (
    <div className={styles.byHand} role="group" aria-label="By hand">
      {chosen ? (
        <>
          <strong>{hand.called(nameOf(chosen))}</strong>
          <Button size="small" variant="outlined" onClick={hand.turn} disabled={turns.length < 2}>
            Turn
          </Button>
          <Button size="small" variant="outlined" onClick={hand.pushClose}>
            Push close
          </Button>
          <Button size="small" variant="outlined" aria-pressed={swapping} onClick={hand.swap}>
            Exchange
          </Button>
          <Button size="small" variant="outlined" aria-pressed={stays} onClick={hand.pin}>
            {stays ? 'Let go' : 'Keep here'}
          </Button>
          <span className="soft small">
            {swapping
              ? 'Now choose the piece to exchange it with.'
              : turns.length < 2
                ? 'It may lie only this way.'
                : 'Arrow keys move it too.'}
          </span>
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
