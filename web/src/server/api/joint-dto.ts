import 'reflect-metadata';
import { CEMENTS, type Cement, MATERIALS, MEDIA, type Medium } from '@herrero/core';
import { ArrayMaxSize, IsArray, IsIn, IsOptional, Length } from 'class-validator';

/** `POST /api/v1/joints/check` */
export class JointCheckDto {
  @Length(1, 80) a!: string;
  @Length(1, 80) b!: string;
  @IsOptional() @IsIn(MATERIALS) aMaterial?: (typeof MATERIALS)[number];
  @IsOptional() @IsIn(MATERIALS) bMaterial?: (typeof MATERIALS)[number];
  /** What it is really made with; absent: with what it needs. */
  @IsOptional() @IsArray() @ArrayMaxSize(MEDIA.length) @IsIn(MEDIA, { each: true }) madeWith?: Medium[];
  @IsOptional() @IsIn(CEMENTS) cement?: Cement;
}
