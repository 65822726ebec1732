import { Box } from '@mui/material';
import { useRouter } from 'next/navigation';
import { useRef } from 'react';
import type { Upload } from '../../contract/views';
import { sendFile } from '../parts/api';
import { FAINT } from '../parts/theme';

/** Brings one more file into a workspace, to stand beside its tables: sentences can look into it. */
export function AddFile({ workspaceId, onFault }: { workspaceId: number; onFault: (words: string) => void }) {
  const router = useRouter();
  const chooser = useRef<HTMLInputElement>(null);
  const send = async (file: File): Promise<void> => {
    try {
      const upload = await sendFile<Upload>('uploads', file, file.name, () => undefined, new AbortController().signal);
      router.push(`/in/${upload.id}?into=${workspaceId}`);
    } catch (error) {
      onFault((error as Error).message);
    }
  };
  return (
    <>
      <Box component="button" aria-label="Bring another file beside these tables" title="Bring another file beside these tables" onClick={() => chooser.current?.click()} sx={{ border: 0, background: 'none', cursor: 'pointer', fontSize: 13, px: 0.75, color: FAINT, whiteSpace: 'nowrap', flexShrink: 0 }}>+ file</Box>
      <input ref={chooser} type="file" accept=".csv,.tsv,.txt,text/csv,text/tab-separated-values" hidden aria-label="File beside these" onChange={(e) => { const [file] = e.target.files ?? []; e.target.value = ''; if (file) void send(file); }} />
    </>
  );
}
