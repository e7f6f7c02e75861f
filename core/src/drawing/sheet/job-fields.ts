import { Optional, Words } from '../../document/decorators';
import { MOST_FIELD, MOST_LINE } from './style-choices';

/** Who a job is for and where it is, its number, who draws it and who has checked it: what the title block says beside its name. */
export class JobFields {
  @Optional() @Words(1, MOST_LINE) client?: string;
  @Optional() @Words(1, MOST_LINE) site?: string;
  @Optional() @Words(1, MOST_FIELD) number?: string;
  @Optional() @Words(1, MOST_FIELD) drawnBy?: string;
  @Optional() @Words(1, MOST_FIELD) checkedBy?: string;
}
