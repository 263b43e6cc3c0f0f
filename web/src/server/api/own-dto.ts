import 'reflect-metadata';
import { OWN_LIMITS } from '@herrero/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsInt,
  IsNumber,
  IsOptional,
  IsString,
  Length,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';

/** So many rows are taken at once; a list of a whole counter has fewer. */
export const MOST_ROWS = 60_000;

/** The shape of a part of one's own; whether it makes sense is for `makeOwnPart` to say. */
export class OwnPartDto {
  @Length(1, OWN_LIMITS.codeChars) code!: string;
  @Length(1, OWN_LIMITS.nameChars) name!: string;
  @MaxLength(OWN_LIMITS.nameChars) detail!: string;
  @Length(1, 12) size!: string;
  @Length(1, 20) material!: string;
  @IsArray() @ArrayMaxSize(OWN_LIMITS.ends) @IsString({ each: true }) ends!: string[];
  @IsOptional() @IsNumber() lengthMm!: number | null;
  @IsOptional() @IsNumber() boreMm!: number | null;
  @IsNumber() priceUsd!: number;
  @IsOptional() @IsNumber() stockLengthM!: number | null;
  @IsArray() @ArrayMaxSize(10) @IsString({ each: true }) does!: string[];
}

export class HoldingDto {
  @Length(1, OWN_LIMITS.codeChars) code!: string;
  @IsInt() @Min(0) @Max(OWN_LIMITS.onHand) onHand!: number;
  @IsOptional() @IsNumber() @Min(0) @Max(OWN_LIMITS.priceUsd) priceUsd!: number | null;
}

/** `POST /api/v1/parts/own` */
export class OwnPartsDto {
  @IsArray() @ArrayMaxSize(MOST_ROWS) @ValidateNested({ each: true }) @Type(() => OwnPartDto) own!: OwnPartDto[];
  @IsArray() @ArrayMaxSize(MOST_ROWS) @ValidateNested({ each: true }) @Type(() => HoldingDto) holdings!: HoldingDto[];
}
