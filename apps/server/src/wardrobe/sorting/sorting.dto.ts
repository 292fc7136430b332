import { ApiProperty } from '@nestjs/swagger';
import { ClashDto } from '../promises/index.js';
import { PieceDto } from '../wardrobe.dto.js';

/** Something lent out, or borrowed, with the day it is due. */
export class LoanDto {
  @ApiProperty() person: string;
  @ApiProperty({ type: String, nullable: true }) dueOn: string | null;
  @ApiProperty() isLate: boolean;
  @ApiProperty({ type: [PieceDto] }) pieces: readonly PieceDto[];
}

/** What in the wardrobe waits for a decision. */
export class SortOutDto {
  @ApiProperty({ type: [ClashDto] }) clashes: readonly ClashDto[];
  @ApiProperty({ description: 'Clashes there are in all' }) clashCount: number;
  @ApiProperty({ type: [PieceDto], description: 'Pieces no look wants and no whole figure misses' }) orphans: readonly PieceDto[];
  @ApiProperty() orphanCount: number;
  @ApiProperty({ type: [PieceDto], description: 'Pieces that are only thought to be there' }) unsure: readonly PieceDto[];
  @ApiProperty() unsureCount: number;
  @ApiProperty({ type: [LoanDto], description: 'With somebody else, the longest due first' }) lent: readonly LoanDto[];
  @ApiProperty({ type: [LoanDto], description: 'Somebody else’s, the longest due first' }) borrowed: readonly LoanDto[];
}

export class CopiesOfDto {
  @ApiProperty() id: string;
  @ApiProperty() name: string;
  @ApiProperty() copies: number;
  @ApiProperty({ description: 'Of these, owned as whole figures that may be taken apart' }) owned: number;
}

export class FurtherDto {
  @ApiProperty() id: string;
  @ApiProperty() name: string;
  @ApiProperty({ description: 'Pieces it would serve of what all figures lack' }) serves: number;
}

/** A product with figures that one cannot see: what a copy gives of what a line-up wants. */
export class BlindDto {
  @ApiProperty() id: string;
  @ApiProperty() name: string;
  @ApiProperty({ description: 'Wanted pieces that every copy has' }) surely: number;
  @ApiProperty({ description: 'Wanted pieces in a copy on average' }) onAverage: number;
}

/** The fewest copies of official figures, or of products, that serve a line-up. */
export class LeastCopiesDto {
  @ApiProperty({ type: [CopiesOfDto] }) figures: readonly CopiesOfDto[];
  @ApiProperty() figureTotal: number;
  @ApiProperty({ type: [CopiesOfDto] }) products: readonly CopiesOfDto[];
  @ApiProperty() productTotal: number;
  @ApiProperty({ type: [BlindDto], description: 'Counted above as what they surely give; those that give most on average first' })
  blind: readonly BlindDto[];
  @ApiProperty({ description: 'Is it proven that fewer do not do?' }) isProven: boolean;
  @ApiProperty({ description: 'Official figures that all looks shown at once would take' }) apart: number;
  @ApiProperty({ type: [String], description: 'Parts that no official figure has' }) without: readonly string[];
  @ApiProperty({ type: [FurtherDto], description: 'Which further copy serves most of what all figures lack' })
  further: readonly FurtherDto[];
}
