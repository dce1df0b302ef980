import loadHighs, { type Highs } from 'highs';
import wasm from 'highs/runtime?url';

let compiled: Promise<WebAssembly.Module> | null = null;

/**
 * HiGHS with nothing of earlier questions in its memory, so that answers repeat. It is compiled once in each worker:
 * that takes longer than most answers.
 */
export async function freshHighs(): Promise<Highs> {
  compiled ??= WebAssembly.compileStreaming(fetch(wasm));
  try {
    return await loadHighs({ wasmModule: await compiled });
  } catch (error) {
    // What could not be fetched is asked for anew with the next question.
    compiled = null;
    throw error;
  }
}
