import { Box } from '@mui/material';
import { Fragment } from 'react';
import { READING } from './theme';

/** An exact sentence set for reading: columns underlined instead of marked, texts in quotes. */
export function Sentence({ text, size = 15 }: { text: string; size?: number }) {
  const parts = text.split(/(‹(?:[^›]|››)+›)/g);
  return (
    <Box component="span" sx={{ fontFamily: READING, fontSize: size, lineHeight: 1.35, overflowWrap: 'anywhere' }}>
      {parts.map((part, i) => {
        if (!part.startsWith('‹')) return <Fragment key={i}>{part}</Fragment>;
        return (
          <Box key={i} component="span" sx={{ textDecoration: 'underline', textDecorationThickness: '1px', textUnderlineOffset: '3px' }}>
            {part.slice(1, -1).replace(/››/g, '›')}
          </Box>
        );
      })}
    </Box>
  );
}
