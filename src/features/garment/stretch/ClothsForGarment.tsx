'use client';
import Stack from '@mui/material/Stack';
import Alert from '@mui/material/Alert';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableContainer from '@mui/material/TableContainer';
import TableRow from '@mui/material/TableRow';
import Button from '@mui/material/Button';
import { useCallback, useEffect, useState } from 'react';
import { bandsFollow } from '@/core/facts/garment';
import type { Verdict } from '@/core/answers/becoming';
import { Answer, VerdictText, marginText } from '@/features/cloth/VerdictText';
import { RequestRefused, request } from '@/features/records/api';
import { useRecords } from '@/features/records/RecordsProvider';
import { useGarment } from '../page/useGarment';

interface ClothFor {
  readonly id: string;
  readonly name: string;
  readonly verdict: Verdict;
}

/** The shelf, held against this garment: which cloths could make it, best first; asked for, or `atOnce`. */
export function ClothsForGarment({ atOnce = false }: { atOnce?: boolean }) {
  const { id, garment, set } = useGarment();
  const { flush } = useRecords();
  const [found, setFound] = useState<readonly ClothFor[] | undefined>(undefined);
  const [trouble, setTrouble] = useState<string | undefined>(undefined);
  const look = useCallback(async () => {
    try {
      await flush();
      setFound(await request<readonly ClothFor[]>('GET', `/api/becoming/garment/${id}`));
      setTrouble(undefined);
    } catch (error) {
      if (!(error instanceof RequestRefused)) throw error;
      setTrouble(error.message);
    }
  }, [flush, id]);
  useEffect(() => {
    if (!atOnce) return undefined;
    const timer = setTimeout(() => void look(), 0);
    return () => clearTimeout(timer);
  }, [atOnce, look]);
  return (
    <Stack component="section" sx={{ gap: '10px' }}>
      <h2>Which cloths could make it</h2>
      {atOnce && !found && !trouble ? (
        <p className="soft">Holding the shelf against it…</p>
      ) : (
        <div>
          <Button variant="outlined" onClick={() => void look()}>
            {found ? 'Look again' : 'Hold the shelf against it'}
          </Button>
        </div>
      )}
      {trouble && <Alert>{trouble}</Alert>}
      {found && (
        <TableContainer>
          <Table aria-label="Cloths for this garment">
            <TableBody>
              {found.map(({ id: clothId, name, verdict }) => (
                <TableRow key={clothId} data-answer={verdict.answer}>
                  <TableCell style={{ width: 170 }}>
                    <strong>{name}</strong>
                  </TableCell>
                  <TableCell style={{ width: 90 }}>
                    <Answer answer={verdict.answer} />
                    <p className="soft small">{marginText(verdict)}</p>
                  </TableCell>
                  <TableCell>
                    <VerdictText verdict={verdict} />
                  </TableCell>
                  <TableCell style={{ width: 110 }}>
                    {clothId === garment.outerClothId ? (
                      <span className="soft">chosen</span>
                    ) : (
                      <Button
                        size="small"
                        onClick={() =>
                          set('Cloth', {
                            outerClothId: clothId,
                            ...(bandsFollow(garment) ? { bandClothId: clothId } : {}),
                          })
                        }
                        aria-label={`Take ${name}`}
                      >
                        Take it
                      </Button>
                    )}
                  </TableCell>
                </TableRow>
              ))}
            </TableBody>
          </Table>
        </TableContainer>
      )}
    </Stack>
  );
}
