/** The operations of the bench, by their names. */
import { setUp } from './set-up';
import { take } from './take';
import { takeSolid } from './take-solid';
import { dissolve } from './dissolve';
import { add } from './add';
import { pass } from './pass';
import { heat } from './heat';
import { evaporate } from './evaporate';
import { ignite } from './ignite';
import { lead } from './lead';
import { cool } from './cool';
import { shake } from './shake';
import { centrifuge } from './centrifuge';
import { stand } from './stand';
import { decant } from './decant';
import { filter } from './filter';
import { wash } from './wash';
import { paper } from './paper';
import { splint } from './splint';
import { limewater } from './limewater';
import { smell } from './smell';
import { look } from './look';
import { rod } from './rod';
import { flame } from './flame';
import { bead } from './bead';
import { dryHeat } from './dry-heat';
import { charcoal } from './charcoal';
import { carbonateExtract } from './carbonate-extract';
import { fuse } from './fuse';
import { shakeOut } from './shake-out';
import { workOn } from './work-on';
import { test } from './test';

export const OPERATIONS = {
  'set-up': setUp,
  take,
  'take-solid': takeSolid,
  dissolve,
  add,
  pass,
  heat,
  evaporate,
  ignite,
  lead,
  cool,
  shake,
  centrifuge,
  stand,
  decant,
  filter,
  wash,
  paper,
  splint,
  limewater,
  smell,
  look,
  rod,
  flame,
  bead,
  'dry-heat': dryHeat,
  charcoal,
  'carbonate-extract': carbonateExtract,
  fuse,
  'shake-out': shakeOut,
  'work-on': workOn,
  test,
} as const;
