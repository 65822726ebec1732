import { FAINT, SHADE } from './theme';

export const headCell: React.CSSProperties = { textAlign: 'left', fontWeight: 400, fontSize: 11.5, padding: '1px 10px 1px 4px', color: FAINT };
export const bodyCell: React.CSSProperties = { padding: '0 10px 1px 4px', verticalAlign: 'bottom', whiteSpace: 'nowrap', maxWidth: 280, overflow: 'hidden', textOverflow: 'ellipsis', borderTop: `1px solid ${SHADE}` };

/** Kinds name columns with marks; here they are only read. */
export const columnWords = (words: string): string => words.replace(/[‹›]/g, '');

/** One cell as a proof-reader writes it: the old value small above the new one where they differ. Spaces that matter are shown. */
export function Interlinear({ before, after, made, struck, chosen = false }: { before: string; after: string; made: boolean; struck: boolean; chosen?: boolean }) {
  const differs = made && before !== after;
  const visible = (text: string): string => text.replace(/^ +| +$|  +/g, (s) => '␣'.repeat(s.length));
  return (
    <td style={{ ...bodyCell, textDecoration: struck ? 'line-through' : undefined, ...(chosen ? { outline: '1.5px solid #2f5583', outlineOffset: -2 } : {}) }} aria-current={chosen || undefined}>
      {differs && before !== '' && <div style={{ fontSize: 10.5, lineHeight: '11px', color: FAINT, textDecoration: 'line-through' }}>{visible(before)}</div>}
      <div style={{ fontWeight: differs ? 600 : 400, minHeight: 16 }}>{made ? visible(after) : after}{differs && after === '' && <span style={{ color: FAINT, fontWeight: 400 }}>blank</span>}</div>
    </td>
  );
}
