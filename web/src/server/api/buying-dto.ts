import 'reflect-metadata';
import { CURRENCIES, OWN_LIMITS, TICK_STATES } from '@herrero/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsISO8601,
  IsIn,
  IsInt,
  IsNumber,
  IsOptional,
  Length,
  Matches,
  Max,
  Min,
  ValidateNested,
} from 'class-validator';
import { ID } from './job-dto';

const MOST_PACK = 10_000;
const MOST_STOCK = 1_000_000;
const MOST_CUT_M = 500;
const MOST_OFF_CUTS = 500;
const MOST_LINES = 5000;
const MOST_OFFERS = 60_000;
const ARTICLE_CHARS = 160;

export class OffCutDto {
  @Matches(ID) id!: string;
  @Length(1, OWN_LIMITS.codeChars) code!: string;
  @IsNumber() @Min(0.001) @Max(MOST_CUT_M) lengthM!: number;
  @IsOptional() @Matches(ID) fromJob!: string | null;
}

/** `POST /api/v1/off-cuts` */
export class OffCutsDto {
  @IsArray() @ArrayMaxSize(MOST_OFF_CUTS) @ValidateNested({ each: true }) @Type(() => OffCutDto) offCuts!: OffCutDto[];
  /** Pieces that a job was cut from, and which job. */
  @IsOptional() @IsArray() @ArrayMaxSize(MOST_OFF_CUTS) @Matches(ID, { each: true }) used?: string[];
  @IsOptional() @Matches(ID) usedBy?: string;
}

export class SupplierOfferDto {
  @Length(1, ARTICLE_CHARS) article!: string;
  @IsNumber() @Min(0) @Max(OWN_LIMITS.priceUsd) price!: number;
  @IsInt() @Min(1) @Max(MOST_PACK) pack!: number;
  @IsOptional() @IsInt() @Min(0) @Max(MOST_STOCK) stock!: number | null;
}

/** `POST /api/v1/suppliers` */
export class SupplierDto {
  @Length(1, 80) name!: string;
  @IsIn(CURRENCIES) currency!: string;
  @Matches(/^\d{4}-\d{2}-\d{2}$/, { message: 'pricedOn must be a day: 2026-11-25' }) pricedOn!: string;
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_OFFERS)
  @ValidateNested({ each: true })
  @Type(() => SupplierOfferDto)
  offers!: SupplierOfferDto[];
}

export class TickDto {
  @Length(1, ARTICLE_CHARS) line!: string;
  @IsIn(TICK_STATES) state!: string;
  @IsISO8601({ strict: true }) at!: string;
}

/** `POST /api/v1/jobs/{id}/ticks` */
export class TicksDto {
  @IsArray() @ArrayMaxSize(MOST_LINES) @ValidateNested({ each: true }) @Type(() => TickDto) ticks!: TickDto[];
}

export class TakenDto {
  @Length(1, OWN_LIMITS.codeChars) code!: string;
  @IsInt() @Min(1) @Max(OWN_LIMITS.onHand) count!: number;
}

/** `PUT /api/v1/jobs/{id}/taken` */
export class TakenPartsDto {
  @IsArray() @ArrayMaxSize(MOST_LINES) @ValidateNested({ each: true }) @Type(() => TakenDto) taken!: TakenDto[];
}

export class AskedArticleDto {
  @Length(1, ARTICLE_CHARS) article!: string;
  @IsInt() @Min(1) @Max(MOST_STOCK) count!: number;
  @IsNumber() @Min(0) @Max(OWN_LIMITS.priceUsd) usualUsd!: number;
}

/** `POST /api/v1/stand-ins/suppliers/{id}` */
export class SupplierQuestionDto {
  @IsArray()
  @ArrayMaxSize(MOST_LINES)
  @ValidateNested({ each: true })
  @Type(() => AskedArticleDto)
  articles!: AskedArticleDto[];
}
