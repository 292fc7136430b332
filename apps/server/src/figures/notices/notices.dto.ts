import { ApiProperty } from '@nestjs/swagger';

export class NoticeDto {
  @ApiProperty() id: number;
  @ApiProperty() at: string;
  @ApiProperty() figure: string;
  @ApiProperty() variant: string;
  @ApiProperty() text: string;
}
