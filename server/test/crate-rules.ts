/**
 * What the RO-Crate 1.1 specification asks of a crate, rule by rule, and the consortium's conventions for `.eln`: a checker that
 * knows nothing of how ours are made. Source: https://www.researchobject.org/ro-crate/specification/1.1, "RO-Crate Structure",
 * "Root Data Entity", "Data Entities", "Contextual Entities", and appendix "JSON-LD".
 */
type Entity = Readonly<Record<string, unknown>>;

const idOf = (e: Entity) => String(e['@id']);
const typesOf = (e: Entity) => [e['@type']].flat().map(String);
const isDate = (value: unknown) =>
  typeof value === 'string' && /^\d{4}-\d{2}-\d{2}/.test(value) && !Number.isNaN(Date.parse(value));
const isRef = (value: unknown): value is { '@id': string } =>
  typeof value === 'object' && value !== null && Object.keys(value).join() === '@id';

/** References of an entity, and values that are neither plain nor references: the graph must be flat. */
function valuesIn(entity: Entity) {
  const values = Object.entries(entity)
    .filter(([key]) => !key.startsWith('@'))
    .flatMap(([, v]) => [v].flat() as unknown[]);
  const nested = values.filter((v) => typeof v === 'object' && v !== null && !isRef(v));
  return { refs: values.filter(isRef).map((v) => v['@id']), nested };
}

/** @param files by path within the archive. @returns every rule that is broken, in words. */
export function brokenRules(files: ReadonlyMap<string, Uint8Array>): string[] {
  const broken: string[] = [];
  const rule = (holds: boolean, text: string) => void (holds || broken.push(text));
  const roots = new Set([...files.keys()].map((p) => p.split('/')[0]!));
  rule(roots.size === 1, 'an .eln has exactly one root folder');
  const [root] = roots;
  const raw = files.get(`${root}/ro-crate-metadata.json`);
  if (!raw) return [...broken, 'the root holds ro-crate-metadata.json'];
  const document = JSON.parse(Buffer.from(raw).toString('utf8')) as { '@context': unknown; '@graph': Entity[] };
  rule([document['@context']].flat().includes('https://w3id.org/ro/crate/1.1/context'), '@context is that of RO-Crate 1.1');
  const graph = document['@graph'];
  const byId = new Map(graph.map((e) => [idOf(e), e]));
  rule(byId.size === graph.length, 'every @id is there once');
  rule(
    graph.every((e) => typesOf(e).every((t) => t && t !== 'undefined')),
    'every entity has a @type',
  );
  const descriptor = byId.get('ro-crate-metadata.json');
  rule(!!descriptor && typesOf(descriptor).includes('CreativeWork'), 'the descriptor is a CreativeWork');
  rule(
    isRef(descriptor?.['conformsTo']) && descriptor['conformsTo']['@id'] === 'https://w3id.org/ro/crate/1.1',
    'the descriptor conforms to 1.1',
  );
  rule(isRef(descriptor?.['about']) && descriptor['about']['@id'] === './', 'the descriptor is about the root');
  const dataset = byId.get('./');
  rule(!!dataset && typesOf(dataset).includes('Dataset'), 'the root is a Dataset');
  for (const key of ['name', 'description', 'license']) rule(!!dataset?.[key], `the root has ${key}`);
  rule(isDate(dataset?.['datePublished']), 'the root has an ISO 8601 datePublished');
  for (const entity of graph) {
    const { refs, nested } = valuesIn(entity);
    rule(nested.length === 0, `${idOf(entity)} is flat`);
    for (const id of refs) rule(byId.has(id) || /^https?:/.test(id), `${id} is described`);
    rule(!/[\s\\]/.test(idOf(entity)), `${idOf(entity)} is a valid relative URI`);
  }
  const parts = new Set<string>();
  const gather = (id: string): void => {
    const fresh = [byId.get(id)?.['hasPart']]
      .flat()
      .filter(isRef)
      .map((p) => p['@id'])
      .filter((p) => !parts.has(p));
    for (const part of fresh) {
      parts.add(part);
      gather(part);
    }
  };
  gather('./');
  for (const entity of graph.filter((e) => typesOf(e).includes('File'))) {
    const file = files.get(`${root}/${idOf(entity).replace(/^\.\//, '')}`);
    rule(!!file, `${idOf(entity)} is in the archive`);
    rule(parts.has(idOf(entity)), `${idOf(entity)} is reached from the root by hasPart`);
    rule(String(file?.length) === entity['contentSize'], `${idOf(entity)} says its size`);
  }
  const described = new Set(graph.map((e) => `${root}/${idOf(e).replace(/^\.\//, '')}`));
  for (const path of files.keys()) rule(described.has(path), `${path} is described`);
  for (const entity of graph.filter((e) => idOf(e) !== './' && typesOf(e).includes('Dataset')))
    rule(idOf(entity).endsWith('/'), `${idOf(entity)} is a folder and ends with /`);
  return broken;
}
