import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { onlyPerhaps, type Ground, type SpellingGroup } from '../../core/match/spellings';
import type { StandardisePlan } from '../../core/steps/standardise/step';
import { counted, figure } from '../parts/api';
import { FAINT, INK, RULE, SHADE } from '../parts/theme';

const GROUNDS: Record<Ground, string> = { unsure: 'perhaps the same', sound: 'sounds the same', letters: 'some letters differ', legal: 'legal form differs', order: 'other order of words', marks: 'capitals, spaces or marks differ' };
const FIRST = 40;

/** Groups of look-alike spellings: what is written as what, and why; each can be decided otherwise, which changes the sentence. */
export function Spellings({ groups, total, plan, onDecide }: { groups: readonly SpellingGroup[]; total: number; plan: StandardisePlan; onDecide: ((plan: StandardisePlan) => void) | null }) {
  const [shown, setShown] = useState(FIRST);
  if (groups.length === 0) return <Typography sx={{ fontSize: 13, color: FAINT, mt: 1 }}>No look-alike spellings were found in {plan.column}.</Typography>;
  const taken = new Map((plan.taking ?? []).map((d) => [d.from, d.to]));
  const left = new Set(plan.leaving ?? []);
  // The groups with something to decide come first.
  const ordered = [...groups].sort((a, b) => doubt(b) - doubt(a) || b.count - a.count);
  return (
    <Box sx={{ mt: 1 }} data-testid="spellings">
      <Typography component="h3" sx={{ fontSize: 12.5, color: FAINT, mb: 0.5 }}>{counted(total, 'group')} of look-alike spellings{total > groups.length ? `, the ${figure(groups.length)} largest here` : ''}; what you decide becomes part of the sentence</Typography>
      <table style={{ borderCollapse: 'collapse', fontSize: 13, width: '100%', maxWidth: 900 }}>
        <tbody>
          {ordered.slice(0, shown).map((group) => group.variants.map((v, i) => {
            const to = left.has(v.text) ? v.text : (taken.get(v.text) ?? (onlyPerhaps(v.ground) ? v.text : (taken.get(group.to) ?? group.to)));
            const changes = to !== v.text;
            return (
              <tr key={`${group.to}\n${v.text}`} style={{ borderTop: i === 0 ? `1px solid ${RULE}` : `1px solid ${SHADE}` }}>
                <td style={{ ...cell, width: '26%', fontWeight: 600, verticalAlign: 'top' }}>{i === 0 && <>{taken.get(group.to) ?? group.to} <span style={{ fontWeight: 400, color: FAINT, fontSize: 11.5 }}>{counted(group.count, 'row')}</span></>}</td>
                <td style={{ ...cell, width: '26%' }}><span style={{ display: 'inline-block', width: 18, color: FAINT }}>{changes ? '←' : ''}</span><Letters text={v.text} other={group.to} struck={changes} /> <span style={{ color: FAINT, fontSize: 11.5 }}>{figure(v.count)}</span></td>
                <td style={{ ...cell, color: onlyPerhaps(v.ground) && !taken.has(v.text) && !left.has(v.text) ? INK : FAINT, fontSize: 12 }}>{left.has(v.text) ? 'stays, as you said' : taken.has(v.text) ? 'as you said' : GROUNDS[v.ground]}{onlyPerhaps(v.ground) && !changes && !left.has(v.text) ? ': left' : ''}</td>
                {onDecide && (
                  <td style={{ ...cell, textAlign: 'right', whiteSpace: 'nowrap' }}>
                    {changes
                      ? <Button size="small" sx={tight} onClick={() => onDecide(leaving(plan, v.text))} aria-label={`leave ${v.text} as it is`}>Leave</Button>
                      : <Button size="small" sx={tight} onClick={() => onDecide(taking(plan, v.text, taken.get(group.to) ?? group.to))} aria-label={`take ${v.text} for ${group.to}`}>Take for {short(taken.get(group.to) ?? group.to)}</Button>}
                    {changes && <Button size="small" sx={tight} onClick={() => onDecide(taking(plan, group.to, v.text))} aria-label={`write all of them ${v.text}`}>Use this one</Button>}
                  </td>
                )}
              </tr>
            );
          }))}
        </tbody>
      </table>
      {ordered.length > shown && <Button size="small" onClick={() => setShown(shown + 200)}>Show more groups</Button>}
    </Box>
  );
}

const cell: React.CSSProperties = { padding: '1px 10px 1px 0' };
const tight = { py: 0, minWidth: 0, ml: 0.5 };
const doubt = (g: SpellingGroup): number => (g.variants.some((v) => onlyPerhaps(v.ground)) ? 2 : g.variants.some((v) => v.ground === 'letters' || v.ground === 'legal') ? 1 : 0);
const short = (text: string): string => (text.length > 24 ? `${text.slice(0, 23)}…` : text);

const some = <T,>(list: readonly T[]): readonly T[] | undefined => (list.length ? list : undefined);
function planWith(plan: StandardisePlan, taken: StandardisePlan['taking'], left: StandardisePlan['leaving']): StandardisePlan {
  return { step: 'standardise', column: plan.column, ...(taken ? { taking: taken } : {}), ...(left ? { leaving: left } : {}) };
}
const without = (plan: StandardisePlan, text: string): { taken: NonNullable<StandardisePlan['taking']>; left: readonly string[] } => ({ taken: (plan.taking ?? []).filter((d) => d.from !== text), left: (plan.leaving ?? []).filter((t) => t !== text) });
const leaving = (plan: StandardisePlan, text: string): StandardisePlan => { const { taken, left } = without(plan, text); return planWith(plan, some(taken), [...left, text]); };
const taking = (plan: StandardisePlan, from: string, to: string): StandardisePlan => {
  const { taken, left } = without(plan, from);
  // What all are written like is not itself taken for another.
  return planWith(plan, [...taken.filter((d) => d.from !== to), { from, to }], some(left.filter((t) => t !== to)));
};

/** A spelling with the letters that differ from another marked; spaces that matter are shown. */
function Letters({ text, other, struck }: { text: string; other: string; struck: boolean }) {
  let from = 0, back = 0;
  while (from < text.length && from < other.length && text[from] === other[from]) from++;
  while (back < text.length - from && back < other.length - from && text[text.length - 1 - back] === other[other.length - 1 - back]) back++;
  const end = text.length - back;
  const visible = (t: string): string => t.replace(/ /g, (_, at: number, all: string) => (all.length === 1 || at === 0 || at === all.length - 1 || all[at - 1] === ' ' ? '␣' : ' '));
  return (
    <span style={{ textDecoration: struck ? 'line-through' : undefined, textDecorationColor: FAINT }}>
      {from === 0 ? '' : text.slice(0, from)}
      {end > from && <b style={{ borderBottom: `1px solid ${INK}` }}>{visible(text.slice(from, end))}</b>}
      {text.slice(end)}
    </span>
  );
}
