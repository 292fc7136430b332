export { SettingsEntity } from './settings.entities.js';
export { SettingsModule } from './settings.module.js';
export { SettingsService } from './settings.service.js';
export { SettingsStore } from './settings.store.js';
