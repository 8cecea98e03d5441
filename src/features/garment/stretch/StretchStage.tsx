'use client';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableContainer from '@mui/material/TableContainer';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Link from 'next/link';
import { phraseText } from '@/core/explain/display';
import { classLabels } from '@/core/cloth/stretchClass';
import { edgeUses } from '@/core/edges/elastics/uses';
import { cutWayOf, neckbandEdge } from '@/core/edges/useOf';
import type { ClothPlan, DirectionPlan } from '@/core/cloth/types';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { Layers } from '@/features/cloth/Layers';
import { PickCloth } from '@/features/records/PickRecord';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { PhraseText } from '@/ui/PhraseText';
import { useUnit } from '@/ui/unit';
import { BecomeInstead } from './BecomeInstead';
import { ClothsForGarment } from './ClothsForGarment';
import styles from '../page/GarmentPage.module.css';
import { NextButton } from '../page/NextButton';
import { useGarment } from '../page/useGarment';

/** The cloth for each part, what it gives, and what this garment asks of it. */
export function StretchStage() {
  const { garment, kind, plan, cloths, set, fault } = useGarment();
  const wantsLining = kind.asks.lined || garment.liningClothId !== undefined;
  const neck = neckbandEdge(plan.edges);
  const wantsBand = neck !== undefined || kind.pieces.some(({ cloth }) => cloth === 'band');
  const body = plan.cloths.body;
  const unsuitable = plan.problems.some(({ stage, severity }) => stage === 'stretch' && severity === 'stop');
  return (
    <div className={styles.stage}>
      <div className={styles.columns} style={{ gridTemplateColumns: 'repeat(auto-fit, minmax(250px, 1fr))' }}>
        <section className={styles.stack}>
          <h2>Outer cloth</h2>
          <PickCloth
            label="Cloth"
            value={garment.outerClothId ?? ''}
            options={cloths}
            empty="choose the cloth"
            fault={fault('outerClothId')}
            onChange={(id) => set('Cloth', { outerClothId: id || null })}
          />
          {plan.cloths.outer && <Reading cloth={plan.cloths.outer} id={garment.outerClothId} />}
        </section>
        {wantsLining && (
          <section className={styles.stack}>
            <h2>Lining</h2>
            <PickCloth
              label="Lining, all over"
              value={garment.liningClothId ?? ''}
              options={cloths}
              empty="not lined"
              fault={fault('liningClothId')}
              onChange={(id) => set('Lining', { liningClothId: id || null })}
            />
            {plan.cloths.lining && <Reading cloth={plan.cloths.lining} id={garment.liningClothId} />}
          </section>
        )}
        {wantsBand && (
          <section className={styles.stack}>
            <h2>{neck ? 'Neckband' : 'Bands'}</h2>
            <PickCloth
              label={neck ? 'Cloth of the neckband' : 'Cloth of the bands'}
              value={garment.bandClothId ?? ''}
              options={cloths}
              empty="choose the cloth"
              fault={fault('bandClothId')}
              onChange={(id) => set('Bands’ cloth', { bandClothId: id || null })}
            />
            {plan.cloths.band && <Reading cloth={plan.cloths.band} id={garment.bandClothId} />}
            {neck && (
              <ChoiceRow
                legend="The band’s length runs"
                value={cutWayOf(garment.edges?.[neck.id], edgeUses[neck.use].strips[0])}
                options={[
                  { value: 'across', label: 'across the cloth' },
                  { value: 'along', label: 'along the selvedge' },
                ]}
                onChange={(direction) =>
                  set('Way the band is cut', { [`edges.${neck.id}.direction`]: direction })
                }
              />
            )}
          </section>
        )}
      </div>
      {body?.layers && <Layers cloth={body} />}
      {!body?.layers && plan.cloths.outer?.layers && <Layers cloth={plan.cloths.outer} />}
      {!wantsLining && plan.cloths.outer && (
        <PickCloth
          label="Lining, all over"
          value=""
          options={cloths}
          empty="not lined"
          fault={fault('liningClothId')}
          onChange={(id) => set('Lining', { liningClothId: id || null })}
        />
      )}
      {unsuitable && garment.outerClothId && plan.cloths.outer && (
        <BecomeInstead clothId={garment.outerClothId} name={plan.cloths.outer.name} />
      )}
      {unsuitable && <ClothsForGarment atOnce />}
      <Asked />
      {!unsuitable && <ClothsForGarment />}
      <NextButton to="fit" />
    </div>
  );
}

/** What the garment asks of its cloth, check by check, zone by zone, opening by opening. */
function Asked() {
  const { plan } = useGarment();
  return (
    <section>
      <h2>What this garment asks, and what gives it</h2>
      {plan.checks.length === 0 && plan.openings.length === 0 && plan.zones.length === 0 ? (
        <p className="soft">This comes once wearer and cloth are known.</p>
      ) : (
        <TableContainer>
          <Table>
            <TableHead>
              <TableRow>
                <TableCell>Where</TableCell>
                <TableCell align="right">asks</TableCell>
                <TableCell align="right">has or may use</TableCell>
                <TableCell>so</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {plan.checks.map((check) => (
                <TableRow key={check.id}>
                  <TableCell>
                    {check.label}
                    {check.state !== 'ok' && (
                      <p className="soft small">
                        <PhraseText phrase={check.sentence} />
                      </p>
                    )}
                  </TableCell>
                  <TableCell align="right">{check.needs && <ExplainedNumber id={check.needs} />}</TableCell>
                  <TableCell align="right">{check.has && <ExplainedNumber id={check.has} />}</TableCell>
                  <TableCell>
                    {check.state === 'ok' ? (
                      'enough'
                    ) : check.state === 'unknown' ? (
                      'not known'
                    ) : (
                      <No look={check.severity === 'look'} />
                    )}
                  </TableCell>
                </TableRow>
              ))}
              {plan.zones.map((zone) => (
                <TableRow key={zone.zone}>
                  <TableCell>{zone.label}, worn</TableCell>
                  <TableCell align="right">
                    <ExplainedNumber id={zone.extension} />
                  </TableCell>
                  <TableCell align="right">
                    <ExplainedNumber id={zone.limit} />
                  </TableCell>
                  <TableCell>
                    {plan.problems.some(({ id }) => id === `zone-${zone.zone}`) ? <No /> : 'enough'}
                  </TableCell>
                </TableRow>
              ))}
              {plan.openings.flatMap((opening) =>
                opening.parts.map((part) => (
                  <TableRow key={`${opening.id}-${part.label}`}>
                    <TableCell>
                      {opening.label} over {opening.passesWhat}: the {part.label}
                    </TableCell>
                    <TableCell align="right">
                      <ExplainedNumber id={part.needs} />
                    </TableCell>
                    <TableCell align="right">
                      <ExplainedNumber id={part.gives} />
                    </TableCell>
                    <TableCell>{part.ok ? 'enough' : <No />}</TableCell>
                  </TableRow>
                )),
              )}
            </TableBody>
          </Table>
        </TableContainer>
      )}
    </section>
  );
}

const No = ({ look = false }: { look?: boolean }) => (
  <strong style={{ color: 'var(--demand)' }}>{look ? 'with care' : 'not enough'}</strong>
);

function Reading({ cloth, id }: { cloth: ClothPlan; id: string | undefined }) {
  const { plan } = useGarment();
  const { unit } = useUnit();
  return (
    <div className={styles.stack} style={{ gap: 8 }}>
      <dl className={styles.pairs}>
        {cloth.across && <Direction label="Across" reading={cloth.across} />}
        {cloth.along && <Direction label="Along" reading={cloth.along} />}
        {cloth.stretchClass && (
          <>
            <dt>Class</dt>
            <dd>{classLabels[cloth.stretchClass]}</dd>
          </>
        )}
      </dl>
      <p className="soft">{phraseText(cloth.verdictSentence, plan.numbers, unit)}</p>
      {id && (
        <Link href={`/cloth/${id}`}>
          {cloth.across || cloth.along ? 'Test it again' : 'Test it: two minutes with a ruler'}
        </Link>
      )}
    </div>
  );
}

function Direction({ label, reading }: { label: string; reading: DirectionPlan }) {
  return (
    <>
      <dt>
        {label}
        {reading.source === 'stated' ? ', as stated: untested' : ''}
      </dt>
      <dd>
        <ExplainedNumber id={reading.stretch} />
        {reading.recovery && (
          <>
            <span className="soft" style={{ fontWeight: 400 }}>
              , comes back{' '}
            </span>
            <ExplainedNumber id={reading.recovery} />
          </>
        )}
      </dd>
    </>
  );
}
