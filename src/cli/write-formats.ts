import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { formatsTable, jsonSchemas, tablesPage } from '../formats/formats';

/** `npm run formats`: writes the format descriptions, and the README's table of them, from the code. */
// Npm starts it in the repository's root.
const ROOT = process.cwd();
for (const [name, schema] of Object.entries(jsonSchemas()))
  writeFileSync(join(ROOT, 'docs', 'formats', `${name}.schema.json`), `${JSON.stringify(schema, null, 2)}\n`);
writeFileSync(join(ROOT, 'docs', 'formats', 'tables.md'), tablesPage());
const readme = join(ROOT, 'README.md');
const text = readFileSync(readme, 'utf8');
const marks = /(<!-- formats -->\n)[\s\S]*?(\n<!-- \/formats -->)/;
writeFileSync(
  readme,
  text.replace(marks, (_, from: string, to: string) => `${from}${formatsTable()}${to}`),
);
