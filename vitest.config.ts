import { readFileSync } from 'node:fs';
import { defineConfig } from 'vitest/config';
import { BaseSequencer, type TestSpecification } from 'vitest/node';

/** What may share a worker: the same project, the same surroundings. */
const workerOf = ({ project, moduleId }: TestSpecification) =>
  `${project.name} ${/@vitest-environment (\w+)/u.exec(readFileSync(moduleId, 'utf8'))?.[1] ?? 'node'}`;

/** A worker goes on only with a file of its own kind that comes next: mixed, every second file would load everything anew. */
class KindAfterKind extends BaseSequencer {
  override async sort(files: TestSpecification[]): Promise<TestSpecification[]> {
    const kinds = new Map<string, TestSpecification[]>();
    for (const file of await super.sort(files)) kinds.set(workerOf(file), [...(kinds.get(workerOf(file)) ?? []), file]);
    // The fewest files are the longest: they go first, and the many short ones fill up both workers to the end.
    return [...kinds.values()].sort((one, other) => one.length - other.length).flat();
  }
}

// As many workers as there are cores: the default leaves one of two idle.
export default defineConfig({
  test: { projects: ['core', 'web'], maxWorkers: '100%', sequence: { sequencer: KindAfterKind } },
});
