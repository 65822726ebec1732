'use client';

import { Box, Typography } from '@mui/material';
import type { ProfiledColumn } from '../../contract/views';
import { counted, figure } from '../parts/api';
import { Sentence } from '../parts/Sentence';
import { ACCENTS, FAINT, READING, RULE } from '../parts/theme';
import { Histogram } from './Histogram';

/** One column looked at closely: what would mend it, how its values are spread, the commonest values, the shapes of its texts. */
export function ColumnLook({ column, covered, onCover, onTake }: { column: ProfiledColumn; covered: boolean; onCover: () => void; onTake: (sentence: string) => void }) {
  const { spread } = column;
  return (
    <Box component="aside" aria-label={`Column ${column.name}`} sx={{ width: 312, flex: 'none', borderLeft: `1px solid ${RULE}`, overflow: 'auto', px: 1.5, py: 1 }}>
      <Typography component="h3" sx={{ fontFamily: READING, fontSize: 18 }}>{column.name}</Typography>
      <Typography sx={{ fontSize: 12.5, color: FAINT, mb: 1 }}>
        {column.type === 'text' ? 'text' : column.type}{column.meaning ? `, seems to be ${column.meaning}` : ''} · {column.blanks ? `${counted(column.blanks, 'blank')}` : 'no blanks'}{column.misfits ? ` · ${figure(column.misfits)} that do not fit` : ''} · {column.distinct === null ? 'very many different values' : counted(column.distinct, 'different value')}
      </Typography>
      <Box component="button" type="button" aria-pressed={covered} onClick={onCover} sx={{ border: 0, background: 'none', p: 0, mb: 1, cursor: 'pointer', fontSize: 12, color: ACCENTS.pending.color, textDecoration: 'underline' }}>{covered ? 'do not cover this column' : 'cover this column'}</Box>
      {column.advice.map((a) => (
        <Box key={a.sentence} component="button" type="button" onClick={() => onTake(a.sentence)} sx={{ display: 'block', width: '100%', textAlign: 'left', border: `1px solid ${RULE}`, borderLeft: `3px solid ${ACCENTS.pending.color}`, background: '#fffdf8', px: 1, py: 0.5, mb: 0.75, cursor: 'pointer', '&:hover': { background: '#eef2f6' } }}>
          <Box sx={{ fontSize: 11.5, color: FAINT }}>{a.words}</Box>
          <Sentence text={a.sentence} size={14} />
        </Box>
      ))}
      {spread && (
        <>
          {spread.bars.length > 1 && <Histogram bars={spread.bars} label={`How the values of ${column.name} are spread`} />}
          <Pairs pairs={[['lowest', spread.lowest], ['a quarter below', spread.lowerQuartile], ['half below (median)', spread.median], ...(spread.mean === null ? [] : [['mean', spread.mean] as const]), ['three quarters below', spread.upperQuartile], ['highest', spread.highest], ...(spread.outliers ? [['far from the rest', figure(spread.outliers)] as const] : [])]} />
        </>
      )}
      {column.common.length > 0 && (column.distinct ?? 2) < column.rows - column.blanks && <Counts title="Commonest values" counts={column.common} of={column.rows} />}
      {column.type === 'text' && column.shapes.length > 0 && <Counts title={column.shapeCount > column.shapes.length ? `Shapes: ${figure(column.shapes.length)} of ${figure(column.shapeCount)}` : 'Shapes'} counts={column.shapes} of={column.rows} />}
      {column.longest > 0 && column.type === 'text' && <Typography sx={{ fontSize: 12, color: FAINT, mt: 1 }}>{column.shortest === column.longest ? `always ${counted(column.longest, 'character')} long` : `${figure(column.shortest)} to ${counted(column.longest, 'character')} long`}{column.lookAlikes ? ` · ${counted(column.lookAlikes, 'row')} in other spellings of a commoner value` : ''}</Typography>}
    </Box>
  );
}

function Pairs({ pairs }: { pairs: readonly (readonly [string, string])[] }) {
  return (
    <Box component="dl" sx={{ display: 'grid', gridTemplateColumns: '1fr auto', gap: '1px 8px', fontSize: 12.5, m: 0, mb: 1 }}>
      {pairs.map(([what, value]) => <Box key={what} sx={{ display: 'contents' }}><Box component="dt" sx={{ color: FAINT }}>{what}</Box><Box component="dd" sx={{ m: 0, textAlign: 'right' }}>{value}</Box></Box>)}
    </Box>
  );
}

/** Values with how often they stand there, each with a bar. Spaces that matter are shown. */
function Counts({ title, counts, of }: { title: string; counts: readonly (readonly [string, number])[]; of: number }) {
  const most = counts[0]?.[1] ?? 1;
  const visible = (text: string): string => text.replace(/^ +| +$|  +/g, (s) => '␣'.repeat(s.length));
  return (
    <Box sx={{ mt: 1 }}>
      <Typography component="h4" sx={{ fontSize: 11.5, color: FAINT, mb: 0.25 }}>{title}</Typography>
      <table style={{ borderCollapse: 'collapse', width: '100%', fontSize: 12.5, tableLayout: 'fixed' }}>
        <tbody>
          {counts.map(([value, n]) => (
            <tr key={value}>
              <td style={{ overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap', padding: '0 6px 0 0' }}>{visible(value)}</td>
              <td style={{ width: 74 }}><span aria-hidden style={{ display: 'block', height: 7, width: `${Math.max(2, (100 * n) / most)}%`, background: '#b9b1a2' }} /></td>
              <td style={{ width: 82, textAlign: 'right', whiteSpace: 'nowrap' }}>{figure(n)} <span style={{ color: FAINT, fontSize: 11 }}>{of ? `${Math.round((1000 * n) / of) / 10} %` : ''}</span></td>
            </tr>
          ))}
        </tbody>
      </table>
    </Box>
  );
}
