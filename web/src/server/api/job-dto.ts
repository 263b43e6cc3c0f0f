import 'reflect-metadata';
import {
  BASES,
  CURRENCIES,
  CLEANINGS,
  type Catalogue,
  FACES,
  FROST_PLANS,
  HEADINGS,
  INFLOW_KINDS,
  LENGTH_KINDS,
  MARK_KINDS,
  type FieldProblem,
  type Job,
  MEDIA,
  NOMINAL_SIZES,
  PLACE_KINDS,
  PORT_USES,
  READ_BY,
  ROLES,
  SCHEMA_VERSION,
  SPARES,
  SUBSTRATES,
  SUN_PLANS,
  TRIM_STEPS,
  validateJob,
} from '@herrero/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  Equals,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  IsString,
  Length,
  Matches,
  MaxLength,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import { shapeProblems } from './read-body';

/** Ids are made by the sender: short, plain, safe in a path and in an attribute. */
export const ID = /^[A-Za-z0-9][A-Za-z0-9_.:-]{0,79}$/;
const MOST = 5000;
const orNull =
  (field: string) =>
  (dto: object): boolean =>
    (dto as Record<string, unknown>)[field] !== null;

export class HeightRefDto {
  @IsIn(['ground', 'roof', 'terminal', 'mark']) of!: string;
  @ValidateIf((ref: HeightRefDto) => ref.of !== 'ground') @Matches(ID) id?: string;
}

export class ReadingDto {
  @IsObject() @ValidateNested() @Type(() => HeightRefDto) from!: HeightRefDto;
  @IsIn(READ_BY) by!: string;
  @IsNumber() downM!: number;
}

const MOST_READINGS = 100;

/** A record whose height was read. */
class ReadDto {
  @IsArray()
  @ArrayMaxSize(MOST_READINGS)
  @ValidateNested({ each: true })
  @Type(() => ReadingDto)
  readings!: ReadingDto[];
}

export class RoofDto extends ReadDto {
  @Matches(ID) id!: string;
  @Length(1, 80) name!: string;
  @IsNumber() planAreaM2!: number;
  @ValidateIf(orNull('material')) @Length(1, 40) material!: string | null;
  @ValidateIf(orNull('fixedTo')) @IsIn(SUBSTRATES) fixedTo!: string | null;
  @ValidateIf(orNull('into')) @Matches(ID) into!: string | null;
}

export class InflowDto {
  @Matches(ID) id!: string;
  @Length(1, 80) name!: string;
  @IsIn(INFLOW_KINDS) kind!: string;
  @ValidateIf(orNull('rateM3s')) @IsNumber() rateM3s!: number | null;
  @ValidateIf(orNull('into')) @Matches(ID) into!: string | null;
  @ValidateIf(orNull('airGapM')) @IsNumber() airGapM!: number | null;
}

export class MarkDto extends ReadDto {
  @Matches(ID) id!: string;
  @Length(1, 80) name!: string;
  @IsIn(MARK_KINDS) kind!: string;
  @ValidateIf(orNull('at')) @Matches(ID) at!: string | null;
  @ValidateIf(orNull('finishedM')) @IsNumber() finishedM!: number | null;
}

export class MeteredFillDto {
  @IsNumber() levelM!: number;
  @IsNumber() volumeM3!: number;
}

export class PlanksDto {
  @IsInt() count!: number;
  @IsNumber() widthM!: number;
  @IsNumber() thickM!: number;
  @IsNumber() spanM!: number;
}

export class PumpDto {
  @IsNumber() diameterM!: number;
  @IsNumber() lengthM!: number;
  @IsNumber() intakeM!: number;
  @IsNumber() fromLeftM!: number;
  @IsNumber() fromFrontM!: number;
}

export class TankDto {
  @Matches(ID) id!: string;
  @Length(1, 12) label!: string;
  @Length(1, 40) type!: string;
  @IsNumber() capacityM3!: number;
  @IsNumber() diameterM!: number;
  @IsNumber() baseDiameterM!: number;
  @IsNumber() lengthM!: number;
  @IsNumber() widthM!: number;
  @IsNumber() brimM!: number;
  @IsNumber() heightM!: number;
  @IsNumber() wallM!: number;
  @IsNumber() plinthM!: number;
  @IsNumber() buriedM!: number;
  @IsNumber() accessM!: number;
  @IsArray()
  @ArrayMaxSize(MOST_READINGS)
  @ValidateNested({ each: true })
  @Type(() => MeteredFillDto)
  metered!: MeteredFillDto[];
  @IsIn(BASES) base!: string;
  @ValidateIf(orNull('ratedKg')) @IsNumber() ratedKg!: number | null;
  @ValidateIf(orNull('planks')) @IsObject() @ValidateNested() @Type(() => PlanksDto) planks!: PlanksDto | null;
  @ValidateIf(orNull('contents')) @Length(1, 80) contents!: string | null;
  @ValidateIf(orNull('foodGrade')) @IsBoolean() foodGrade!: boolean | null;
  @ValidateIf(orNull('cleaning')) @IsIn(CLEANINGS) cleaning!: string | null;
  @IsBoolean() dark!: boolean;
  @IsBoolean() filledAsBuried!: boolean;
  @IsBoolean() braced!: boolean;
  @IsNumber() anchorKg!: number;
  @ValidateIf(orNull('pump')) @IsObject() @ValidateNested() @Type(() => PumpDto) pump!: PumpDto | null;
}

export class PenetrationDto {
  @Matches(ID) id!: string;
  @Length(1, 12) label!: string;
  @Matches(ID) tankId!: string;
  @Length(1, 80) name!: string;
  @IsArray() @ArrayMaxSize(ROLES.length) @IsIn(ROLES, { each: true }) roles!: string[];
  @IsIn(NOMINAL_SIZES) size!: string;
  @IsIn(FACES) face!: string;
  @IsNumber() heightM!: number;
  @IsNumber() aroundM!: number;
  @IsNumber() depthM!: number;
  @ValidateIf(orNull('holeM')) @IsNumber() holeM!: number | null;
  @ValidateIf(orNull('port')) @Length(1, 60) port!: string | null;
  @ValidateIf(orNull('portId')) @Matches(ID) portId!: string | null;
  @ValidateIf(orNull('portUse')) @IsIn(PORT_USES) portUse!: string | null;
  @IsBoolean() drawnIn!: boolean;
  @IsBoolean() supported!: boolean;
  @ValidateIf(orNull('shutsM')) @IsNumber() shutsM!: number | null;
  @ValidateIf(orNull('comesApart')) @IsBoolean() comesApart!: boolean | null;
}

export class PlacedPartDto {
  @Matches(ID) id!: string;
  @Length(1, 60) code!: string;
  @ValidateIf(orNull('lengthM')) @IsNumber() lengthM!: number | null;
  @IsBoolean() existing!: boolean;
  @ValidateIf(orNull('points')) @IsIn(HEADINGS) points!: string | null;
  @ValidateIf(orNull('riseM')) @IsNumber() riseM!: number | null;
  @IsBoolean() held!: boolean;
  @IsIn(LENGTH_KINDS) lengthKind!: string;
  @ValidateIf(orNull('trimAt')) @IsIn(TRIM_STEPS) trimAt!: string | null;
}

export class EndRefDto {
  @IsIn(['part', 'hole', 'terminal']) of!: string;
  @Matches(ID) id!: string;
  @ValidateIf((ref: EndRefDto) => ref.of === 'part') @IsInt() @Min(0) end?: number;
}

export class AcceptedDto {
  @Length(1, 80) by!: string;
  @Matches(/^\d{4}-\d{2}-\d{2}$/, { message: 'on must be a day: 2026-11-25' }) on!: string;
}

export class JointDto {
  @Matches(ID) id!: string;
  @IsInt() @Min(1) number!: number;
  @IsObject() @ValidateNested() @Type(() => EndRefDto) a!: EndRefDto;
  @IsObject() @ValidateNested() @Type(() => EndRefDto) b!: EndRefDto;
  @ValidateIf(orNull('accepted')) @IsObject() @ValidateNested() @Type(() => AcceptedDto) accepted!: AcceptedDto | null;
  @ValidateIf(orNull('madeWith')) @IsArray() @ArrayMaxSize(MEDIA.length) @IsIn(MEDIA, { each: true }) madeWith!:
    string[] | null;
}

export class TerminalDto extends ReadDto {
  @Matches(ID) id!: string;
  @Length(1, 80) name!: string;
  @IsIn(PLACE_KINDS) kind!: string;
  @ValidateIf(orNull('offers')) @Length(1, 60) offers!: string | null;
  @ValidateIf(orNull('distanceM')) @IsNumber() distanceM!: number | null;
  @ValidateIf(orNull('throughM')) @IsNumber() throughM!: number | null;
  @IsBoolean() mains!: boolean;
  @ValidateIf(orNull('wantsKpa')) @IsNumber() wantsKpa!: number | null;
  @ValidateIf(orNull('wantsM3s')) @IsNumber() wantsM3s!: number | null;
  @ValidateIf(orNull('vesselM')) @IsNumber() vesselM!: number | null;
  @ValidateIf(orNull('reserveM3')) @IsNumber() reserveM3!: number | null;
}

export class JobDto {
  @Equals(SCHEMA_VERSION, { message: `schemaVersion must be ${SCHEMA_VERSION}` }) schemaVersion!: number;
  @IsString() @MaxLength(120) name!: string;
  @IsIn(['in-gal', 'mm-l']) measures!: string;
  @ValidateIf(orNull('armM')) @IsNumber() armM!: number | null;
  @ValidateIf(orNull('sedimentM')) @IsNumber() sedimentM!: number | null;
  @ValidateIf(orNull('groundWaterM')) @IsNumber() groundWaterM!: number | null;
  @ValidateIf(orNull('frostM')) @IsNumber() frostM!: number | null;
  @ValidateIf(orNull('groundKpa')) @IsNumber() groundKpa!: number | null;
  @ValidateIf(orNull('stormMmPerH')) @IsNumber() stormMmPerH!: number | null;
  @ValidateIf(orNull('standM')) @IsNumber() standM!: number | null;
  @ValidateIf(orNull('fallShare')) @IsNumber() fallShare!: number | null;
  @ValidateIf(orNull('coverM')) @IsNumber() coverM!: number | null;
  @IsBoolean() silicone!: boolean;
  @ValidateIf(orNull('sunPlan')) @IsIn(SUN_PLANS) sunPlan!: string | null;
  @ValidateIf(orNull('frostPlan')) @IsIn(FROST_PLANS) frostPlan!: string | null;
  @ValidateIf(orNull('drinking')) @IsBoolean() drinking!: boolean | null;
  @IsIn(SPARES) spares!: string;
  @IsIn(CURRENCIES) currency!: string;
  @ValidateIf(orNull('taxPercent')) @IsNumber() taxPercent!: number | null;
  @IsArray() @ArrayMaxSize(MOST) @ValidateNested({ each: true }) @Type(() => RoofDto) roofs!: RoofDto[];
  @IsArray() @ArrayMaxSize(MOST) @ValidateNested({ each: true }) @Type(() => InflowDto) inflows!: InflowDto[];
  @IsArray() @ArrayMaxSize(MOST) @ValidateNested({ each: true }) @Type(() => MarkDto) marks!: MarkDto[];
  @IsArray() @ArrayMaxSize(MOST) @ValidateNested({ each: true }) @Type(() => TankDto) tanks!: TankDto[];
  @IsArray()
  @ArrayMaxSize(MOST)
  @ValidateNested({ each: true })
  @Type(() => PenetrationDto)
  penetrations!: PenetrationDto[];
  @IsArray() @ArrayMaxSize(MOST) @ValidateNested({ each: true }) @Type(() => PlacedPartDto) parts!: PlacedPartDto[];
  @IsArray() @ArrayMaxSize(MOST) @ValidateNested({ each: true }) @Type(() => JointDto) joints!: JointDto[];
  @IsArray() @ArrayMaxSize(MOST) @ValidateNested({ each: true }) @Type(() => TerminalDto) terminals!: TerminalDto[];
}

/** What is wrong with a document: its shape first, and only of a sound shape whether it contradicts itself. */
export function documentProblems(job: Job, catalogue: Catalogue): readonly FieldProblem[] {
  const { problems } = shapeProblems(JobDto, job);
  return problems.length > 0 ? problems : validateJob(job, catalogue);
}
