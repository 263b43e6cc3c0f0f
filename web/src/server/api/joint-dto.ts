import 'reflect-metadata';
import { MATERIALS } from '@herrero/core';
import { IsIn, IsOptional, Length } from 'class-validator';

/** `POST /api/v1/joints/check` */
export class JointCheckDto {
  @Length(1, 80) a!: string;
  @Length(1, 80) b!: string;
  @IsOptional() @IsIn(MATERIALS) aMaterial?: (typeof MATERIALS)[number];
  @IsOptional() @IsIn(MATERIALS) bMaterial?: (typeof MATERIALS)[number];
}
