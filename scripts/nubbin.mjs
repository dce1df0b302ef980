// The command line: installs what is missing without a word, then hands over to the TypeScript of cli/.
import { installDependencies } from './install.mjs';

installDependencies('ignore');
const { register } = await import('tsx/esm/api');
register();
const { main } = await import('../cli/nubbin.ts');
process.exitCode = await main(process.argv.slice(2));
