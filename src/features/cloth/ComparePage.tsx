'use client';
import Stack from '@mui/material/Stack';
import Alert from '@mui/material/Alert';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableContainer from '@mui/material/TableContainer';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useEffect, useState } from 'react';
import { branchFit, branchPoints } from '@/core/cloth/readPulls';
import { readClothOnce } from '@/core/cloth/readClothOnce';
import { classLabels } from '@/core/cloth/stretchClass';
import { verdictSentences } from '@/core/cloth/recoveryVerdict';
import { formatQuantity, phraseText } from '@/core/explain/display';
import { createLedger } from '@/core/explain/ledger';
import { kindIds, type KindId } from '@/core/facts/kindIds';
import type { StoredRecord } from '@/core/facts/records';
import { catalogue } from '@/core/garments/catalogue';
import type { Verdict } from '@/core/answers/becoming';
import type { Choice } from '@/core/views/pageViews';
import { RequestRefused } from '@/features/records/api';
import { PickField } from '@/ui/PickField';
import { useUnit } from '@/ui/unit';
import { fetchBecomings } from './useBecomings';
import { Answer, marginText } from './VerdictText';
import { otherWay } from '@/core/cloth/otherWay';

const CurveChart = dynamic(() => import('./CurveChart').then((module) => module.CurveChart), { ssr: false });

const COLUMNS = 4;
type Answers = Readonly<Record<string, Readonly<Partial<Record<KindId, Verdict>>>>>;

/** Those with a pull curve first, then in the shelf's order. */
const firstShown = (cloths: readonly StoredRecord<'cloth'>[]): readonly string[] =>
  cloths
    .toSorted((a, b) => Number(b.facts.pulls !== undefined) - Number(a.facts.pulls !== undefined))
    .slice(0, 3)
    .map(({ id }) => id);

interface Props {
  readonly cloths: readonly StoredRecord<'cloth'>[];
  readonly wearers: readonly Choice[];
}

/** Several cloths side by side: what they stretch, their classes and curves, and what each can become. */
export function ComparePage({ cloths, wearers }: Props) {
  const { unit } = useUnit();
  const [ids, setIds] = useState<readonly string[]>(() => firstShown(cloths));
  const [wearerId, setWearer] = useState(wearers[0]?.id ?? '');
  const [answers, setAnswers] = useState<Answers>({});
  const [trouble, setTrouble] = useState<string | undefined>(undefined);
  const asked = ids.join(' ');
  useEffect(() => {
    let left = false;
    const look = async (id: string) => {
      const found = await fetchBecomings(id, wearerId);
      if (!left) {
        setAnswers((before) => ({
          ...before,
          [id]: Object.fromEntries(found.map(({ kind, verdict }) => [kind, verdict])),
        }));
      }
    };
    Promise.all(asked.split(' ').filter(Boolean).map(look)).catch((error: unknown) => {
      if (!(error instanceof RequestRefused)) throw error;
      setTrouble(error.message);
    });
    return () => {
      left = true;
    };
  }, [asked, wearerId]);
  const find = (id: string) => cloths.find((one) => one.id === id)?.facts;
  const shown = ids.flatMap((id) => {
    const facts = find(id);
    return facts ? [{ id, facts, reading: readClothOnce(createLedger(), 'cloth', facts, find) }] : [];
  });
  const put = (at: number, id: string) => {
    const next = [...ids];
    if (id) next[at] = id;
    else next.splice(at, 1);
    setIds([...new Set(next)]);
  };
  const share = (value: number | undefined) =>
    value === undefined ? '—' : formatQuantity(value, 'share', unit);
  const series = shown.flatMap(({ facts, reading }) => {
    const way = reading.around ?? 'across';
    const fit = branchFit(facts, way, 'loading', reading[way]?.stretch.value);
    return fit?.ok
      ? [{ name: facts.name, curve: fit.curve, points: branchPoints(facts, way, 'loading') }]
      : [];
  });
  const rows: readonly { label: string; of: (one: (typeof shown)[number]) => React.ReactNode }[] = [
    {
      label: 'Stretch around',
      of: ({ reading }) => share(reading.around && reading[reading.around]?.stretch.value),
    },
    {
      label: 'Stretch the other way',
      of: ({ reading }) => share(reading[otherWay(reading.around)]?.stretch.value),
    },
    {
      label: 'Comes back',
      of: ({ reading }) => share(reading.around && reading[reading.around]?.recovery?.value),
    },
    {
      label: 'Class',
      of: ({ reading }) => (reading.stretchClass ? classLabels[reading.stretchClass] : 'not tested'),
    },
    { label: 'Good for', of: ({ reading }) => verdictSentences[reading.verdict] },
    {
      label: 'Weight',
      of: ({ facts }) => (facts.weightGsm === undefined ? '—' : formatQuantity(facts.weightGsm, 'gsm', unit)),
    },
  ];
  return (
    <Stack sx={{ gap: '20px' }}>
      <Stack direction="row" sx={{ justifyContent: 'space-between', alignItems: 'baseline' }}>
        <h1>Compare cloths</h1>
        <Link href="/cloth">Back to the shelf</Link>
      </Stack>
      <div style={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fit, minmax(190px, 1fr))', gap: 14 }}>
        {Array.from({ length: Math.min(ids.length + 1, COLUMNS) }, (_, at) => (
          <PickField
            key={`${at}-${ids[at] ?? ''}`}
            label={`Cloth ${at + 1}`}
            value={ids[at] ?? ''}
            options={cloths.map(({ id, facts }) => ({ id, name: facts.name }))}
            empty={ids[at] ? 'take it out' : 'add another'}
            onChange={(id) => put(at, id)}
          />
        ))}
        <PickField label="Made for" value={wearerId} options={wearers} empty="anybody" onChange={setWearer} />
      </div>
      {trouble && <Alert>{trouble}</Alert>}
      <TableContainer>
        <Table style={{ tableLayout: 'fixed', minWidth: 720 }}>
          <TableHead>
            <TableRow>
              <TableCell style={{ width: 210 }}>
                <span className="visuallyHidden">What</span>
              </TableCell>
              {shown.map(({ id, facts }) => (
                <TableCell key={id}>
                  <Link href={`/cloth/${id}`}>{facts.name}</Link>
                </TableCell>
              ))}
            </TableRow>
          </TableHead>
          <TableBody>
            {rows.map(({ label, of }) => (
              <TableRow key={label}>
                <TableCell>{label}</TableCell>
                {shown.map((one) => (
                  <TableCell key={one.id}>{of(one)}</TableCell>
                ))}
              </TableRow>
            ))}
            {kindIds.map((kind) => (
              <TableRow key={kind}>
                <TableCell>{catalogue[kind].label}</TableCell>
                {shown.map(({ id }) => {
                  const verdict = answers[id]?.[kind];
                  return (
                    <TableCell key={id}>
                      {verdict ? (
                        <>
                          <Answer answer={verdict.answer} />{' '}
                          <span className="soft small">{marginText(verdict)}</span>
                          <Short verdict={verdict} />
                        </>
                      ) : (
                        '…'
                      )}
                    </TableCell>
                  );
                })}
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </TableContainer>
      {series.length > 0 ? (
        <section>
          <h2>How hard they pull</h2>
          <CurveChart series={series} heightPx={280} />
        </section>
      ) : (
        <p className="soft">
          None of these has a pull curve: hang weights on a strip to compare how hard they pull.
        </p>
      )}
    </Stack>
  );
}

/** The first thing it takes, or the first that is missing, in a line. */
function Short({ verdict: { ifs, because, numbers } }: { verdict: Verdict }) {
  const { unit } = useUnit();
  const phrase = ifs[0] ?? because[0];
  return phrase ? <p className="soft small">{phraseText(phrase, numbers, unit)}</p> : null;
}
