export { WorkspaceSwitch } from './WorkspaceSwitch';
