import 'reflect-metadata';
import { REGIONS, type Region, type Seat, type Sex } from '@herrero/core';
import { Type } from 'class-transformer';
import { IsBoolean, IsIn, IsNumber, IsOptional, IsPositive, Max, ValidateNested } from 'class-validator';

class CountDto {
  /** Crests counted over the length. */
  @IsNumber() @IsPositive() @Max(200) count!: number;
  @IsNumber() @IsPositive() @Max(1000) overMm!: number;
}

/** `POST /api/v1/threads/identify`: the pitch in one of three ways, or not at all. */
export class IdentifyDto {
  @IsIn(['male', 'female']) sex!: Sex;
  @IsNumber() diameterMm!: number;
  @IsOptional() @IsNumber() pitchMm?: number;
  @IsOptional() @IsNumber() @IsPositive() tpi?: number;
  @IsOptional() @ValidateNested() @Type(() => CountDto) count?: CountDto;
  @IsOptional() @IsBoolean() tapered?: boolean;
  @IsOptional() @IsIn(['flat', 'cone', 'none']) seat?: Seat;
  @IsOptional() @IsNumber() scatterMm?: number;
  @IsOptional() @IsNumber() tipMm?: number;
  @IsOptional() @IsIn([55, 60]) flankDeg?: 55 | 60;
  @IsOptional() @IsIn(REGIONS) region?: Region;
}
