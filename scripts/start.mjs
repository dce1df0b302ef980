// One command from a fresh clone to the running application.
import { installDependencies } from './install.mjs';

installDependencies();
const { buildIfOld } = await import('./build.mjs');
buildIfOld();
const { register } = await import('tsx/esm/api');
register();
await import('../server/main.ts');
