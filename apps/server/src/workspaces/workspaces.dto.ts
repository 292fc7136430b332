import { ApiProperty } from '@nestjs/swagger';
import { OneOf, Text } from '../platform/http/index.js';

/** What a workspace begins with: nothing, or the made-up world. */
const WORKSPACE_BEGINNINGS = ['empty', 'demo'] as const;
export type WorkspaceBeginning = (typeof WORKSPACE_BEGINNINGS)[number];

export class WorkspaceDto {
  @ApiProperty({ description: 'Its short name; empty for the one the server was started on' }) id: string;
  @ApiProperty() name: string;
  @ApiProperty({ description: 'Where its pages are: "" or "/w/its-short-name"' }) path: string;
  @ApiProperty({ description: 'The one that was asked' }) isOpen: boolean;
}

export class WorkspaceNameDto {
  @Text('Name', { most: 80 }) name: string;
}

export class NewWorkspaceDto extends WorkspaceNameDto {
  @OneOf('Beginning', WORKSPACE_BEGINNINGS) begin: WorkspaceBeginning;
}
