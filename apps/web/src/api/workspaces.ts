import type { WorkspaceDto } from './generated';
import { apiPath } from './path';
import { TAB } from './tab';

const nameIn = (file: string): string =>
  file
    .replace(/\.outfit$/i, '')
    .replace(/[_-]+/g, ' ')
    .trim()
    .slice(0, 70) || 'Brought back';

/** Brings a workspace back from the file it was carried away as. Rejects with what the server said, as other requests do. */
export async function bringWorkspaceBack(file: File): Promise<WorkspaceDto> {
  const answer = await fetch(`${apiPath('workspaces/archive')}?name=${encodeURIComponent(nameIn(file.name))}`, {
    method: 'POST',
    headers: { 'content-type': 'application/octet-stream', 'x-outfit-tab': TAB },
    body: file,
  });
  const data = (await answer.json()) as WorkspaceDto;
  if (!answer.ok) throw { status: answer.status, data };
  return data;
}
