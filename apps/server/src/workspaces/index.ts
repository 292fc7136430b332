export { WorkspaceHost } from './host.js';
export { WorkspacesModule } from './workspaces.module.js';
export type { OwnWorkspace } from './workspaces.service.js';
