export { Menu } from './Menu';
export type { MenuItem } from './menuItem';
