import { type DynamicModule, Module } from '@nestjs/common';
import { WorkspaceHost } from './host.js';
import { WorkspacesController } from './workspaces.controller.js';
import { OWN_WORKSPACE, type OwnWorkspace, WorkspacesService } from './workspaces.service.js';

@Module({})
export class WorkspacesModule {
  static over(host: WorkspaceHost, own: OwnWorkspace): DynamicModule {
    return {
      module: WorkspacesModule,
      controllers: [WorkspacesController],
      providers: [WorkspacesService, { provide: WorkspaceHost, useValue: host }, { provide: OWN_WORKSPACE, useValue: own }],
    };
  }
}
