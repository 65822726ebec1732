import fc from 'fast-check';
import { coarser, masker, type RoundingMask, type TextMask } from './mask';

const keyed = fc.constantFrom<TextMask>({ kind: 'token' }, { kind: 'form' }, { kind: 'name' });
const text = fc.string({ minLength: 1, maxLength: 20 }).filter((t) => t.trim() !== '');

test('under one key equal texts get equal masks, in any order; under another key others', () => {
  fc.assert(
    fc.property(keyed, fc.array(text, { maxLength: 20 }), (mask, texts) => {
      const [one, two] = [masker(mask, 'k1'), masker(mask, 'k1')];
      const there = texts.map(one), back = [...texts].reverse().map(two).reverse();
      expect(there).toEqual(back);
      expect(texts.map((t) => one(` ${t.trim()} `))).toEqual(there);
    }),
  );
  expect(masker({ kind: 'token' }, 'k1')('Ada Fern')).not.toBe(masker({ kind: 'token' }, 'k2')('Ada Fern'));
});

test('different texts stay different as tokens, and a token shows nothing of the text', () => {
  const mask = masker({ kind: 'token' }, 'key');
  const tokens = Array.from({ length: 20_000 }, (_, i) => mask(`Member ${i}`));
  expect(new Set(tokens).size).toBe(20_000);
  expect(tokens.every((t) => /^[0-9A-HJKMNP-TV-Z]{12}$/.test(t))).toBe(true);
});

test('a text of the same form keeps its marks, its capitals and its length', () => {
  const mask = masker({ kind: 'form' }, 'key');
  expect(mask('HNY-0042/b')).toMatch(/^[A-Z]{3}-\d{4}\/[a-z]$/);
  fc.assert(fc.property(text, (t) => { expect(Array.from(mask(t)).length).toBe(Array.from(t.trim()).length); }));
});

test('some characters may be left; marks stay; what is too short is covered whole', () => {
  const last4 = masker({ kind: 'leave', side: 'last', count: 4 }, '');
  expect([last4('+44 20 7946 0018'), last4('0018'), last4(''), last4('Ada')]).toEqual(['+•• •• •••• 0018', '••••', '', '•••']);
  expect(masker({ kind: 'leave', side: 'first', count: 1 }, '')('Ada Fern')).toBe('A•• ••••');
});

test('what is made coarser keeps its order, never moves further than its step, and is the same when done again', () => {
  const rounding = fc.oneof(fc.constantFrom('month' as const, 'quarter' as const, 'year' as const).map((period): RoundingMask => ({ kind: 'period', period })), fc.constantFrom(1, 50, 1000).map((to): RoundingMask => ({ kind: 'rounded', to })));
  fc.assert(
    fc.property(rounding, fc.integer({ min: -2_000_000_000, max: 2_000_000_000 }), fc.integer({ min: -2_000_000_000, max: 2_000_000_000 }), (mask, a, b) => {
      const unit = mask.kind === 'period' ? 1000 : 1;
      const [x, y] = [coarser(a * unit, mask), coarser(b * unit, mask)];
      expect(a <= b ? x <= y : x >= y).toBe(true);
      expect(coarser(x, mask)).toBe(x);
      expect(Math.abs(x - a * unit)).toBeLessThanOrEqual(mask.kind === 'rounded' ? mask.to / 2 : 366 * 86_400_000);
    }),
  );
});
