import { closeDatabase } from './db/client';
import { migrateDatabase } from './db/migrate';
import { loadDemo } from './demo';
import { tell } from './errors';
import { sweepUploads } from './uploads';

// Run once before the server: the newest database layout, the demo, and no old uploads.
try {
  await migrateDatabase();
  if (process.argv.includes('--demo') && (await loadDemo())) console.log('The demo workspace is loaded.');
  await sweepUploads();
} catch (error) {
  const told = tell(error);
  console.error(told.code === 'fault' ? error : told.message);
  process.exitCode = 1;
} finally {
  await closeDatabase();
}
