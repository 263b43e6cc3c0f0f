import 'reflect-metadata';
import {
  AVOIDABLE,
  type Avoidable,
  CAPABILITIES,
  type Capability,
  LEANS,
  type Lean,
  MATERIALS,
  REGIONS,
  type Region,
} from '@herrero/core';
import { ArrayMaxSize, IsArray, IsIn, IsInt, IsNumber, IsOptional, Length, Max, Min } from 'class-validator';

/** The most that one question may ask for: a search answers within a moment. */
export const MOST_ROUTES = 20;
export const MOST_PARTS = 8;

/** `POST /api/v1/routes` */
export class RoutesDto {
  /** The open ends as they stand. */
  @Length(1, 80) from!: string;
  @Length(1, 80) to!: string;
  @IsOptional() @IsIn(MATERIALS) fromMaterial?: (typeof MATERIALS)[number];
  @IsOptional() @IsIn(MATERIALS) toMaterial?: (typeof MATERIALS)[number];
  /** Is `to` the end that the finished run shall offer, or the end that it shall join? */
  @IsOptional() @IsIn(['offers', 'joins']) target?: 'offers' | 'joins';
  @IsOptional() @IsIn(REGIONS) region?: Region;
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(CAPABILITIES.length)
  @IsIn(CAPABILITIES, { each: true })
  require?: Capability[];
  @IsOptional() @IsArray() @ArrayMaxSize(AVOIDABLE.length) @IsIn(AVOIDABLE, { each: true }) avoid?: Avoidable[];
  @IsOptional() @IsArray() @ArrayMaxSize(LEANS.length) @IsIn(LEANS, { each: true }) prefer?: Lean[];
  @IsOptional() @IsNumber() @Min(0) @Max(1000) minBoreMm?: number;
  @IsOptional() @IsInt() @Min(1) @Max(MOST_ROUTES) limit?: number;
  @IsOptional() @IsInt() @Min(1) @Max(MOST_PARTS) mostParts?: number;
}
