'use client';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { undoCommand } from '@/features/records/api';
import { useAsking } from '@/features/records/useAsking';

/** Says that something was brought in, and takes it back where that was a mistake. */
export function Done({
  commandId,
  what,
  onUndone,
}: {
  commandId: number;
  what: string;
  onUndone: () => void;
}) {
  const router = useRouter();
  const { asking, trouble, ask } = useAsking();
  const undo = () =>
    ask(async () => {
      await undoCommand(commandId);
      onUndone();
      router.refresh();
    });
  return (
    <Alert
      severity="success"
      action={
        <Button size="small" disabled={asking} onClick={undo}>
          Undo it
        </Button>
      }
    >
      {what} {trouble}
    </Alert>
  );
}
