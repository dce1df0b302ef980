export { amendLot, countLetters, isUntouched, joinLots, partLot } from './takingIn/afterwards';
export type { Amendment } from './takingIn/afterwards';
export { asNew, decided, drop, put, refuse } from './act';
export type { Act, Deciding, Did, DidKind, NewEvent, Now, RecordWrite, Refusal } from './act';
export { brandingStripOf, cutApartEvent, readParts, stripOffEvent } from './cutting/cutApart';
export type { Edge } from './cutting/cutApart';
export { cutOut } from './cutting/cutOut';
export { liesOnPiece, mayBeCut, noteHandCut } from './cutting/byHand';
export { peelOff } from './cutting/peeling';
export { earlier, fillPlace, printTo } from './pages/places';
export { anotherVersion, copyPage, takeVersion, versionsOf } from './pages/versions';
export { heartOf, photosFor } from './pages/hearts';
export type { BegunWith, Heart } from './pages/hearts';
export { beginRound, nearestFirst, pagesRound } from './pages/round';
export type { RoundPage, RoundWish } from './pages/round';
export { tellPage } from './pages/telling';
export { inSchool, jobOf, layForSharing, onPlain } from './sharing/shareJob';
export { pagesToShare } from './sharing/toShare';
export type { Told, WentOn } from './pages/telling';
export { dropNote, keepNote, markNote, notesForNext } from './stash/noting';
export type { Noted, NoteOf } from './stash/noting';
export { layTitle, markWorn } from './laying/lettering';
export { layMat, matLine, papersForMat } from './laying/matting';
export type { MatWish } from './laying/matting';
export type { CutOut } from './cutting/cutOut';
export { claimShareOut, dropSharing } from './sharing/claimShareOut';
export { closeKit, decideOn, openKit } from './closing/closing';
export type { Decision } from './closing/closing';
export { beginFurnished, furnish, furnishTogether } from './pages/furnish';
export type { Bare, Furnished, FurnishWish } from './pages/furnish';
export { gatherKit, putBack, putInto, takeKitApart } from './closing/gathering';
export type { Claiming } from './sharing/claimShareOut';
export { cutEvent } from './cutting/cutEvent';
export { cutWindow, makeCut, makeCuts, noteMishap, takeFromMachine } from './cutting/cutting';
export { doAct, turnBack } from './doAct';
export type { Done, DoneAct, Turning } from './doAct';
export { finishPage, gluePage, putAway, putOnPage } from './laying/finishing';
export { layOn, moveLaid, amendLaid, takeOff } from './laying/laying';
export { layInItsPlace, roundsFor, thingsForRounds } from './laying/ringOfThings';
export type { InItsPlace } from './laying/ringOfThings';
export type { Laying } from './laying/laying';
export { changeItem, nameItems } from './takingIn/naming';
export type { Named } from './takingIn/naming';
export { machineEvent } from './cutting/machineEvent';
export type { MachineWork } from './cutting/machineEvent';
export { isOnPart, mishapEvent } from './cutting/mishap';
export type { Mishap } from './cutting/mishap';
export { countOf, outFor } from './pages/out';
export type { Chosen, Out } from './pages/out';
export {
  anotherPaper,
  liftLayer,
  beginPage,
  beginStoryPages,
  changePage,
  chooseDesign,
  dropPage,
  newPage,
  paperInstead,
} from './pages/pages';
export type { Begun, SomeOf } from './pages/pages';
export { arrive, dropDraft, putParcelAway } from './takingIn/parcels';
export { acceptPlan, releasePage, setPlanAside, takingOut } from './cutting/planning';
export { punchEvent } from './cutting/punchEvent';
export {
  addPhotos,
  beginAlbum,
  buyWish,
  changeAlbum,
  changeFace,
  changeKit,
  changeLot,
  changePhoto,
  changeStory,
  dropAlbum,
  dropDesign,
  dropMonthAim,
  dropRule,
  dropWish,
  keepDesign,
  keepMonthAim,
  keepRule,
  noteWish,
  pictureFace,
  removePhoto,
} from './stash/records';
export {
  bringBack,
  countAnew,
  cutInStash,
  joinLetters,
  moveTo,
  partWith,
  partWithSome,
  putRight,
  takeOut,
  takeSomeOut,
} from './stash/stash';
export type { ChosenThings, Leaving, Recount } from './stash/stash';
export { putScrapAway } from './takingIn/scraps';
export type { Scrap } from './takingIn/scraps';
export { windowEvent } from './cutting/windowEvent';
export { candidatesOf, nextOf, stampsOf, thingsToLay } from './laying/toLay';
export type { ThingsToLay, ToLay } from './laying/toLay';
export { smallGifts } from './laying/smallGifts';
export type { AllowedThing, SmallGifts } from './laying/smallGifts';
export { borrowedFor, pageRecord, piecesOn } from './pages/pageRecord';
export type { CutOnPage, KitOnPage } from './pages/pageRecord';
export { clustersFor } from './laying/clustersFor';
export {
  changeWork,
  chooseTechniques,
  countAs,
  doStep,
  forgetIntention,
  keepIntention,
  meanFor,
} from './pages/working';
export { mendsFor, setAsideRemark } from './laying/mends';
export type { Mend } from './laying/mends';
