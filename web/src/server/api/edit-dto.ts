import 'reflect-metadata';
import { COLLECTIONS, EDIT_TYPES } from '@herrero/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsDefined,
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  Length,
  Matches,
  MaxLength,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import {
  EndRefDto,
  ID,
  InflowDto,
  MarkDto,
  PenetrationDto,
  PlacedPartDto,
  RoofDto,
  TankDto,
  TerminalDto,
} from './job-dto';

const MOST_EDITS = 200;
const MOST_CHANGES = 20_000;

class EditDto {
  @IsIn(EDIT_TYPES) type!: string;
}

class ChangeFieldDto extends EditDto {
  @IsIn([...COLLECTIONS, 'settings']) in!: string;
  @IsOptional() @Matches(ID) id?: string;
  @Length(1, 40) field!: string;
  @ValidateIf((edit: ChangeFieldDto) => edit.from !== null) @IsDefined() from!: unknown;
  @ValidateIf((edit: ChangeFieldDto) => edit.to !== null) @IsDefined() to!: unknown;
}

/** A new tank or opening comes without its label: the job gives the next free one. */
class NewTankDto extends TankDto {
  @IsOptional() declare label: string;
}
class NewPenetrationDto extends PenetrationDto {
  @IsOptional() declare label: string;
}

class AddTankDto extends EditDto {
  @IsObject() @ValidateNested() @Type(() => NewTankDto) tank!: NewTankDto;
}
class RemoveTankDto extends EditDto {
  @Matches(ID) tankId!: string;
}
class AddPenetrationDto extends EditDto {
  @IsObject() @ValidateNested() @Type(() => NewPenetrationDto) penetration!: NewPenetrationDto;
  @IsOptional() @Length(1, 12) label?: string;
}
class RemovePenetrationDto extends EditDto {
  @Matches(ID) penetrationId!: string;
}
class AddRoofDto extends EditDto {
  @IsObject() @ValidateNested() @Type(() => RoofDto) roof!: RoofDto;
}
class AddInflowDto extends EditDto {
  @IsObject() @ValidateNested() @Type(() => InflowDto) inflow!: InflowDto;
}
class AddMarkDto extends EditDto {
  @IsObject() @ValidateNested() @Type(() => MarkDto) mark!: MarkDto;
}
class RemovePlaceDto extends EditDto {
  @IsIn(['roofs', 'inflows', 'terminals', 'marks']) in!: string;
  @Matches(ID) id!: string;
}
class AddTerminalDto extends EditDto {
  @IsObject() @ValidateNested() @Type(() => TerminalDto) terminal!: TerminalDto;
}
class AddPartDto extends EditDto {
  @IsObject() @ValidateNested() @Type(() => PlacedPartDto) part!: PlacedPartDto;
  @IsObject() @ValidateNested() @Type(() => EndRefDto) at!: EndRefDto;
  @IsInt() @Min(0) partEnd!: number;
  @Matches(ID) jointId!: string;
}
class InsertPartDto extends EditDto {
  @IsObject() @ValidateNested() @Type(() => PlacedPartDto) part!: PlacedPartDto;
  @Matches(ID) jointId!: string;
  @IsInt() @Min(0) endTowardsA!: number;
  @IsInt() @Min(0) endTowardsB!: number;
  @Matches(ID) newJointId!: string;
}
class CutPartDto extends EditDto {
  @Matches(ID) partId!: string;
  @IsInt() @Min(0) farEnd!: number;
  @ValidateIf((edit: CutPartDto) => edit.nearM !== null) @IsNumber() nearM!: number | null;
  @ValidateIf((edit: CutPartDto) => edit.farM !== null) @IsNumber() farM!: number | null;
  @Matches(ID) newPartId!: string;
}
class MoveToDto {
  @IsIn(['joint', 'end']) at!: string;
  @Matches(ID) jointId!: string;
  @ValidateIf((to: MoveToDto) => to.at === 'joint') @IsBoolean() firstToA?: boolean;
  @ValidateIf((to: MoveToDto) => to.at === 'joint') @Matches(ID) newJointId?: string;
  @ValidateIf((to: MoveToDto) => to.at === 'end') @IsObject() @ValidateNested() @Type(() => EndRefDto) ref?: EndRefDto;
}
class MoveStretchDto extends EditDto {
  @IsObject() @ValidateNested() @Type(() => EndRefDto) first!: EndRefDto;
  @IsObject() @ValidateNested() @Type(() => EndRefDto) last!: EndRefDto;
  @IsObject() @ValidateNested() @Type(() => MoveToDto) to!: MoveToDto;
}
class ReplacePartDto extends EditDto {
  @Matches(ID) partId!: string;
  @Length(1, 60) from!: string;
  @Length(1, 60) to!: string;
}
class OnePartDto extends EditDto {
  @Matches(ID) partId!: string;
}
class JoinEndsDto extends EditDto {
  @Matches(ID) jointId!: string;
  @IsObject() @ValidateNested() @Type(() => EndRefDto) a!: EndRefDto;
  @IsObject() @ValidateNested() @Type(() => EndRefDto) b!: EndRefDto;
}
class SeparateDto extends EditDto {
  @Matches(ID) jointId!: string;
}
class ChangeDto {
  @IsIn([...COLLECTIONS, 'settings']) in!: string;
  @ValidateIf((change: ChangeDto) => change.in !== 'settings') @Matches(ID) id?: string;
  @ValidateIf((change: ChangeDto) => change.in !== 'settings') @IsInt() @Min(0) index?: number;
  /** The records are checked with the whole document they make. */
  @ValidateIf((change: ChangeDto) => change.from !== null) @IsObject() from!: object | null;
  @ValidateIf((change: ChangeDto) => change.to !== null) @IsObject() to!: object | null;
}
class RevertDto extends EditDto {
  @IsString() @MaxLength(200) label!: string;
  @IsArray() @ArrayMaxSize(MOST_CHANGES) @ValidateNested({ each: true }) @Type(() => ChangeDto) changes!: ChangeDto[];
}

/** The shape of each kind of edit; a test holds this list equal to core's. */
export const EDIT_DTOS = {
  'change-field': ChangeFieldDto,
  'add-tank': AddTankDto,
  'remove-tank': RemoveTankDto,
  'add-penetration': AddPenetrationDto,
  'remove-penetration': RemovePenetrationDto,
  'add-terminal': AddTerminalDto,
  'add-roof': AddRoofDto,
  'add-inflow': AddInflowDto,
  'add-mark': AddMarkDto,
  'remove-place': RemovePlaceDto,
  'add-part': AddPartDto,
  'insert-part': InsertPartDto,
  'cut-part': CutPartDto,
  'move-stretch': MoveStretchDto,
  'replace-part': ReplacePartDto,
  'remove-part': OnePartDto,
  'turn-part': OnePartDto,
  'join-ends': JoinEndsDto,
  separate: SeparateDto,
  revert: RevertDto,
} as const;

/** `POST /api/v1/jobs/{id}/edits` */
export class EditsDto {
  @IsInt() @Min(1) baseRevision!: number;
  @IsOptional() @Matches(ID) batchId?: string;
  @IsOptional() @Length(1, 80) author?: string;
  @IsOptional() @Matches(ID) undoes?: string;
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(MOST_EDITS)
  @ValidateNested({ each: true })
  @Type(() => EditDto, {
    keepDiscriminatorProperty: true,
    discriminator: { property: 'type', subTypes: Object.entries(EDIT_DTOS).map(([name, value]) => ({ name, value })) },
  })
  edits!: EditDto[];
}
