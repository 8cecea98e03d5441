import { planGarment } from '@/core/plan/planGarment';
import { planSewing } from '@/core/plan/sewing/planSewing';
import { phraseText } from '@/core/explain/display';
import { TODAY, demoFacts } from './demoFacts';
test('try', () => {
  const out: string[] = [];
  for (const [id, facts] of demoFacts()) for (const machines of ['serger-coverstitch','sewing-only'] as const) {
    const f = { ...facts, garment: { ...facts.garment, machines, sewn: {} } };
    const plan = planGarment(f, { onDate: TODAY });
    const t = performance.now();
    const s = planSewing(f, plan);
    const ms = performance.now() - t;
    const v = (n: string) => s.numbers[n]?.value;
    out.push(`${id} ${f.garment.kind} ${machines}: ${s.steps.length} steps, ${ms.toFixed(0)} ms, best ${v(s.best.changeMinutes)}/${v(s.best.changes)}/${v(s.best.moves)} proved ${s.best.provedChanges}/${s.best.provedMoves}; written ${v(s.written.changeMinutes)}/${v(s.written.changes)}/${v(s.written.moves)}; left ${v(s.minutesLeft)?.toFixed(0)}`);
    if (process.env.SHOW === id && machines === (process.env.M ?? 'serger-coverstitch')) {
      for (const step of s.steps) out.push(`   ${step.station} ${step.stitch ?? ''} | ${step.id} | ${phraseText(step.title, s.numbers, 'cm')} | ${step.row ? `${Math.round(100 * (v(step.row.needs) ?? 0))}→${Math.round(100 * (v(step.row.gives) ?? 0))}${step.row.ok ? '' : ' POP'}` : ''} | ${step.changeMinutes || ''}`);
      for (const p of plan.problems.filter((x) => x.stage === 'sew')) out.push(`  !! ${phraseText(p.sentence, s.numbers, 'cm')}`);
      for (const t of s.threads) out.push(`  thread ${t.label} ${v(t.needs)} ${v(t.spools)}`);
      for (const w of s.ways) out.push(`  way ${w.alternative.id} ${w.chosen} ${JSON.stringify(w.options.map((o) => [o.id, o.change, o.work]))}`);
    }
    const pops = plan.problems.filter((x) => x.id.startsWith('pop-') || x.id === 'by-hand');
    if (pops.length) out.push('    ' + pops.map((x) => phraseText(x.sentence, plan.numbers, 'cm')).join(' / '));
  }
  require('fs').writeFileSync('/tmp/try.txt', out.join('\n'));
});
