'use client';
import Button from '@mui/material/Button';

export default function ErrorPage({ reset }: { reset: () => void }) {
  return (
    <div role="alert">
      <h1>This page could not be shown</h1>
      <p style={{ margin: '10px 0 16px' }}>
        What was saved is safe. Try again; if it stays, reload the page.
      </p>
      <Button variant="contained" onClick={reset}>
        Try again
      </Button>
    </div>
  );
}
