// Measures speed and, where there is one, quality. With --json: one JSON line a benchmark.
import { installDependencies } from './install.mjs';

installDependencies();
const { buildIfOld } = await import('./build.mjs');
buildIfOld();
const { register } = await import('tsx/esm/api');
register();
const { runBenchmarks } = await import('./benchmarks.ts');
await runBenchmarks(process.argv.includes('--json'));
