import type { Design } from '../document/design';
import {
  machineFormats,
  nestFiles,
  partFiles,
  uniquelyNamed,
  type MachineFile,
  type MachineFormat,
} from '../exports/machine-files';
import { ok, refuse, type Result } from '../result';
import { nest } from '../shop/nest/nest';
import { materialCases } from '../shop/nest/part-cases';
import { readSawing, type NestFlags } from './nest';

export interface MachineFlags extends NestFlags {
  of: string;
  format: string;
}

const subjects = ['parts', 'sheets'];
/** A sheet for a router: its parts lie a cutter apart, and so far in that it stays on the sheet. */
const ROUTED = { kerf: '12', trim: '15' };

/** Files for machines of the parts of a design, or of its nested sheets. */
export function machineCommand(design: Design, flags: MachineFlags): Result<MachineFile[]> {
  const { of, format } = flags;
  if (!subjects.includes(of))
    return refuse('sheet-unknown', { what: 'machine-files', value: of, known: subjects });
  const known = machineFormats.filter((one) => of === 'parts' || one !== 'points');
  if (!(known as readonly string[]).includes(format))
    return refuse('sheet-unknown', { what: 'format', value: format, known });
  if (of === 'parts') return partFiles(design, format as MachineFormat);
  const sawing = readSawing({ ...ROUTED, ...flags });
  if (!sawing.ok) return sawing;
  const { seconds, ...sawn } = sawing.value;
  const files: MachineFile[] = [];
  for (const one of materialCases(design, sawn)) {
    const found = nest(one.case, { seconds });
    if (!found.ok) return found;
    const made = nestFiles(one, found.value, format as 'dxf' | 'iso');
    if (!made.ok) return made;
    files.push(...made.value);
  }
  return ok(uniquelyNamed(files));
}
