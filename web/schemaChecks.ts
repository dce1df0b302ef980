import { readFileSync } from 'node:fs';
import { Ajv2020 } from 'ajv/dist/2020.js';
import ajvStandalone from 'ajv/dist/standalone/index.js';
import type { Plugin } from 'vite';

/** Node hands a CommonJS module over whole, bundlers its default. */
const standalone = (ajvStandalone as unknown as { default?: typeof ajvStandalone }).default ?? ajvStandalone;
const QUERY = '?check';

/** Ajv's own helpers are CommonJS; how their default comes over differs between bundlers. */
function asModule(code: string): string {
  const imports: string[] = [];
  const body = code.replaceAll(/require\("([^"]+)"\)\.default/g, (_, path: string) => {
    const name = `helper${imports.length}`;
    imports.push(`import ${name} from '${path}.js';`);
    return `(${name}.default ?? ${name})`;
  });
  return `${imports.join('\n')}\n${body}`;
}

/**
 * Makes `schema.json?check` a function that checks values, compiled when the application is built: no eval is needed.
 */
export function schemaChecks(): Plugin {
  return {
    name: 'schema-checks',
    enforce: 'pre',
    async resolveId(source, importer) {
      if (!source.endsWith(QUERY)) return null;
      const found = await this.resolve(source.slice(0, -QUERY.length), importer, { skipSelf: true });
      return found ? `\0${found.id}${QUERY}.js` : null;
    },
    load(id) {
      if (!id.startsWith('\0') || !id.endsWith(`${QUERY}.js`)) return null;
      const path = id.slice(1, -`${QUERY}.js`.length);
      this.addWatchFile(path);
      const ajv = new Ajv2020({
        strict: true,
        strictTypes: false,
        strictTuples: false,
        strictRequired: false,
        verbose: true,
        discriminator: true,
        code: { source: true, esm: true },
      });
      return asModule(standalone(ajv, ajv.compile(JSON.parse(readFileSync(path, 'utf8')) as object)));
    },
  };
}
