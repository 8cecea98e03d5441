'use client';
import Stack from '@mui/material/Stack';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import OutlinedInput from '@mui/material/OutlinedInput';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import type { GarmentLine } from '@/core/views/pageViews';
import { Field } from '@/ui/Field';
import { GarmentRow } from '@/features/table/GarmentRow';
import { RequestRefused, request } from '@/features/records/api';

interface Props {
  readonly lines: readonly GarmentLine[];
  readonly more: boolean;
  readonly query: string;
  readonly offset: number;
  readonly pageSize: number;
}

/** Every garment, newest first; start one anew, from a copy, or from a file. */
export function GarmentsPage({ lines, more, query, offset, pageSize }: Props) {
  const router = useRouter();
  const file = useRef<HTMLInputElement>(null);
  const [trouble, setTrouble] = useState<readonly string[]>([]);
  const bringIn = async (chosen: File | undefined) => {
    if (!chosen) return;
    try {
      const written = await request<{ records: { kind: string; id: string }[] }>(
        'POST',
        '/api/garment-files',
        await chosen.text(),
      );
      router.push(`/garments/${written.records.find(({ kind }) => kind === 'garment')?.id}`);
    } catch (error) {
      if (!(error instanceof RequestRefused)) throw error;
      setTrouble(
        error.faults.length > 0
          ? error.faults.map(({ path, sentence }) => (path ? `${path}: ${sentence}` : sentence))
          : [error.message],
      );
    }
    if (file.current) file.current.value = '';
  };
  const page = (at: number) =>
    `/garments?${new URLSearchParams({ q: query, offset: String(at) }).toString()}`;
  return (
    <div>
      <Stack direction="row" sx={{ gap: '12px', alignItems: 'center', flexWrap: 'wrap' }}>
        <h1 style={{ marginRight: 'auto' }}>Garments</h1>
        <form action="/garments">
          <Field id="garments-named" label="Name contains">
            <OutlinedInput
              id="garments-named"
              name="q"
              label="Name contains"
              notched
              defaultValue={query}
              inputProps={{ maxLength: 60 }}
            />
          </Field>
        </form>
        <Button variant="outlined" onClick={() => file.current?.click()}>
          From a file
        </Button>
        <input
          ref={file}
          type="file"
          accept="application/json,.json"
          hidden
          aria-label="Garment file"
          onChange={(event) => void bringIn(event.target.files?.[0])}
        />
        <Button component={Link} href="/garments/new" variant="contained">
          New garment
        </Button>
      </Stack>
      {trouble.length > 0 && (
        <Alert>
          <p>
            <strong>Nothing was brought in.</strong>
          </p>
          {trouble.slice(0, 8).map((sentence) => (
            <p key={sentence}>{sentence}</p>
          ))}
        </Alert>
      )}
      <ul style={{ listStyle: 'none', margin: '12px 0 0', padding: 0 }}>
        {lines.map((line) => (
          <GarmentRow key={line.id} line={line} />
        ))}
      </ul>
      {lines.length === 0 && (
        <p className="soft" style={{ paddingTop: 18 }}>
          {query
            ? `No garment has “${query}” in its name.`
            : 'No garments yet. Start one with a name, a wearer and a cloth.'}
        </p>
      )}
      <Stack direction="row" sx={{ gap: '16px', paddingTop: '16px' }}>
        {offset > 0 && <Link href={page(Math.max(0, offset - pageSize))}>Newer</Link>}
        {more && <Link href={page(offset + pageSize)}>Older</Link>}
      </Stack>
    </div>
  );
}
