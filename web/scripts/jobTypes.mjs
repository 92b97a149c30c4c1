// Types of the job file from its JSON Schema: src/api/job.schema.json -> src/api/jobFile.d.ts
import { readFile, writeFile } from 'node:fs/promises';
import { compile } from 'json-schema-to-typescript';

const schema = JSON.parse(await readFile('src/api/job.schema.json', 'utf8'));

/** Words that are picked from what the service offers stay texts: it checks them. Lists are not typed by how long they may be. */
function loosened(node) {
  if (Array.isArray(node)) return node.map(loosened);
  if (node === null || typeof node !== 'object') return node;
  const { maxItems, pattern, ...rest } = node;
  if (rest.enum?.length > 1 || rest.anyOf?.some((s) => s.enum))
    return { type: 'string', ...(rest.description && { description: rest.description }) };
  return Object.fromEntries(Object.entries(rest).map(([k, v]) => [k, loosened(v)]));
}

const types = await compile(loosened(schema), 'Job', {
  bannerComment: '// Made from job.schema.json by npm run client.',
  style: { singleQuote: true, printWidth: 120 },
});
await writeFile('src/api/jobFile.d.ts', types);
