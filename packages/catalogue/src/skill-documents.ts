// Every document of `skills`, in the order they are offered; a test holds list and folder together.
import pull from '../skills/pull.json' with { type: 'json' };
import dip from '../skills/dip.json' with { type: 'json' };
import pushUp from '../skills/push-up.json' with { type: 'json' };
import singleLegSquat from '../skills/single-leg-squat.json' with { type: 'json' };
import nordic from '../skills/nordic.json' with { type: 'json' };
import frontLever from '../skills/front-lever.json' with { type: 'json' };
import planche from '../skills/planche.json' with { type: 'json' };
import leverRaise from '../skills/lever-raise.json' with { type: 'json' };

export const SKILL_DOCUMENTS: readonly unknown[] = [
  pull,
  dip,
  pushUp,
  singleLegSquat,
  nordic,
  frontLever,
  planche,
  leverRaise,
];
