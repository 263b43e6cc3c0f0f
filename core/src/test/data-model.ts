import { figureFacts } from '../quantity/figure';
import { COLLECTIONS, LISTED, RECORD_NAMES, SETTINGS } from '../job/job';
import { type Field, type Fields, isFigure } from '../record/field';

const kindOf = (field: Field): string =>
  isFigure(field)
    ? `${field.kind}_${figureFacts(field.kind).kept}`.replaceAll(/[^a-z0-9_]/gi, '')
    : field.kind.replace('-', '_');

const rowsOf = (fields: Fields): string =>
  Object.entries(fields)
    .map(
      ([name, field]) =>
        `    ${kindOf(field)} ${name}${name === 'id' ? ' PK' : field.kind === 'reference' ? ' FK' : ''}`,
    )
    .join('\n');

/** What a record names: the list, and by which field. */
const namesOf = (field: Field): readonly string[] =>
  field.kind === 'reference'
    ? [field.to]
    : field.kind === 'list'
      ? namesOf(field.of)
      : field.kind === 'group'
        ? Object.values(field.of).flatMap(namesOf)
        : field.kind === 'variant'
          ? Object.values(field.of).flatMap((fields) => Object.values(fields).flatMap(namesOf))
          : [];

/** The picture of the data model, drawn from the descriptions: a page of Markdown with a diagram. */
export function dataModelPage(): string {
  const relations = COLLECTIONS.flatMap((name) =>
    Object.entries(LISTED[name] as Fields).flatMap(([field, described]) =>
      [...new Set(namesOf(described))].map(
        (to) => `  ${RECORD_NAMES[name]} }o--o| ${RECORD_NAMES[to as keyof typeof RECORD_NAMES]} : ${field}`,
      ),
    ),
  );
  return `# The data model

Drawn from the descriptions in \`core/src/job/\` and \`core/src/walls/tank.ts\` by \`core/src/test/data-model.ts\`; a test holds
it current. A job is one document: its settings and eight lists. A figure stands with its kind and the unit it is kept in.

\`\`\`mermaid
erDiagram
${COLLECTIONS.map((name) => `  Job ||--o{ ${RECORD_NAMES[name]} : ${name}`).join('\n')}
${relations.join('\n')}
  Job {
${rowsOf(SETTINGS)}
  }
${COLLECTIONS.map((name) => `  ${RECORD_NAMES[name]} {\n${rowsOf(LISTED[name])}\n  }`).join('\n')}
\`\`\`
`;
}
