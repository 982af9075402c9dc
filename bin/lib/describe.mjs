// Makes docs/api/openapi.yaml of docs/api/written.yaml: the wrappers of things, and what each operation may refuse
// with.
// With --check it only says whether the one that is there is still what is written.
import { readFileSync, writeFileSync } from 'node:fs';
import { dump, load } from 'js-yaml';

const target = 'docs/api/openapi.yaml';
const written = load(readFileSync('docs/api/written.yaml', 'utf8'));
const { 'x-kinds': kinds, 'x-rows': rows, 'x-refused': refused, ...description } = written;
const schemas = description.components.schemas;
const ref = (name) => ({ $ref: `#/components/schemas/${name}` });
const capital = (word) => word[0].toUpperCase() + word.slice(1);
const object = (properties) => ({
  type: 'object',
  additionalProperties: false,
  required: Object.keys(properties),
  properties,
});

const draft = (kind) =>
  object({
    kind: { type: 'string', const: kind },
    id: { type: ['string', 'null'], description: 'null: a new one' },
    content: { oneOf: [ref(`${capital(kind)}Content`), { type: 'null' }] },
    version: { type: ['string', 'null'] },
  });
const thing = (kind) =>
  object({
    kind: { type: 'string', const: kind },
    id: { type: 'string' },
    version: { type: 'string' },
    content: ref(`${capital(kind)}Content`),
    history: { type: 'array', items: ref('ThingChange') },
  });
const row = (kind) =>
  object({ id: { type: 'string' }, version: { type: 'string' }, content: ref(`${capital(kind)}Content`) });
const oneOf = (suffix, describes) => ({
  description: describes,
  oneOf: kinds.map((kind) => ref(capital(kind) + suffix)),
  discriminator: {
    propertyName: 'kind',
    mapping: Object.fromEntries(kinds.map((kind) => [kind, ref(capital(kind) + suffix).$ref])),
  },
});

schemas.Kind = { type: 'string', enum: kinds };
for (const kind of kinds) {
  schemas[`${capital(kind)}Draft`] = draft(kind);
  schemas[`${capital(kind)}Thing`] = thing(kind);
}
for (const kind of rows) schemas[`${capital(kind)}Row`] = row(kind);
schemas.Draft = oneOf('Draft', 'what somebody wants a thing to become; content null takes it away');
schemas.Thing = oneOf('Thing', 'a thing as it is, with who has changed it');

description.components.responses = Object.fromEntries(
  Object.values(refused).map(({ name, description }) => [
    name,
    { description, content: { 'application/json': { schema: ref('Refusal') } } },
  ]),
);
for (const path of Object.values(description.paths)) {
  for (const operation of Object.values(path).filter((one) => one.operationId)) {
    const { 'x-refusals': statuses } = operation;
    delete operation['x-refusals'];
    for (const status of [...statuses, 500, 503]) {
      operation.responses[status] = { $ref: `#/components/responses/${refused[status].name}` };
    }
  }
}

const text = dump(description, { noRefs: true, lineWidth: 120, flowLevel: 7 });
const made = `# Made of written.yaml by bin/lib/describe.mjs; change that.\n${text}`;
if (process.argv.includes('--check')) {
  const isMade = readFileSync(target, 'utf8') === made;
  if (!isMade) console.error(`${target} is not what docs/api/written.yaml says; npm run describe makes it anew.`);
  process.exit(isMade ? 0 : 1);
}
writeFileSync(target, made);
