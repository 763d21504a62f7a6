import { spawnSync } from 'node:child_process';
import { Explained } from '../machine/report';

function git(...words: readonly string[]): string[] {
  const { status, stdout, stderr } = spawnSync('git', words, { encoding: 'utf8' });
  if (status !== 0)
    throw new Explained(
      `git ${words.join(' ')} failed: ${stderr.trim()}`,
      'Name a commit that git knows: npm run check -- COMMIT.',
    );
  return stdout.split('\n').filter(Boolean);
}

/**
 * Files that differ from a commit, those not yet added among them; without a commit those that are not committed, or, where
 * all are, those of the last commit.
 *
 * @throws Explained where git does not know the commit.
 */
export function changedFiles(since: string | undefined): string[] {
  const added = git('ls-files', '--others', '--exclude-standard');
  const against = (commit: string) => [
    ...new Set([...git('diff', '--name-only', '--diff-filter=d', commit), ...added]),
  ];
  if (since !== undefined) return against(since);
  const uncommitted = against('HEAD');
  return uncommitted.length > 0 ? uncommitted : against('HEAD~1');
}
