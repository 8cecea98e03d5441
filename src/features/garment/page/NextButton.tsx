'use client';
import Button from '@mui/material/Button';
import type { StageId } from '@/core/explain/problem';
import { stageLabels } from '@/ui/StageLine';
import { goToStage } from './goToStage';

/** The way on: agrees to this stage where that is needed, and goes to the next. */
export function NextButton({ to, words, onAgree }: { to: StageId; words?: string; onAgree?: () => void }) {
  return (
    <div>
      <Button
        variant="contained"
        size="large"
        onClick={() => {
          onAgree?.();
          goToStage(to);
        }}
      >
        {words ?? `On to ${stageLabels[to]}`}
      </Button>
    </div>
  );
}
