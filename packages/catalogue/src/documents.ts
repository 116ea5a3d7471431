// Every document of `exercises`, in the order they are offered; a test holds list and folder together.
import deadlift from '../exercises/deadlift.json' with { type: 'json' };
import hipHinge from '../exercises/hip-hinge.json' with { type: 'json' };
import squat from '../exercises/squat.json' with { type: 'json' };
import frontSquat from '../exercises/front-squat.json' with { type: 'json' };
import overheadSquat from '../exercises/overhead-squat.json' with { type: 'json' };
import splitSquat from '../exercises/split-squat.json' with { type: 'json' };
import goodMorning from '../exercises/good-morning.json' with { type: 'json' };
import bentRow from '../exercises/bent-row.json' with { type: 'json' };
import curl from '../exercises/curl.json' with { type: 'json' };
import hammerCurl from '../exercises/hammer-curl.json' with { type: 'json' };
import highPull from '../exercises/high-pull.json' with { type: 'json' };
import shoulderPress from '../exercises/shoulder-press.json' with { type: 'json' };
import sideRaise from '../exercises/side-raise.json' with { type: 'json' };
import sideRaiseCrossed from '../exercises/side-raise-crossed.json' with { type: 'json' };
import frontRaise from '../exercises/front-raise.json' with { type: 'json' };
import calfRaise from '../exercises/calf-raise.json' with { type: 'json' };
import crunch from '../exercises/crunch.json' with { type: 'json' };
import kickbackUnderHand from '../exercises/kickback-under-hand.json' with { type: 'json' };
import seatedCurl from '../exercises/seated-curl.json' with { type: 'json' };
import seatedPress from '../exercises/seated-press.json' with { type: 'json' };
import pushUpAcrossBack from '../exercises/push-up-across-back.json' with { type: 'json' };
import loadedDip from '../exercises/loaded-dip.json' with { type: 'json' };
import pullApart from '../exercises/pull-apart.json' with { type: 'json' };
import chestPress from '../exercises/chest-press.json' with { type: 'json' };
import chestPressAcrossBack from '../exercises/chest-press-across-back.json' with { type: 'json' };
import inclinePress from '../exercises/incline-press.json' with { type: 'json' };
import declinePress from '../exercises/decline-press.json' with { type: 'json' };
import fly from '../exercises/fly.json' with { type: 'json' };
import standingRow from '../exercises/standing-row.json' with { type: 'json' };
import standingRowPalmUp from '../exercises/standing-row-palm-up.json' with { type: 'json' };
import oneArmRow from '../exercises/one-arm-row.json' with { type: 'json' };
import seatedLowRow from '../exercises/seated-low-row.json' with { type: 'json' };
import kneelingPulldown from '../exercises/kneeling-pulldown.json' with { type: 'json' };
import straightArmPullover from '../exercises/straight-arm-pullover.json' with { type: 'json' };
import facePull from '../exercises/face-pull.json' with { type: 'json' };
import pushDown from '../exercises/push-down.json' with { type: 'json' };
import overheadExtension from '../exercises/overhead-extension.json' with { type: 'json' };
import anchoredCurl from '../exercises/anchored-curl.json' with { type: 'json' };
import anchoredKickback from '../exercises/anchored-kickback.json' with { type: 'json' };
import antiRotationPress from '../exercises/anti-rotation-press.json' with { type: 'json' };
import woodChop from '../exercises/wood-chop.json' with { type: 'json' };
import hipAbduction from '../exercises/hip-abduction.json' with { type: 'json' };
import hipAdduction from '../exercises/hip-adduction.json' with { type: 'json' };
import hipExtension from '../exercises/hip-extension.json' with { type: 'json' };
import hipFlexion from '../exercises/hip-flexion.json' with { type: 'json' };
import kneeExtension from '../exercises/knee-extension.json' with { type: 'json' };
import kneeCurl from '../exercises/knee-curl.json' with { type: 'json' };
import anklePush from '../exercises/ankle-push.json' with { type: 'json' };
import anklePull from '../exercises/ankle-pull.json' with { type: 'json' };
import ankleInward from '../exercises/ankle-inward.json' with { type: 'json' };
import ankleOutward from '../exercises/ankle-outward.json' with { type: 'json' };
import outwardRotation from '../exercises/outward-rotation.json' with { type: 'json' };
import inwardRotation from '../exercises/inward-rotation.json' with { type: 'json' };
import outwardRotation45 from '../exercises/outward-rotation-45.json' with { type: 'json' };
import inwardRotation45 from '../exercises/inward-rotation-45.json' with { type: 'json' };
import outwardRotation90 from '../exercises/outward-rotation-90.json' with { type: 'json' };
import inwardRotation90 from '../exercises/inward-rotation-90.json' with { type: 'json' };
import neckBack from '../exercises/neck-back.json' with { type: 'json' };
import neckFront from '../exercises/neck-front.json' with { type: 'json' };
import neckLeft from '../exercises/neck-left.json' with { type: 'json' };
import neckRight from '../exercises/neck-right.json' with { type: 'json' };
import neckRotation from '../exercises/neck-rotation.json' with { type: 'json' };
import neckSeatedArmsOut from '../exercises/neck-seated-arms-out.json' with { type: 'json' };
import neckAthleticStance from '../exercises/neck-athletic-stance.json' with { type: 'json' };
import neckLying from '../exercises/neck-lying.json' with { type: 'json' };
import pullUp from '../exercises/pull-up.json' with { type: 'json' };
import chinUp from '../exercises/chin-up.json' with { type: 'json' };
import widePullUp from '../exercises/wide-pull-up.json' with { type: 'json' };
import dip from '../exercises/dip.json' with { type: 'json' };
import pushUpOnKnees from '../exercises/push-up-on-knees.json' with { type: 'json' };
import pushUpFromAbove from '../exercises/push-up-from-above.json' with { type: 'json' };
import singleLegSquat from '../exercises/single-leg-squat.json' with { type: 'json' };
import nordicLowering from '../exercises/nordic-lowering.json' with { type: 'json' };
import tuckFrontLever from '../exercises/tuck-front-lever.json' with { type: 'json' };
import advancedTuckFrontLever from '../exercises/advanced-tuck-front-lever.json' with { type: 'json' };
import straddleFrontLever from '../exercises/straddle-front-lever.json' with { type: 'json' };
import frontLever from '../exercises/front-lever.json' with { type: 'json' };
import tuckPlanche from '../exercises/tuck-planche.json' with { type: 'json' };
import advancedTuckPlanche from '../exercises/advanced-tuck-planche.json' with { type: 'json' };
import straddlePlanche from '../exercises/straddle-planche.json' with { type: 'json' };
import planche from '../exercises/planche.json' with { type: 'json' };
import leverRaiseStraight from '../exercises/lever-raise-straight.json' with { type: 'json' };
import leverRaiseBent from '../exercises/lever-raise-bent.json' with { type: 'json' };
import lToLever from '../exercises/l-to-lever.json' with { type: 'json' };
import leverPullUp from '../exercises/lever-pull-up.json' with { type: 'json' };
import oneArmPull from '../exercises/one-arm-pull.json' with { type: 'json' };

export const DOCUMENTS: readonly unknown[] = [
  deadlift,
  hipHinge,
  squat,
  frontSquat,
  overheadSquat,
  splitSquat,
  goodMorning,
  bentRow,
  curl,
  hammerCurl,
  highPull,
  shoulderPress,
  sideRaise,
  sideRaiseCrossed,
  frontRaise,
  calfRaise,
  crunch,
  kickbackUnderHand,
  seatedCurl,
  seatedPress,
  pushUpAcrossBack,
  loadedDip,
  pullApart,
  chestPress,
  chestPressAcrossBack,
  inclinePress,
  declinePress,
  fly,
  standingRow,
  standingRowPalmUp,
  oneArmRow,
  seatedLowRow,
  kneelingPulldown,
  straightArmPullover,
  facePull,
  pushDown,
  overheadExtension,
  anchoredCurl,
  anchoredKickback,
  antiRotationPress,
  woodChop,
  hipAbduction,
  hipAdduction,
  hipExtension,
  hipFlexion,
  kneeExtension,
  kneeCurl,
  anklePush,
  anklePull,
  ankleInward,
  ankleOutward,
  outwardRotation,
  inwardRotation,
  outwardRotation45,
  inwardRotation45,
  outwardRotation90,
  inwardRotation90,
  neckBack,
  neckFront,
  neckLeft,
  neckRight,
  neckRotation,
  neckSeatedArmsOut,
  neckAthleticStance,
  neckLying,
  pullUp,
  chinUp,
  widePullUp,
  dip,
  pushUpOnKnees,
  pushUpFromAbove,
  singleLegSquat,
  nordicLowering,
  tuckFrontLever,
  advancedTuckFrontLever,
  straddleFrontLever,
  frontLever,
  tuckPlanche,
  advancedTuckPlanche,
  straddlePlanche,
  planche,
  leverRaiseStraight,
  leverRaiseBent,
  lToLever,
  leverPullUp,
  oneArmPull,
];
