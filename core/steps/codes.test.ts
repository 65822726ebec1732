import fc from 'fast-check';
import { codeAt, packCodes, unpackCodes } from './codes';

test('every code is found again at its position, in runs or not', () => {
  fc.assert(
    fc.property(fc.array(fc.tuple(fc.integer({ min: 0, max: 255 }), fc.integer({ min: 1, max: 40 })), { maxLength: 20 }), (runs) => {
      const codes = Uint8Array.from(runs.flatMap(([code, n]) => Array<number>(n).fill(code)));
      const packed = packCodes(codes);
      codes.forEach((code, i) => expect(codeAt(packed, i)).toBe(code));
      expect(unpackCodes(packed, codes.length)).toEqual(codes);
      expect(codeAt(packed, codes.length)).toBeNull();
      expect(packed.length).toBeLessThanOrEqual(codes.length + 1);
    }),
  );
});
