import { Injectable } from '@angular/core';
import { Subject } from 'rxjs';

/** Tells the list of a review of whose period everything is decided, wherever that was done. */
@Injectable({ providedIn: 'root' })
export class Decided {
  /** The person's id. */
  readonly person = new Subject<string>();
}
