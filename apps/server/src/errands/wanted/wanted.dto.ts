import { ApiProperty } from '@nestjs/swagger';

/** How much of what chosen looks still need one seller has. */
export class SellerShareDto {
  @ApiProperty() seller: string;
  @ApiProperty() name: string;
  @ApiProperty() parts: number;
  @ApiProperty() pieces: number;
  @ApiProperty({ description: 'What those pieces cost there together, without postage' }) goodsMinor: number;
}

/** A needed part whose least price is lower than it was a week ago. */
export class FallenDto {
  @ApiProperty() variant: string;
  @ApiProperty() wasMinor: number;
  @ApiProperty() isMinor: number;
}

/** A needed part that nobody had a week ago. */
export class AvailableDto {
  @ApiProperty() variant: string;
  @ApiProperty() isMinor: number;
}

export class WantedDto {
  @ApiProperty() currency: string;
  @ApiProperty({ description: 'Pieces that chosen looks still need beyond what is owned' }) pieces: number;
  @ApiProperty({ description: 'Different parts among them' }) parts: number;
  @ApiProperty({ description: 'Of these parts, those nobody sells at the moment' }) unsold: number;
  @ApiProperty({ description: 'The day prices are compared with' }) since: string;
  @ApiProperty({ type: [SellerShareDto] }) sellers: readonly SellerShareDto[];
  @ApiProperty({ type: [FallenDto], description: 'The greatest falls first' }) fallen: readonly FallenDto[];
  @ApiProperty({ type: [AvailableDto] }) available: readonly AvailableDto[];
}
