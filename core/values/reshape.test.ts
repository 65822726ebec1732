import fc from 'fast-check';
import { reshaper } from './reshape';

test.each([
  ['KX 41 LMA', 'kx41lma', 'KX 41 LMA'],
  ['KX 41 LMA', 'K41 LMA', null],
  ['BK-0091', 'bk 12', 'BK-0012'],
  ['BK-0091', '7', 'BK-0007'],
  ['BK-0091', 'BK-00012', 'BK-0012'],
  ['BK-0091', 'BK-12345', null],
  ['BK-0091', 'none', null],
  ['4B', '12 c', '12C'],
  ['0555 010 231', '(0555)010231', '0555 010 231'],
  ['0555 010 231', '555 010 231', null],
  ['Kiln 3', 'KILN-03', 'Kiln 3'],
  ['(12) a', '7A', '(7) a'],
])('like %j, %j is %j', (sample, text, wanted) => expect(reshaper(sample)(text)?.text ?? null).toBe(wanted));

test('letters that had to be put in front are told', () => {
  expect(reshaper('BK-0091')('7')).toEqual({ text: 'BK-0007', led: true });
  expect(reshaper('BK-0091')('bk7')).toEqual({ text: 'BK-0007', led: false });
});

const code = fc.tuple(fc.stringMatching(/^[A-Za-z]{1,4}$/), fc.constantFrom('-', ' ', '', '/'), fc.stringMatching(/^[0-9]{1,5}$/)).map((parts) => parts.join(''));

test('what was written in a shape stays as it is, and no letter or figure but a leading nought is lost', () => {
  fc.assert(
    fc.property(code, code, (sample, text) => {
      const write = reshaper(sample);
      const once = write(text);
      if (once === null) return;
      expect(write(once.text)?.text).toBe(once.text);
      const bare = (t: string): string => t.toLowerCase().replace(/[^a-z0-9]/g, '').replace(/(^|[a-z])0+(?=\d)/g, '$1');
      expect(bare(once.text)).toBe(bare(text));
    }),
  );
});
